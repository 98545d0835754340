import { ShopClock } from './shopClock.js';

const noon = Date.parse('2026-11-25T12:00:00.000Z');
const shown = (ms: number) => new Date(ms).toUTCString();

describe('the clock of the shop', () => {
  beforeEach(() => jest.useFakeTimers({ now: noon }));
  afterEach(() => jest.useRealTimers());

  it.each([
    ['five minutes ahead of a slow tablet', 5 * 60_000],
    ['two hours behind', -2 * 3600_000],
  ])('is followed where it is %s', (_, aheadMs) => {
    const clock = new ShopClock(null);
    clock.heard(shown(noon + aheadMs), noon - 100, noon);
    expect(Math.abs(clock.now().getTime() - (noon + aheadMs))).toBeLessThan(1000);
  });

  it('is this device’s where they agree to a few seconds, or an answer took long or says nothing', () => {
    const clock = new ShopClock(null);
    clock.heard(shown(noon + 2000), noon - 50, noon);
    clock.heard(shown(noon + 600_000), noon - 30_000, noon);
    clock.heard(null, noon, noon);
    clock.heard('half past', noon, noon);
    expect(clock.now().getTime()).toBe(noon);
  });

  it('tells whoever shows it once it differs, and once it is set right', () => {
    const clock = new ShopClock(null);
    const told: number[] = [];
    clock.subscribe(() => told.push(clock.aheadMs));
    clock.heard(shown(noon + 600_000), noon, noon);
    clock.heard(shown(noon + 600_000), noon, noon);
    clock.heard(shown(noon), noon, noon);
    expect(told).toEqual([600_500, 0]);
  });

  it('is remembered for when the application opens without the server', () => {
    const kept = new Map<string, string>();
    const storage = { getItem: (key: string) => kept.get(key) ?? null, setItem: kept.set.bind(kept) };
    new ShopClock(storage).heard(shown(noon + 600_000), noon, noon);
    expect(new ShopClock(storage).aheadMs).toBe(600_500);
  });
});
