import { stockDraftSchema, type StockItem } from '../stockItem.js';
import { stockAdvice } from './stockAdvice.js';

const item = (changes: Partial<StockItem> = {}): StockItem => ({
  ...{ id: '019b0000-0000-7000-8000-000000000001', kind: 'window', name: 'Window', supplier: '', lot: '' },
  ...{ count: 3, price: 12, deliveryDays: 365.25 / 24, serviceLevel: 0.95, usedPerMonth: 4 },
  ...{ countedAt: '2026-11-25T12:00:00.000Z', changesPerMonth: 1, removedAt: null },
  ...changes,
});

describe('what to keep of a spare', () => {
  it('is what a delivery may use up: two in half a month at four a month, five with 95 %', () => {
    expect(stockAdvice(item())).toMatchObject({
      reorderAt: 5,
      expectedInDelivery: expect.closeTo(2, 9) as number,
    });
    expect(stockAdvice(item({ serviceLevel: 0.99 })).reorderAt).toBe(6);
  });

  it('is ordered when down to that, up to a month beyond, with what it costs', () => {
    expect(stockAdvice(item())).toMatchObject({ order: 6, cost: 72 });
    expect(stockAdvice(item({ count: 5 }))).toMatchObject({ order: 4 });
    expect(stockAdvice(item({ count: 6 }))).toMatchObject({ order: 0, cost: 0 });
    expect(stockAdvice(item({ price: null })).cost).toBeNull();
  });

  it('is one of what was never used up and is missing: a focus lens, on the day it breaks', () => {
    const lens = { kind: 'focusLens', usedPerMonth: null, changesPerMonth: 0 } as const;
    expect(stockAdvice(item({ ...lens, count: 0 })).order).toBe(1);
    expect(stockAdvice(item({ ...lens, count: 1 })).order).toBe(0);
  });

  it('goes by the changes recorded here where nobody typed a use, and orders nothing that is not used', () => {
    expect(stockAdvice(item({ usedPerMonth: null })).usedPerMonth).toBe(1);
    expect(stockAdvice(item({ usedPerMonth: 0, count: 0 })).order).toBe(0);
  });
});

describe('figures of a spare that are each allowed and together are not', () => {
  const draft = {
    ...{ kind: 'window', name: 'window 30 x 5', supplier: '', lot: '', count: 3, price: null },
    ...{ serviceLevel: 0.95, usedPerMonth: 500, deliveryDays: 365 },
  };

  it('are refused when they are stored, naming the one to mend', () => {
    const { error } = stockDraftSchema.safeParse(draft);
    expect(error?.issues).toMatchObject([
      { path: ['usedPerMonth'], message: expect.stringContaining('5000') as string },
    ]);
    expect(stockDraftSchema.safeParse({ ...draft, deliveryDays: 300 }).success).toBe(true);
  });

  it('break no page where they were stored before', () => {
    const stored = {
      ...draft,
      id: '',
      countedAt: '',
      changesPerMonth: 0,
      removedAt: null,
    } as unknown as StockItem;
    expect(stockAdvice(stored).reorderAt).toBeGreaterThan(4000);
  });
});
