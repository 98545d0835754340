import type { StockItem } from '@lone-heron/contract';
import { pageFrame } from '../../shared/paper/papers.js';
import { orderPaper } from './orderPaper.js';

const item = (name: string, changes: Partial<StockItem> = {}): StockItem => ({
  ...{
    id: `019b0000-0000-7000-8000-${name.length}`,
    kind: 'liner',
    name,
    supplier: 'the weld store',
    lot: '',
  },
  ...{ count: 0, price: 10, deliveryDays: 7, serviceLevel: 0.95, usedPerMonth: 2 },
  ...{ countedAt: '2026-11-25T12:00:00.000Z', changesPerMonth: 0, removedAt: null },
  ...changes,
});
const wordsOf = (items: readonly StockItem[]) =>
  JSON.stringify(orderPaper(items, new Date('2026-11-25T12:00:00.000Z'), pageFrame('A4', 'portrait')));

describe('the order list on paper', () => {
  it('has what is to be ordered under its supplier, and nothing else', () => {
    const words = wordsOf([
      item('Liner'),
      item('Seal', { supplier: 'quay optics' }),
      item('Full', { count: 50 }),
      item('Nobody’s', { supplier: '' }),
    ]);
    expect(words).toContain('quay optics');
    expect(words).toContain('No supplier written down');
    expect(words).not.toContain('Full');
    expect(words.indexOf('quay optics')).toBeLessThan(words.indexOf('the weld store'));
  });

  it('adds up what has a price', () => {
    // Half a spare is used in a delivery: two are kept, and two for the month.
    const words = wordsOf([item('Liner'), item('Dear', { price: null })]);
    expect(words).toMatch(/Together 40, as far as prices are known/);
  });
});
