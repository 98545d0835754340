import { stockAdvice, type StockItem } from '@lone-heron/contract';
import { format } from 'date-fns';
import type { TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';
import { figure } from '../../shared/words/figures.js';

/** What is to be ordered, supplier by supplier, with room to tick it off. */
export function orderPaper(
  items: readonly StockItem[],
  printedAt: Date,
  { margin, scale, size, orientation }: PageFrame,
): TDocumentDefinitions {
  const due = items.map((item) => ({ item, ...stockAdvice(item) })).filter(({ order }) => order > 0);
  const suppliers = [...new Set(due.map(({ item }) => item.supplier))].toSorted();
  const text = (words: string, bold = false): TableCell => printed(words, { bold, fontSize: 11 * scale });
  const head = ['', 'Order', 'Spare', 'In the drawer', 'Price', 'Cost'].map((words) => text(words, true));
  return {
    pageSize: size,
    pageOrientation: orientation,
    pageMargins: [margin, margin, margin, margin],
    info: { title: 'Order list', creator: 'Lone Heron' },
    content: [
      printed('Order list', { bold: true, fontSize: 20 * scale }),
      printed(`${format(printedAt, 'd MMM yyyy')}. Enough for the delivery and a month after it.`, {
        fontSize: 10 * scale,
        margin: [0, 0, 0, 8],
      }),
      ...suppliers.flatMap((supplier) => {
        const mine = due.filter(({ item }) => item.supplier === supplier);
        return [
          printed(supplier === '' ? 'No supplier written down' : supplier, {
            ...{ bold: true, fontSize: 13 * scale },
            margin: [0, 8, 0, 3] as [number, number, number, number],
          }),
          {
            table: {
              widths: [14 * scale, 'auto', '*', 'auto', 'auto', 'auto'],
              headerRows: 1,
              dontBreakRows: true,
              body: [
                head,
                ...mine.map(({ item, order, cost }) => [
                  text('\u2610'),
                  text(String(order), true),
                  text(`${item.name}${item.lot === '' ? '' : ` (last lot ${item.lot})`}`),
                  text(String(item.count)),
                  text(item.price === null ? '' : figure(item.price, 2)),
                  text(cost === null ? '' : figure(cost, 2)),
                ]),
              ],
            },
            layout: 'lightHorizontalLines',
          },
        ];
      }),
      printed(
        `Together ${figure(
          due.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
          2,
        )}, as far as prices are known.`,
        {
          ...{ fontSize: 11 * scale },
          margin: [0, 10, 0, 0],
        },
      ),
    ],
  };
}
