import {
  houseStarts,
  readWeldLines,
  type JobDraft,
  type JobPart,
  type JobWeld,
  type NamedLevel,
} from '@lone-heron/contract';
import { sampleMachines } from './sampleWorkshop.js';

/** A job of the sample workshop as somebody typed it, and how far it has come. */
interface SampleJob {
  readonly draft: JobDraft;
  readonly state: 'quoted' | 'released' | 'done';
  /** Pieces that are welded, the last one perhaps in part. */
  readonly welded: number;
  /** When it was planned and when it is due, days before and after now. */
  readonly plannedAgo: number;
  readonly dueIn: number;
}

interface TypedJob {
  readonly name: string;
  readonly reference: string;
  readonly customer: string;
  readonly quantity: number;
  readonly machineId: string;
  readonly level: string;
  readonly parts?: readonly JobPart[];
  /** Lines of welds, by the key of the part they belong to; empty for the whole. */
  readonly lines: Readonly<Record<string, string>>;
}

const locker: TypedJob = {
  ...{ name: 'Locker frame', reference: 'L-204 B', customer: 'the island ferry', quantity: 2 },
  ...{ machineId: 'bench', level: 'For the eye' },
  parts: [{ key: 'P1', name: 'side frame', count: 2, into: null }],
  lines: {
    P1: `
      W1 304 1.5 butt 40 wire 0.8 pose side frame flat "upper left, outside"
      W2 40 "upper right, outside"
      W3 40 "lower left, outside"
      W4 40 "lower right, outside"
      W5 304 1.5 T 30 wire 0.8 pose side frame turned over "rail into upright, left"
      W6 30 "rail into upright, right"`,
    '': `
      ${['left top', 'left bottom', 'right top', 'right bottom'].map((at, i) => `W${i + 7} 304 1.5 T 40 pose front lying flat "crossbar, ${at}"`).join('\n')}
      ${['left top', 'left bottom', 'right top', 'right bottom'].map((at, i) => `W${i + 11} 304 1.5 T 40 pose back up square off "rear crossbar, ${at}"`).join('\n')}
      ${[1, 2, 3].flatMap((shelf) => ['left', 'right'].map((side, i) => `W${13 + shelf * 2 + i} 304 1.5 T 30 x2 pose back up square off "shelf rail ${shelf}, ${side}"`)).join('\n')}
      W21 304 1.5 outside corner 300 no wire pose standing "front edge, left" after W15
      W22 300 "front edge, right" after W16
      W23 300 "rear edge, left" after W11
      W24 300 "rear edge, right" after W13
      W25 304 1.5 butt 60 wire 0.8 pose standing "closing plate, top"
      W26 60 "closing plate, bottom"`,
  },
};

const railing: TypedJob = {
  ...{ name: 'Railing run', reference: 'R-31', customer: 'Mole End quay', quantity: 1 },
  ...{ machineId: 'barrow', level: 'For the eye' },
  lines: {
    '': Array.from({ length: 6 }, (_, i) => {
      const [first, post] = [i * 4 + 1, i + 1];
      return `
      W${first} mild 2 to 5 tube on plate 42 wire 1.0 pose upright "foot of post ${post}"
      W${first + 1} mild 1.2 butt 60 wire 1.0 pose on trestles "top rail at post ${post}, left" after W${first}
      W${first + 2} 60 "top rail at post ${post}, right" after W${first}
      W${first + 3} mild 2 T 35 wire 1.0 "lug of post ${post}" after W${first}`;
    }).join(''),
  },
};

const duct: TypedJob = {
  ...{ name: 'Duct section', reference: 'D-77 A', customer: 'the smokehouse', quantity: 3 },
  ...{ machineId: 'bench', level: 'Carries load' },
  parts: [{ key: 'P1', name: 'flange', count: 2, into: null }],
  lines: {
    P1: `
      F1 mild 2 butt 50 x4 wire 1.0 pose flange flat "mitre"`,
    '': `
      ${[1, 2, 3, 4].map((n) => `D${n} mild 1.5 outside corner 400 no wire pose lying "long edge ${n}"`).join('\n')}
      ${[5, 6, 7, 8].map((n) => `D${n} mild 1.5 lap 300 no wire pose lying "stiffener ${n - 4}" after D1`).join('\n')}
      ${[9, 10, 11, 12].map((n) => `D${n} mild 2 to 1.5 T 300 stitched 20 every 60 wire 1.0 pose on end flange down "flange to wall ${n - 8}"`).join('\n')}
      ${[13, 14, 15, 16].map((n) => `D${n} mild 2 to 1.5 T 300 stitched 20 every 60 wire 1.0 pose on end other flange down "far flange, wall ${n - 12}"`).join('\n')}
      ${[17, 18, 19, 20].map((n) => `D${n} mild 1.5 butt 300 no wire pose standing "access panel, side ${n - 16}"`).join('\n')}`,
  },
};

/** The jobs of the sample workshop: one half done, one finished, one to quote. */
export function sampleJobs(): readonly SampleJob[] {
  return [
    { draft: drafted(railing), state: 'done', welded: 1, plannedAgo: 9, dueIn: -2 },
    { draft: drafted(locker), state: 'released', welded: 1.5, plannedAgo: 3, dueIn: 2 },
    { draft: drafted(duct), state: 'quoted', welded: 0, plannedAgo: 1, dueIn: 6 },
  ];
}

function drafted({ lines, parts = [], level, ...rest }: TypedJob): JobDraft {
  const welds: JobWeld[] = [];
  for (const [key, text] of Object.entries(lines)) welds.push(...read(text, rest, welds, key));
  return {
    ...{ ...rest, level: levelOf(level), parts: [...parts], welds },
    ...{ dueOn: null, notes: '', rhythm: 'pieceByPiece', pictures: [], order: null, batches: [], why: '' },
  };
}

function read(
  text: string,
  { machineId, name }: Pick<TypedJob, 'machineId' | 'name'>,
  there: readonly JobWeld[],
  key: string,
): JobWeld[] {
  const machine = sampleMachines.find(({ id }) => id === machineId) ?? null;
  const lines = readWeldLines(text, { length: 'mm', machine, there, part: key === '' ? null : key });
  return lines.map(({ weld, text: typed, problems }) => {
    if (weld !== null) return weld;
    throw new Error(`${name}: “${typed}” is no weld: ${JSON.stringify(problems)}`);
  });
}

function levelOf(name: string): NamedLevel {
  const level = houseStarts.acceptance.find((each) => each.name === name);
  if (level === undefined) throw new Error(`no level ${name}`);
  return level;
}
