import type { JobPaper } from '@lone-heron/contract';
import { format } from 'date-fns';
import type { Content, CustomTableLayout, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { cautionBox, factTable, heading, ruledLayout } from '../../shared/paper/pageParts.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';
import { noCertificate } from './jobPapers.js';
import { markedPictureSvg, type PaperPicture } from './markedPictureSvg.js';

/** How wide the columns of a paper's tables are; those that are not named share what is left. */
const narrow = new Set([
  'Done',
  'Mark',
  'Seams',
  'Window',
  'Seam',
  'By',
  'When',
  'Card',
  'Level',
  'Open',
  'A piece',
  'The job',
]);

/** A paper of a job laid out: facts, tables, and what it is not. */
export function paperPdf(
  paper: JobPaper,
  printedAt: Date,
  frame: PageFrame,
  pictures: readonly PaperPicture[] = [],
): TDocumentDefinitions {
  const { margin, scale, innerWidth } = frame;
  return {
    pageSize: frame.size,
    pageOrientation: frame.orientation,
    pageMargins: [margin, margin, margin, margin + 14 * scale],
    info: { title: paper.title, creator: 'Lone Heron' },
    content: [
      printed(paper.title, { bold: true, fontSize: 22 * scale }),
      {
        ...factTable(
          paper.facts.map(({ name, value }) => [name, value]),
          scale,
        ),
        margin: [0, 4 * scale, 0, 0],
      },
      ...(paper.name === 'weldMap' ? pictures : []).map((picture) => picturePart(picture, frame)),
      ...paper.tables.map((table) => tablePart(table, innerWidth, scale)),
      { ...cautionBox(noCertificate, 10 * scale), margin: [0, 10 * scale, 0, 0], unbreakable: true },
    ],
    footer: (page, pages) => ({
      margin: [margin, 0, margin, 0],
      columns: [
        printed(`Printed ${format(printedAt, 'd MMM yyyy HH:mm')}`, { fontSize: 8.5 * scale }),
        printed(`Page ${page} of ${pages}`, { fontSize: 8.5 * scale, alignment: 'right' }),
      ],
    }),
  };
}

/** As large as half a page lets it be, so that a table begins under it. */
function picturePart(picture: PaperPicture, { innerWidth, innerHeight, scale }: PageFrame): Content {
  const { data } = picture;
  const width = Math.min(innerWidth, (innerHeight * 0.55) / picture.heightShare);
  return {
    stack: [
      heading(picture.name === '' ? 'The part' : picture.name, innerWidth, 12 * scale),
      data === null
        ? printed('This picture is not here yet, or cannot be read.', { fontSize: 9.5 * scale })
        : { svg: markedPictureSvg({ ...picture, data }, width), margin: [0, 4 * scale, 0, 0] },
    ],
    unbreakable: true,
  };
}

/** Up to so many rows a table stays on one page, with its heading. */
const keptTogether = 12;

function tablePart(
  { heading: words, ...table }: JobPaper['tables'][number],
  width: number,
  scale: number,
): Content {
  const fontSize = 9.5 * scale;
  const { columns, rows } = withoutEmpty(table);
  if (rows.length === 0)
    return [heading(words, width, 12 * scale), printed('Nothing is written down.', { fontSize })];
  const head = columns.map((name): TableCell => printed(name, { bold: true, fontSize }));
  const body = rows.map((row) =>
    row.map((cell, i): TableCell => printed(cell, { fontSize, noWrap: columns[i] === 'When' })),
  );
  const widths = columns.map((name) => (narrow.has(name) ? 'auto' : '*'));
  const none = columns.slice(1).map((): TableCell => ({ text: '' }));
  // Its heading is a row of the table: alone at the foot of a page it would head nothing.
  const title: TableCell = {
    ...printed(words, { bold: true, fontSize: 12 * scale }),
    colSpan: columns.length,
  };
  return {
    table: {
      ...{ headerRows: 2, keepWithHeaderRows: 1, dontBreakRows: true, widths },
      body: [[title, ...none], head, ...body],
    },
    layout: headedLayout(scale),
    margin: [0, 8 * scale, 0, 0],
    unbreakable: rows.length <= keptTogether,
  };
}

/** A heavy line over the heading that a table begins with, thin ones under its rows. */
function headedLayout(scale: number): CustomTableLayout {
  return {
    ...ruledLayout(scale),
    hLineWidth: (line) => (line === 0 ? 1.5 : 0.5),
    hLineColor: (line) => (line === 0 ? '#000000' : '#777777'),
  };
}

/** Columns that say nothing in any row are left out. */
function withoutEmpty({ columns, rows }: Omit<JobPaper['tables'][number], 'heading'>) {
  const kept = columns.map((name, i) => name === '' || rows.some((row) => row[i] !== ''));
  return {
    columns: columns.filter((_, i) => kept[i]),
    rows: rows.map((row) => row.filter((_, i) => kept[i])),
  };
}
