import { stockAdvice, type StockAdvice, type StockItem } from '@lone-heron/contract';
import { format } from 'date-fns';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';
import { figure } from '../../shared/figures/figures.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';

/** A line of the order. */
interface OrderLine extends StockAdvice {
  readonly item: StockItem;
}

/** What is to be ordered, supplier by supplier, with a box to tick each off. */
export function orderPaper(
  items: readonly StockItem[],
  printedAt: Date,
  { margin, scale, size, orientation }: PageFrame,
): TDocumentDefinitions {
  const lines = items
    .map((item): OrderLine => ({ item, ...stockAdvice(item) }))
    .filter(({ order }) => order > 0);
  const suppliers = [...new Set(lines.map(({ item }) => item.supplier))].toSorted();
  const together = lines.reduce((sum, { cost }) => sum + (cost ?? 0), 0);
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
      ...suppliers.flatMap((supplier) => [
        printed(supplier === '' ? 'No supplier written down' : supplier, {
          bold: true,
          fontSize: 13 * scale,
          margin: [0, 8, 0, 3],
        }),
        linesOf(
          lines.filter(({ item }) => item.supplier === supplier),
          scale,
        ),
      ]),
      printed(`Together ${figure(together, 2)}, as far as prices are known.`, {
        fontSize: 11 * scale,
        margin: [0, 10, 0, 0],
      }),
    ],
  };
}

function linesOf(lines: readonly OrderLine[], scale: number): Content {
  const text = (words: string, bold = false): TableCell => printed(words, { bold, fontSize: 11 * scale });
  const side = 9 * scale;
  const box = (): TableCell => ({ canvas: [{ type: 'rect', x: 0, y: 2, w: side, h: side, lineWidth: 0.8 }] });
  const head = ['', 'Order', 'Spare', 'In the drawer', 'Price', 'Cost'].map((words) => text(words, true));
  return {
    table: {
      widths: [14 * scale, 'auto', '*', 'auto', 'auto', 'auto'],
      headerRows: 1,
      dontBreakRows: true,
      body: [
        head,
        ...lines.map(({ item, order, cost }) => [
          box(),
          text(String(order), true),
          text(`${item.name}${item.lot === '' ? '' : ` (last lot ${item.lot})`}`),
          text(String(item.count)),
          text(item.price === null ? '' : spokenMoney(item.price)),
          text(cost === null ? '' : spokenMoney(cost)),
        ]),
      ],
    },
    layout: 'lightHorizontalLines',
  };
}
