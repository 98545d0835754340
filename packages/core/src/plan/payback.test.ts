import { broughtInAfter, payback } from './index.js';

const part = {
  price: 12_000,
  perYear: 1200,
  oldMinutesPerPart: 30,
  newMinutesPerPart: 10,
  partsPerMonth: 60,
  ratePerHour: 45,
  oldConsumablesPerPart: 2,
  newConsumablesPerPart: 3,
  discountPerYear: 0,
};

describe('when a machine has paid', () => {
  it('is its price over what it saves a month, where money costs nothing', () => {
    // 20 minutes at 45 an hour less 1 for what it uses, 60 times, less 100 a month for keeping it.
    expect(payback(part)).toEqual({ savedPerMonth: 740, months: 12_000 / 740 });
  });

  it('is later the dearer money is, and at last never', () => {
    const months = [0, 0.05, 0.1, 0.2].map(
      (discountPerYear) => payback({ ...part, discountPerYear }).months!,
    );
    expect([...months].sort((a, b) => a - b)).toEqual(months);
    // 740 a month for ever is worth 740 / i, and i of a year that doubles money is 5.9 %.
    expect(payback({ ...part, price: 12_600, discountPerYear: 1 }).months).toBeNull();
    expect(payback({ ...part, price: 12_400, discountPerYear: 1 }).months).toBeGreaterThan(50);
  });

  it('is never where it saves nothing, and at once where it costs nothing', () => {
    expect(payback({ ...part, newMinutesPerPart: 30 }).months).toBeNull();
    expect(payback({ ...part, perYear: 740 * 12 + 1200 })).toEqual({ savedPerMonth: 0, months: null });
    expect(payback({ ...part, price: 0, partsPerMonth: 0 }).months).toBe(0);
  });

  it.each([0, 0.06, 0.4])('has brought in its price by then, at %d a year for money', (discountPerYear) => {
    const input = { ...part, discountPerYear };
    const months = payback(input).months!;
    expect(broughtInAfter(input, 0)).toBe(-12_000);
    expect(broughtInAfter(input, months)).toBeCloseTo(0, 6);
    expect(broughtInAfter(input, months * 1.1)).toBeGreaterThan(0);
    // Of money that costs nothing every month brings the same.
    if (discountPerYear === 0) expect(broughtInAfter(input, 10)).toBe(7400 - 12_000);
    expect(() => broughtInAfter(input, -1)).toThrow('months -1: allowed is 0 to 10000.');
  });

  it.each([
    ['price', -1, 'price -1 in the shop’s money: allowed is 0 to 1000000000 in the shop’s money.'],
    ['partsPerMonth', Number.NaN, 'parts a month NaN: allowed is 0 to 1000000.'],
    ['newMinutesPerPart', -3, 'a part on the machine -3 min: allowed is 0 to 1000000 min.'],
    ['discountPerYear', 6, 'what money costs a year 6 as a share: allowed is 0 to 1 as a share.'],
  ])('refuses a %s of %d', (name, value, message) => {
    expect(() => payback({ ...part, [name]: value })).toThrow(message);
  });
});
