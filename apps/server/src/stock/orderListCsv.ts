import { stockAdvice, type StockItem } from '@lone-heron/contract';
import { column } from '../csv/csvSheet.js';
import { writeTable } from '../csv/writeTable.js';

const columns = [
  column('part', 'text', 'kind'),
  column('name', 'text', 'name'),
  column('supplier', 'text', 'supplier'),
  column('order', 'number', 'order'),
  column('in the drawer', 'number', 'count'),
  column('order when down to', 'number', 'reorderAt'),
  column('used a month', 'number', 'usedPerMonth'),
  column('delivery days', 'number', 'deliveryDays'),
  column('price', 'number', 'price'),
  column('cost', 'number', 'cost'),
];

/** What is to be ordered now, a line a sort. */
export function orderListCsv(items: readonly StockItem[]): string {
  const rows = items
    .map((item) => ({ ...item, ...stockAdvice(item) }))
    .filter(({ order }) => order > 0)
    .map((row) => ({ ...row, usedPerMonth: Math.round(row.usedPerMonth * 100) / 100 }));
  return writeTable(columns, rows);
}
