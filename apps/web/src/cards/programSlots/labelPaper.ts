import type { HouseUnits, Machine } from '@lone-heron/contract';
import { format } from 'date-fns';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { dialledFigures } from '../dialledFigures.js';
import { slotRows } from './slotReadings.js';
import type { FilledSlot } from './slotStanding.js';

interface LabelsOnPaper {
  readonly machine: Machine;
  readonly filled: readonly FilledSlot[];
  readonly units: HouseUnits;
  readonly printedAt: Date;
}

const across = 2;

/** Labels to cut out and stick beside the panel: the slot's number large, what lies in it, and its numbers. */
export function labelPaper(of: LabelsOnPaper, frame: PageFrame): TDocumentDefinitions {
  const { margin, scale } = frame;
  const cells = of.filled.map((filled) => label(filled, of, scale));
  const rows = Array.from({ length: Math.ceil(cells.length / across) }, (_, i) =>
    Array.from({ length: across }, (_each, j): TableCell => cells[i * across + j] ?? ''),
  );
  return {
    pageSize: frame.size,
    pageOrientation: frame.orientation,
    pageMargins: [margin, margin, margin, margin],
    info: { title: `Labels of ${of.machine.name}`, creator: 'Lone Heron' },
    content: [
      printed(
        `Program slots of ${of.machine.name}, ${format(of.printedAt, 'd MMM yyyy')}. Cut along the lines.`,
        {
          fontSize: 10 * scale,
          margin: [0, 0, 0, 6],
        },
      ),
      {
        table: { widths: Array.from({ length: across }, () => '*'), dontBreakRows: true, body: rows },
        layout: {
          hLineWidth: () => 0.5,
          vLineWidth: () => 0.5,
          hLineStyle: () => ({ dash: { length: 4, space: 3 } }),
          vLineStyle: () => ({ dash: { length: 4, space: 3 } }),
          paddingTop: () => 6,
          paddingBottom: () => 6,
        },
      },
    ],
  };
}

function label(
  { held, card, version }: FilledSlot,
  { machine, units }: LabelsOnPaper,
  scale: number,
): Content {
  const { name, joint, setting } = version.content;
  return {
    columns: [
      printed(String(held.slot), { bold: true, fontSize: 34 * scale, alignment: 'center' }),
      {
        width: '*',
        stack: [
          printed(name, { bold: true, fontSize: 13 * scale }),
          printed(jointInWords(joint), { fontSize: 10 * scale }),
          printed(dialledFigures(slotRows(setting, machine, units)), { bold: true, fontSize: 10 * scale }),
          printed(`card ${card.number}, version ${held.version}`, { fontSize: 8.5 * scale }),
        ],
      },
    ].map((column, i) => (i === 0 ? { ...column, width: 52 * scale } : column)),
    columnGap: 6 * scale,
  };
}
