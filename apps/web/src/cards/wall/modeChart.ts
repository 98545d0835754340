import type { HouseUnits, Machine, ModeCard, ModeCardVersion } from '@lone-heron/contract';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { modePicks, modeRows } from '../../shared/modes/modeKnobs.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { workInWords } from '../../shared/modes/workInWords.js';
import { ruledLayout } from '../../shared/paper/pageParts.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';
import { panelFigure } from '../../shared/panel/panelKnobs.js';

/** A card of cleaning, cutting or pulses on a chart: its number and what it says now. */
export interface ChartedModeCard {
  readonly number: number;
  readonly newest: ModeCardVersion;
}

/** The cards of a machine that are not retired, in the order of what is done. */
export function modeCardsOf(cards: readonly ModeCard[], machineId: string): readonly ChartedModeCard[] {
  return cards
    .flatMap(({ number, retiredAt, versions: [newest] }) =>
      retiredAt === null && newest?.machineId === machineId ? [{ number, newest }] : [],
    )
    .toSorted((a, b) => a.newest.work.mode.localeCompare(b.newest.work.mode) || a.number - b.number);
}

/** A table of them for the wall: what it is for, and the numbers large; nothing where there is none. */
export function modeTable(
  cards: readonly ChartedModeCard[],
  of: { readonly machine: Machine; readonly units: HouseUnits },
  { scale }: PageFrame,
): readonly Content[] {
  if (cards.length === 0) return [];
  const head = ['Cleaning, cutting, pulses', 'Dial'].map((words) =>
    printed(words, { bold: true, fontSize: 16 * scale }),
  );
  const rows = cards.map(({ number, newest }): TableCell[] => [
    {
      stack: [
        printed(newest.title, { bold: true, fontSize: 14 * scale }),
        printed(workInWords(newest.work), { fontSize: 11 * scale }),
        printed(
          `${modeSpeech[newest.work.mode].name}, card ${number}${newest.slot === '' ? '' : `, slot ${newest.slot}`}`,
          { fontSize: 10 * scale },
        ),
      ],
    },
    printed(dialledWords(newest, of), { bold: true, fontSize: 15 * scale }),
  ]);
  return [
    {
      margin: [0, 12 * scale, 0, 0],
      table: { headerRows: 1, dontBreakRows: true, widths: ['40%', '*'], body: [head, ...rows] },
      layout: ruledLayout(scale),
    },
  ];
}

function dialledWords(
  { setting }: ModeCardVersion,
  { machine: { profile }, units }: { readonly machine: Machine; readonly units: HouseUnits },
): string {
  const rows = modeRows(setting, profile, units).map(
    (row) => `${row.name.toLowerCase()} ${panelFigure(row, row.value)} ${row.scale.unit}`,
  );
  const picks = modePicks(setting, profile, spokenLength).map(
    ({ name, value, choices }) =>
      `${name.toLowerCase()} ${choices.find((choice) => choice.value === value)?.label ?? value}`,
  );
  return [...rows, ...picks].join(', ');
}
