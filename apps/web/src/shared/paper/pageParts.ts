import type { Content, ContentTable, CustomTableLayout, TableCell } from 'pdfmake/interfaces.js';
import { printed, textRuns } from './printable.js';

/** Thin lines between the rows of a table and nothing else: it stays readable from a grey copy. */
export function ruledLayout(scale: number): CustomTableLayout {
  return {
    hLineWidth: (line) => (line === 0 ? 0 : 0.5),
    vLineWidth: () => 0,
    hLineColor: () => '#777777',
    paddingLeft: () => 0,
    paddingRight: () => 4 * scale,
    paddingTop: () => 2 * scale,
    paddingBottom: () => 2 * scale,
  };
}

/** Names on the left and what they are on the right, a line under each. */
export function factTable(
  facts: readonly (readonly [name: string, value: string])[],
  scale: number,
): ContentTable {
  const fontSize = 11.5 * scale;
  const body = facts.map(([name, value]): TableCell[] => [
    printed(name, { fontSize }),
    printed(value, { fontSize, bold: true }),
  ]);
  return { table: { widths: [58 * scale, '*'], body }, layout: ruledLayout(scale) };
}

/** What nobody may overlook: in a box of its own, since an amber ground is lost in print. */
export function cautionBox(words: string, fontSize: number): ContentTable {
  return {
    table: {
      widths: ['*'],
      body: [[{ text: [{ text: 'CAUTION  ', bold: true }, ...textRuns(words)], fontSize }]],
    },
    layout: {
      hLineWidth: () => 1.5,
      vLineWidth: () => 1.5,
      paddingLeft: () => 6,
      paddingRight: () => 6,
      paddingTop: () => 4,
      paddingBottom: () => 4,
    },
  };
}

/** A heading with a heavy line over it. */
export function heading(words: string, width: number, fontSize: number): Content {
  return [
    {
      canvas: [{ type: 'line', x1: 0, y1: 0, x2: width, y2: 0, lineWidth: 1.5 }],
      margin: [0, fontSize * 0.7, 0, 1],
    },
    printed(words, { bold: true, fontSize }),
  ];
}
