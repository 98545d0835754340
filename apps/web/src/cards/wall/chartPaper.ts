import { cardState, coreSetting, type HouseUnits, type Machine, type Setting } from '@lone-heron/contract';
import { gasTable } from '@lone-heron/core';
import { format } from 'date-fns';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { behindPanel, panelFigure, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';
import { flowFigure } from '../../shared/figures/houseUnits.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { dialledFigures, dialledRows } from '../dialledFigures.js';
import { modeTable, type ChartedModeCard } from './modeChart.js';
import type { ChartedCard, JointChart } from './machineChart.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';

/** What a machine's chart is laid out from. */
export interface ChartOnPaper {
  readonly machine: Machine;
  readonly charts: readonly JointChart[];
  /** Of cleaning, cutting and pulses. */
  readonly modeCards: readonly ChartedModeCard[];
  readonly units: HouseUnits;
  readonly address: string | null;
  readonly printedAt: Date;
}

/** Every card of a machine on a page or more for its wall: a table for each kind of joint, large figures in it. */
export function chartPaper(of: ChartOnPaper, frame: PageFrame): TDocumentDefinitions {
  const { margin, scale } = frame;
  return {
    pageSize: frame.size,
    pageOrientation: frame.orientation,
    pageMargins: [margin, margin, margin, margin + 10 * scale],
    info: { title: of.machine.name, creator: 'Lone Heron' },
    content: [
      head(of, scale),
      ...of.charts.map((chart) => table(chart, of, frame)),
      ...modeTable(of.modeCards, of, frame),
    ],
    footer: (page: number, pages: number) => ({
      margin: [margin, 0, margin, 0] as [number, number, number, number],
      ...printed(
        `${of.machine.name}, printed ${format(of.printedAt, 'd MMM yyyy HH:mm')}, page ${page} of ${pages}. Try on scrap first: figures are for planning.`,
        { fontSize: 9 * scale },
      ),
    }),
  };
}

function head({ machine, address, charts, units }: ChartOnPaper, scale: number): Content {
  const shown = charts.flatMap(({ rows }) => rows.flatMap(({ cells }) => cells.flat()));
  const rows = shown.flatMap(({ shown: { content } }) =>
    dialledRows(panelRows(machine.profile, coreSetting(content.setting), units)),
  );
  // Some cards feed wire and some do not: the hand's travel stands behind all that is dialled.
  const inOrder = [
    ...rows.filter(({ knob }) => knob !== 'travel'),
    ...rows.filter(({ knob }) => knob === 'travel'),
  ];
  const order = [...new Set(inOrder.map(({ name }) => name.toLowerCase()))].join(', ');
  return {
    columns: [
      {
        width: '*',
        stack: [
          printed(sentenceStart(machine.name), { bold: true, fontSize: 26 * scale }),
          ...(order === ''
            ? []
            : [printed(`In the order of the panel: ${order}.`, { fontSize: 12 * scale })]),
          printed(
            'Metal down, thickness across. Dashed: not signed. The number is the card’s: nozzle, focus and preparation stand there.',
            { fontSize: 12 * scale },
          ),
        ],
      },
      ...(address === null
        ? []
        : [{ width: 'auto', qr: address, fit: 78 * scale, eccLevel: 'M' as const, margin: 0 as const }]),
    ],
    columnGap: 12 * scale,
  };
}

function table(chart: JointChart, of: ChartOnPaper, { scale }: PageFrame): Content {
  const head = [chart.name, ...chart.thicknesses].map((words) =>
    printed(words, { bold: true, fontSize: 16 * scale }),
  );
  const rows = chart.rows.map(({ metal, cells }): TableCell[] => [
    printed(metal, { bold: true, fontSize: 14 * scale }),
    ...cells.map((cell) => ({ stack: cell.map((charted) => cellOf(charted, of, scale)) })),
  ]);
  return {
    margin: [0, 12 * scale, 0, 0],
    table: {
      headerRows: 1,
      dontBreakRows: true,
      keepWithHeaderRows: 1,
      widths: [86 * scale, ...chart.thicknesses.map(() => '*')],
      body: [head, ...rows],
    },
    layout: {
      hLineWidth: (line) => (line === 1 ? 1.5 : 0.7),
      vLineWidth: () => 0.7,
      hLineColor: () => '#444444',
      vLineColor: () => '#444444',
    },
  };
}

/** A card's figures; what is not signed stands in a dashed frame, so that a grey copy still tells. */
function cellOf({ card, shown }: ChartedCard, { machine, units }: ChartOnPaper, scale: number): Content {
  const { setting, joint } = shown.content;
  const [power, ...others] = panelRows(machine.profile, coreSetting(setting), units);
  const words: Content[] = [
    {
      text: [
        {
          text: power === undefined ? '' : panelFigure(power, power.value),
          bold: true,
          fontSize: 22 * scale,
        },
        { text: ` ${power?.scale.unit ?? ''}`, fontSize: 12 * scale },
        { text: power === undefined ? '' : behind(power), fontSize: 10 * scale },
      ],
    },
    printed(dialledFigures(others), { bold: true, fontSize: 12 * scale }),
    printed(`gap ${spokenLength(joint.gapMm)}, ${fedAndGas(setting, units)}`, { fontSize: 10 * scale }),
    printed(`card ${card.number}${shown.signedAt === null ? `, ${cardState(card)}` : ''}`, {
      fontSize: 10 * scale,
    }),
  ];
  if (shown.signedAt !== null) return { stack: words, margin: [0, 1, 0, 3] };
  return {
    margin: [0, 1, 0, 3],
    table: { widths: ['*'], body: [[{ stack: words }]] },
    layout: {
      hLineWidth: () => 0.8,
      vLineWidth: () => 0.8,
      hLineStyle: () => ({ dash: { length: 3, space: 2 } }),
      vLineStyle: () => ({ dash: { length: 3, space: 2 } }),
      paddingTop: () => 1,
      paddingBottom: () => 1,
    },
  };
}

function behind(row: PanelRow): string {
  const words = behindPanel(row);
  return words === undefined ? '' : `  (${words})`;
}

function fedAndGas({ pace, gas, gasFlowLMin }: Setting, units: HouseUnits): string {
  const fed = pace.by === 'wire' ? `${wireInWords(pace.wireDiameterMm)} wire, ` : '';
  return `${fed}${gasTable[gas].name.toLowerCase()} ${flowFigure(gasFlowLMin, units)}`;
}
