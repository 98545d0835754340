import type { StockItem } from '@lone-heron/contract';
import { readStock, typedStock } from './typedStock.js';

const item: StockItem = {
  ...{ id: '019b0000-0000-7000-8000-000000000001', kind: 'window', name: 'Window 30 x 5', lot: 'gy 4' },
  ...{ supplier: 'the glass yard', count: 3, price: 12.5, deliveryDays: 9, serviceLevel: 0.95 },
  ...{ usedPerMonth: null, countedAt: '2026-11-25T12:00:00.000Z', changesPerMonth: 4, removedAt: null },
};

describe('a spare as it is typed', () => {
  it('comes back as it was', () => {
    const { id: _id, countedAt: _at, changesPerMonth: _changes, removedAt: _removed, ...draft } = item;
    expect(readStock(typedStock(item)).draft).toEqual(draft);
  });

  it('may leave out the price and the use, and nothing else', () => {
    const typed = { ...typedStock(null), name: 'Liner', count: '2' };
    expect(readStock(typed).draft).toMatchObject({ price: null, usedPerMonth: null, serviceLevel: 0.95 });
    for (const name of ['name', 'count', 'deliveryDays', 'serviceLevel'] as const)
      expect(readStock({ ...typed, [name]: ' ' }).draft).toBeNull();
  });

  it('says what is wrong beside the value, decimal comma or not', () => {
    const read = (changes: object) => readStock({ ...typedStock(item), ...changes });
    expect(read({ price: '12,75' }).draft?.price).toBe(12.75);
    expect(read({ count: '2.5' }).figures.count).toEqual({
      fault: 'count is “2.5”; allowed is a whole number',
    });
    expect(read({ serviceLevel: '100' }).figures.serviceLevel).toHaveProperty('fault');
    expect(read({ serviceLevel: '100' }).draft).toBeNull();
    expect(read({ price: 'dear' }).figures.price).toHaveProperty('fault');
  });
});
