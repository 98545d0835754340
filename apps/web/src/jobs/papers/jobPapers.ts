import {
  coreSetting,
  jobMaterials,
  judgedWelds,
  materialKey,
  seamsInPiece,
  type HouseContent,
  type Job,
  type JobMaterial,
  type JobPaper,
  type JobWeld,
  type Machine,
  type ShopPhoto,
  type WeldRun,
} from '@lone-heron/contract';
import { gasTable } from '@lone-heron/core';
import { format } from 'date-fns';
import { figure, percentFigure } from '../../shared/figures/figures.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenFigure, spokenFlow, spokenLength } from '../../shared/figures/spoken.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { testWords } from '../../shared/vocabulary/testWords.js';
import { checkInWords } from '../checkInWords.js';
import {
  minutesInWords,
  openInWords,
  seamsInWords,
  standingWords,
  stateWords,
  stillToWeld,
  weldInWords,
} from '../jobWords.js';
import { materialInWords } from '../materialInWords.js';
import type { PaperPicture } from './markedPictureSvg.js';
import type { JobPlan } from '../plan/planJob.js';
import { setUpWords } from '../plan/setUpWords.js';

/** What the papers of a job are made from. */
export interface PaperContext {
  readonly job: Job;
  readonly plan: JobPlan;
  readonly machine: Machine;
  readonly house: HouseContent;
  /** Pictures of the part with its marks. */
  readonly pictures: readonly PaperPicture[];
  /** Photos of the job that have arrived. */
  readonly photos: readonly ShopPhoto[];
  readonly nameOf: (personId: string) => string;
  /** The number of a card; null where it is gone. */
  readonly cardNumber: (cardId: string) => number | null;
}

/** Said on every paper of a job. */
export const noCertificate =
  'This says what was planned and written down in this shop. It is no certificate, no qualification of a procedure or of a welder, and no acceptance by anybody outside the shop; figures that were computed are for planning.';

const day = (iso: string) => format(new Date(iso), 'd MMM yyyy HH:mm');

function headOf({ job, machine }: PaperContext): JobPaper['facts'] {
  const { draft, number, revision, state } = job;
  const facts = [
    ['Job', `${number}: ${draft.name}, revision ${revision}, ${stateWords[state]}`],
    ['Customer', draft.customer],
    ['Reference', draft.reference],
    ['Pieces', String(draft.quantity)],
    ['Due', draft.dueOn ?? ''],
    ['Machine', machine.name],
    ['Must show', draft.level.name],
    ['Notes', draft.notes],
  ] as const;
  return facts.filter(([, value]) => value !== '').map(([name, value]) => ({ name, value }));
}

/** For the bench: the welds in their order, what is changed between them, what is dialled, and a box to tick. */
export function traveller(of: PaperContext): JobPaper {
  const { job, plan, machine, house } = of;
  let above = '';
  const rows = plan.order.steps.map(({ mark, changes }, i) => {
    const weld = weldOf(job, mark);
    const planned = plan.welds.find((each) => each.mark === mark);
    const setUp =
      i === 0 || changes.some(({ kind }) => kind !== 'turn' && kind !== 'cool' && kind !== 'rest')
        ? (setUpWords(plan, mark) ?? '')
        : '';
    const dialled =
      planned === undefined
        ? 'not worked out'
        : [
            ...panelRows(machine.profile, coreSetting(planned.content.setting), house.units).map(
              (row) => `${row.name} ${panelFigure(row, row.value)} ${row.scale.unit}`,
            ),
            `${gasTable[planned.content.setting.gas].short} ${spokenFlow(planned.content.setting.gasFlowLMin)}`,
          ].join(', ');
    const isSame = dialled === above;
    above = dialled;
    return [
      '[  ]',
      mark,
      [weldInWords(weld), weld.where].filter(Boolean).join('; '),
      [weld.pose, setUp].filter(Boolean).join('; '),
      isSame ? 'as above' : dialled,
      planned === undefined ? '' : restsOn(planned),
      askedOf(weld),
    ];
  });
  const columns = ['Done', 'Mark', 'Weld', 'Part lies; fit', 'Dial', 'Rests on', 'Before and after'];
  return {
    name: 'traveller',
    title: 'Traveller',
    facts: headOf(of),
    tables: [{ heading: 'The order', columns, rows }],
  };
}

function restsOn({ standing, card }: JobPlan['welds'][number]): string {
  const name = card === null ? '' : `card ${card.number}, version ${card.version}`;
  return standing === 'proven' ? name : [standingWords[standing].name, name].filter(Boolean).join(': ');
}

function askedOf(weld: JobWeld): string {
  return [
    weld.preparation,
    weld.mostGapMm === null ? '' : `gap at most ${spokenLength(weld.mostGapMm)}`,
    weld.mostMisalignmentMm === null ? '' : `misalignment at most ${spokenLength(weld.mostMisalignmentMm)}`,
    weld.closing === null ? '' : `end ${spokenLength(weld.closing.lapMm)} past the start`,
    ...weld.tests.map((kind) => testWords[kind].name),
    weld.notes,
  ]
    .filter(Boolean)
    .join('; ');
}

const weldOf = (job: Job, mark: string): JobWeld =>
  job.draft.welds.find((each) => each.mark === mark) as JobWeld;

/** Which weld is where, who welded it and when, by which card and through which glass. */
export function weldMap(of: PaperContext): JobPaper {
  const { job, nameOf } = of;
  const numbers = new Map(job.windows.map(({ id, number }) => [id, number]));
  const rows = job.draft.welds.map((weld) => {
    const welded = job.runs.filter(({ mark, outcome }) => mark === weld.mark && outcome === 'welded');
    const seams = seamsInPiece(weld, job.draft.parts) * job.draft.quantity;
    const through = [
      ...new Set(welded.flatMap(({ windowId }) => (windowId === null ? [] : (numbers.get(windowId) ?? [])))),
    ];
    return [
      weld.mark,
      weldInWords(weld),
      [partName(job, weld), weld.where].filter(Boolean).join('; '),
      `${new Set(welded.map(({ seam }) => seam)).size} of ${seams}`,
      [...new Set(welded.map(({ personId }) => nameOf(personId)))].join(', '),
      whenOf(welded),
      cardsOf(welded, of),
      through.join(', '),
    ];
  });
  const columns = ['Mark', 'Weld', 'Where', 'Seams', 'Welded by', 'When', 'Card', 'Window'];
  const other = job.runs
    .filter(({ outcome, isRepair, isOtherwise }) => outcome !== 'welded' || isRepair || isOtherwise)
    .map((run) => [
      run.mark,
      String(run.seam),
      goneBy(run),
      run.remark,
      nameOf(run.personId),
      day(run.weldedAt),
    ]);
  return {
    ...{ name: 'weldMap', title: 'Weld map', facts: headOf(of) },
    tables: [
      { heading: 'Welds', columns, rows },
      ...(other.length === 0
        ? []
        : [
            {
              heading: 'Repairs, slips, seams left out, and what was dialled otherwise',
              columns: ['Mark', 'Seam', 'What', 'Why', 'By', 'When'],
              rows: other,
            },
          ]),
    ],
  };
}

function goneBy({ outcome, isRepair, isOtherwise }: WeldRun): string {
  const what = { welded: 'welded', slipped: 'slipped', skipped: 'left out' }[outcome];
  return [isRepair ? 'repair' : what, ...(isOtherwise ? ['dialled otherwise'] : [])].join(', ');
}

function whenOf(runs: readonly WeldRun[]): string {
  const days = [...new Set(runs.map(({ weldedAt }) => format(new Date(weldedAt), 'd MMM yyyy')))];
  return days.length <= 2 ? days.join(', ') : `${days[0] ?? ''} to ${days.at(-1) ?? ''}`;
}

function cardsOf(runs: readonly WeldRun[], { cardNumber }: PaperContext): string {
  const cards = new Set(
    runs.map(({ card }) =>
      card === null ? 'none' : `${cardNumber(card.cardId) ?? '?'}, version ${card.version}`,
    ),
  );
  return [...cards].join('; ');
}

function partName({ draft }: Job, { part }: JobWeld): string {
  return draft.parts.find(({ key }) => key === part)?.name ?? '';
}

/** What was asked of each weld, what was found, and what is open. */
export function inspectionRecord(of: PaperContext): JobPaper {
  const { job, nameOf } = of;
  const rows = judgedWelds(job, shopUnits()).map((judged) => {
    const { mark, standing, open, verdicts, leftOut } = judged;
    const weld = weldOf(job, mark);
    const level = weld.level ?? job.draft.level;
    const said = { notWelded: 'not welded', open: 'open', accepted: 'accepted', failed: 'failed' }[standing];
    const beyond = verdicts
      .filter(({ verdict }) => verdict === 'notMet')
      .map(({ asked, found }) => `${found}, asked ${asked}`);
    return [
      mark,
      weldInWords(weld),
      level.name,
      open.map((each) => openInWords(each, judged)).join(', '),
      [
        `${said}${stillToWeld(judged)}`,
        ...beyond,
        ...(leftOut.length === 0 ? [] : [`${seamsInWords(leftOut)} left out`]),
      ].join('; '),
    ];
  });
  const checks = job.checks.map((check) => [
    check.mark,
    checkInWords(check),
    nameOf(check.personId),
    day(check.doneAt),
  ]);
  return {
    ...{ name: 'inspection', title: 'Inspection record', facts: headOf(of) },
    tables: [
      { heading: 'Welds', columns: ['Mark', 'Weld', 'Level', 'Open', 'Stands'], rows },
      { heading: 'Checks', columns: ['Mark', 'What was found', 'By', 'When'], rows: checks },
    ],
  };
}

/** What went into the part, with the heats and batches that are written down for it; the rest is a line to fill in. */
export function materials(of: PaperContext): JobPaper {
  const { job, plan } = of;
  const batches = new Map(
    job.draft.batches.map(({ material, batch }) => [materialKey(material), batch] as const),
  );
  const rows = jobMaterials(job.draft, plan.welds, job.runs).map((material) => [
    materialInWords(material),
    batches.get(materialKey(material)) ?? '',
    amountOf(material, plan),
  ]);
  const glass = job.windows.map(({ id, number }) => {
    const marks = new Set(job.runs.filter(({ windowId }) => windowId === id).map(({ mark }) => mark));
    return [String(number), [...marks].join(', ')];
  });
  return {
    ...{ name: 'materials', title: 'Materials', facts: headOf(of) },
    tables: [
      { heading: 'What went in', columns: ['What', 'Heat or batch', 'Planned'], rows },
      ...(glass.length === 0
        ? []
        : [{ heading: 'Protective windows', columns: ['Window', 'Welds'], rows: glass }]),
    ],
  };
}

function amountOf(material: JobMaterial, { takes: { batch } }: JobPlan): string {
  if (material.of === 'sheet') return '';
  if (material.of === 'gas') {
    const litres = batch.gas.find(({ gas }) => gas === material.gas)?.litres;
    return litres === undefined ? '' : spokenFigure(litres, 'L', 0);
  }
  const wire = batch.wire.find(
    ({ filler, diameterMm }) => filler === material.filler && diameterMm === material.diameterMm,
  );
  return wire === undefined
    ? ''
    : `${spokenFigure(wire.metres, 'm', 1)}, ${spokenFigure(wire.kilograms, 'kg', 3)}`;
}

/** Time and money, item by item, with their bands, and the arc beside them. */
export function quote(of: PaperContext): JobPaper {
  const { plan, job } = of;
  const { takes, arc } = plan;
  const { piece, batch } = takes;
  const money = (name: string, value: (takes: typeof piece) => number) => [
    name,
    spokenMoney(value(piece)),
    spokenMoney(value(batch)),
  ];
  const minutes = (name: string, part: keyof typeof piece.parts) => [
    name,
    `${figure(piece.parts[part], 1)} min`,
    `${figure(batch.parts[part], 1)} min`,
  ];
  const columns = ['', 'A piece', job.draft.quantity === 1 ? 'The job' : `All ${job.draft.quantity}`];
  return {
    ...{ name: 'quote', title: 'Quote', facts: headOf(of) },
    tables: [
      {
        heading: 'Time',
        columns,
        rows: [
          minutes('Light on', 'light'),
          minutes('Lining up', 'liningUp'),
          minutes('Set-ups', 'setUps'),
          minutes('Turning', 'turns'),
          minutes('Letting it cool', 'cooling'),
          minutes('Tacks', 'tacks'),
          minutes('Dressing', 'dressing'),
          ['Together', minutesInWords(piece.time.middle), minutesInWords(batch.time.middle)],
          ['Four in five', bandOf(piece.time, minutesInWords), bandOf(batch.time, minutesInWords)],
        ],
      },
      {
        heading: 'Money',
        columns,
        rows: [
          money('Work', ({ cost }) => cost.labour),
          money('Room and machine', ({ cost }) => cost.overhead),
          money('Gas', ({ cost }) => cost.gas),
          money('Wire', ({ cost }) => cost.wire),
          money('Power', ({ cost }) => cost.mains),
          money('Glass', ({ cost }) => cost.window),
          money('Together', ({ total }) => total.middle),
          ['Four in five', bandOf(piece.total, spokenMoney), bandOf(batch.total, spokenMoney)],
        ],
      },
      {
        heading: `By the arc (${arc.name})`,
        columns: ['', 'By light', 'By the arc'],
        rows: [
          ['A piece', minutesInWords(piece.time.middle), minutesInWords(arc.minutes)],
          ['Cost of one', spokenMoney(arc.lightCost), spokenMoney(arc.cost)],
          ['In eight hours', figure(arc.lightPartsPerDay, 1), figure(arc.partsPerDay, 1)],
          ['Of a window’s life', percentFigure(piece.windowShare), ''],
        ],
      },
    ],
  };
}

function bandOf(
  band: { readonly least: number; readonly most: number },
  say: (value: number) => string,
): string {
  return `${say(band.least)} to ${say(band.most)}`;
}

/** Every paper by its name. */
export const papersOf: Readonly<Record<JobPaper['name'], (of: PaperContext) => JobPaper>> = {
  traveller,
  weldMap,
  inspection: inspectionRecord,
  materials,
  quote,
};
