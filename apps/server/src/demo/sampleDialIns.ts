import type { Joint } from '@lone-heron/contract';
import type { RandomStream } from '@lone-heron/core';

/** A run of coupons on one joint: powers as shares of what the search says, as people feel their way. */
export interface DialIn {
  readonly machineId: string;
  readonly personId: string;
  readonly joint: Joint;
  readonly wireDiameterMm: number | null;
  readonly daysAgo: number;
  readonly powerShares: readonly number[];
  readonly remarks: readonly string[];
  /** How deep it goes beside what the machine usually does, as a share; left out for as usual. */
  readonly depthShare?: number;
}

const butt = (metal: Joint['metal'], thicknessMm: number, gapMm: number): Joint => ({
  kind: 'butt',
  metal,
  firstThicknessMm: thicknessMm,
  secondThicknessMm: thicknessMm,
  gapMm,
});
const lap = (metal: Joint['metal'], thicknessMm: number): Joint => ({
  ...butt(metal, thicknessMm, 0),
  kind: 'lap',
});
const corner = (metal: Joint['metal'], thicknessMm: number): Joint => ({
  ...butt(metal, thicknessMm, 0),
  kind: 'outsideCorner',
});

/** The newest, newest last. Between the last two stainless runs the bench unit's window was changed. */
const newestDialIns: readonly DialIn[] = [
  {
    machineId: 'bench',
    personId: 'maren',
    joint: butt('lowCarbonSteel', 2, 0.1),
    wireDiameterMm: 1,
    daysAgo: 12,
    powerShares: [0.7, 0.85, 0.95, 1],
    remarks: ['duct flange', '', 'edges wetted', 'keep'],
  },
  {
    machineId: 'barrow',
    personId: 'ines',
    joint: butt('aluminium5052', 3, 0),
    wireDiameterMm: null,
    daysAgo: 9,
    powerShares: [0.8, 1.06, 1.15],
    remarks: ['hatch frame', '', 'sagged at the end'],
  },
  {
    machineId: 'bench',
    personId: 'tobias',
    joint: butt('stainless304', 1, 0.05),
    wireDiameterMm: null,
    daysAgo: 8,
    powerShares: [0.75, 0.9, 1.5, 1.05],
    remarks: ['first go', '', 'too hot, blew a hole', ''],
  },
  {
    machineId: 'barrow',
    personId: 'maren',
    joint: butt('lowCarbonSteel', 3, 0.2),
    wireDiameterMm: 1.2,
    daysAgo: 6,
    powerShares: [0.85, 1],
    remarks: ['railing foot', 'all it has, wants a bevel'],
  },
  {
    machineId: 'bench',
    personId: 'ines',
    joint: butt('stainless304', 1.5, 0.1),
    wireDiameterMm: 0.8,
    daysAgo: 3,
    powerShares: [0.78, 0.88, 1],
    remarks: ['galley worktop', '', 'even all along'],
  },
  {
    machineId: 'bench',
    personId: 'ines',
    joint: butt('stainless304', 1.5, 0.1),
    wireDiameterMm: 0.8,
    daysAgo: 0.15,
    powerShares: [0.92, 1.02],
    remarks: ['after the window change', ''],
  },
];

/** Work that came up again and again in the months before: what, for what, and with which wire. */
const usualWork: readonly { joint: Joint; wireDiameterMm: number | null; remark: string }[] = [
  { joint: butt('stainless304', 1.5, 0.1), wireDiameterMm: 0.8, remark: 'galley locker' },
  { joint: butt('lowCarbonSteel', 2, 0.1), wireDiameterMm: 1, remark: 'duct, long seam' },
  { joint: butt('stainless304', 1, 0), wireDiameterMm: null, remark: 'sink surround' },
  { joint: butt('aluminium5052', 2, 0), wireDiameterMm: null, remark: 'hatch coaming' },
  { joint: lap('stainless316', 1.2), wireDiameterMm: null, remark: 'rail base' },
  { joint: corner('lowCarbonSteel', 1.5), wireDiameterMm: null, remark: 'duct box' },
  { joint: butt('stainless304', 2, 0.1), wireDiameterMm: 1, remark: 'worktop edge' },
  { joint: corner('aluminium5052', 2), wireDiameterMm: null, remark: 'hatch frame' },
];

/** A setting that is kept and welded again, until it comes out shallower and nobody has looked at the window. */
const driftingDialIns: readonly DialIn[] = [
  { daysAgo: 61, powerShares: [1, 1, 1], remarks: ['rail foot', '', 'keep'] },
  { daysAgo: 38, powerShares: [1, 1], remarks: ['rail foot again', ''] },
  {
    daysAgo: 5,
    powerShares: [1, 1, 1, 1],
    remarks: ['rail foot', 'nothing behind', '', ''],
    depthShare: 0.6,
  },
].map((run) => ({
  ...{ machineId: 'barrow', personId: 'tobias', wireDiameterMm: null },
  joint: butt('lowCarbonSteel', 1.2, 0),
  ...run,
}));

const people = ['maren', 'ines', 'maren', 'tobias', 'ines'] as const;
const oldestDaysAgo = 122;
const youngestDaysAgo = 15;
const earlierRuns = 29;

/** How much of the sample workshop's past there is: four months with drawn sections, or the newest days alone. */
export type SamplePast = 'months' | 'days';

/** About four months of coupons: the same work on both machines, a run every few days, each feeling its way. */
export function sampleDialIns(past: SamplePast, random: RandomStream): readonly DialIn[] {
  if (past === 'days') return newestDialIns;
  const earlier = Array.from({ length: earlierRuns }, (_, run): DialIn => {
    const work = usualWork[run % usualWork.length] as (typeof usualWork)[number];
    const share = run / (earlierRuns - 1);
    const count = 3 + Math.round(random());
    return {
      machineId: run % 3 === 2 ? 'barrow' : 'bench',
      personId: people[run % people.length] as string,
      joint: work.joint,
      wireDiameterMm: work.wireDiameterMm,
      daysAgo: oldestDaysAgo + (youngestDaysAgo - oldestDaysAgo) * share + 0.3 * random(),
      powerShares: Array.from({ length: count }, (_, i) => 0.7 + 0.12 * i + 0.06 * random()),
      remarks: [work.remark],
    };
  });
  return [...earlier, ...newestDialIns];
}

/** The work that drifts, to be drawn apart from the rest: what is drawn of one does not move the other. */
export function sampleDriftingDialIns(past: SamplePast): readonly DialIn[] {
  return past === 'days' ? [] : driftingDialIns;
}
