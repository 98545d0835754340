import type { PaperSection } from '@lone-heron/contract';
import { format } from 'date-fns';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { heading, ruledLayout } from '../../shared/paper/pageParts.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';

/** Said on every page: what the papers are not. */
export const notAQualification =
  'Not a qualification. Filled from the shop’s own card and coupons to be completed and judged by whoever is responsible under the code you work to.';

/** What the two papers of a procedure are laid out from. */
export interface ProcedureOnPaper {
  readonly title: string;
  readonly revision: number | null;
  readonly cardWords: string;
  /** SVG of the section; null where no melt can be said. */
  readonly drawing: ((width: number) => string) | null;
  readonly procedure: readonly PaperSection[];
  readonly testRecord: readonly PaperSection[];
  readonly prepared: Signature;
  readonly approved: Signature;
  readonly printedAt: Date;
}

interface Signature {
  readonly name: string | null;
  readonly at: string | null;
}

/** The preliminary procedure sheet and the weld test record, each on pages of its own. */
export function procedurePaper(of: ProcedureOnPaper, frame: PageFrame): TDocumentDefinitions {
  const { margin, scale } = frame;
  return {
    pageSize: frame.size,
    pageOrientation: frame.orientation,
    pageMargins: [margin, margin, margin, margin + 22 * scale],
    info: { title: of.title, creator: 'Lone Heron' },
    content: [
      head('Preliminary welding procedure, laser beam', of, frame),
      ...(of.drawing === null ? [] : [{ svg: of.drawing(200 * scale), margin: 4 * scale }]),
      ...sections(of.procedure, frame),
      signatures(of, frame),
      { ...head('Weld test record, laser beam', of, frame), pageBreak: 'before' },
      ...sections(of.testRecord, frame),
      signatures(of, frame),
    ],
    footer: (page: number, pages: number) => ({
      margin: [margin, 4, margin, 0] as [number, number, number, number],
      stack: [
        printed(notAQualification, { bold: true, fontSize: 8 * scale }),
        printed(
          `${of.cardWords}. Printed ${format(of.printedAt, 'd MMM yyyy HH:mm')}, page ${page} of ${pages}.`,
          { fontSize: 8 * scale },
        ),
      ],
    }),
  };
}

function head(paper: string, { title, revision, cardWords }: ProcedureOnPaper, { scale }: PageFrame) {
  return {
    stack: [
      printed(paper, { fontSize: 12 * scale }),
      printed(title, { bold: true, fontSize: 20 * scale }),
      printed(`${revision === null ? 'Draft, no revision written' : `Revision ${revision}`}. ${cardWords}`, {
        fontSize: 10.5 * scale,
      }),
    ],
  } satisfies Content;
}

function sections(all: readonly PaperSection[], { innerWidth, scale }: PageFrame): Content[] {
  const fontSize = 9.5 * scale;
  return all.map(({ heading: words, lines }) => ({
    unbreakable: lines.length < 14,
    stack: [
      heading(words, innerWidth, 11 * scale),
      {
        table: {
          widths: [150 * scale, '*'],
          body: lines.map(({ name, value }): TableCell[] => [
            printed(name, { fontSize }),
            value === null ? gap(fontSize) : printed(value, { fontSize, bold: true }),
          ]),
        },
        layout: ruledLayout(scale),
      },
    ],
  }));
}

/** A gap that can be filled by hand, and cannot be taken for something that was stated. */
function gap(fontSize: number): TableCell {
  return printed('[ not stated ]  ______________________________', { fontSize, color: '#555555' });
}

function signatures({ prepared, approved }: ProcedureOnPaper, { innerWidth, scale }: PageFrame): Content {
  const fontSize = 9.5 * scale;
  const rows = [
    ['Prepared', prepared],
    ['Approved', approved],
    ['Examined', { name: null, at: null }],
  ] as const;
  return {
    unbreakable: true,
    stack: [
      heading('Signatures', innerWidth, 11 * scale),
      {
        table: {
          widths: [60 * scale, '*', '*', '*'],
          body: rows.map(([role, { name, at }]): TableCell[] => [
            printed(role, { fontSize, margin: [0, 8 * scale, 0, 0] }),
            printed(`Name: ${name ?? '__________________'}`, { fontSize, margin: [0, 8 * scale, 0, 0] }),
            printed(`Date: ${at === null ? '______________' : format(new Date(at), 'd MMM yyyy')}`, {
              fontSize,
              margin: [0, 8 * scale, 0, 0],
            }),
            printed('Signature: ______________', { fontSize, margin: [0, 8 * scale, 0, 0] }),
          ]),
        },
        layout: ruledLayout(scale),
      },
    ],
  };
}
