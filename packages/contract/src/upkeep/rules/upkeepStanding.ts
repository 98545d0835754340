import { upkeepDue, type UpkeepInterval } from '@lone-heron/core';
import type { ShopRecord } from '../../records/shopRecord.js';
import type { UpkeepPlan, UpkeepRecord, UpkeepTask } from '../upkeepPlan.js';
import type { UpkeepDone, UpkeepStanding } from '../upkeepStanding.js';

/** How a machine ran, to count intervals by. */
export interface MachineRuns {
  /** When light was on, and for how many hours. */
  readonly light: readonly { readonly at: string; readonly hours: number }[];
  /** When it was started up. */
  readonly starts: readonly string[];
}

const msPerDay = 86_400_000;
/** How fast a machine runs is taken from so many days. */
const rateDays = 60;

/**
 * Where each task of a machine stands.
 *
 * @param records of the machine, taken-back ones left out
 */
export function upkeepStandings(
  plan: UpkeepPlan,
  records: readonly ShopRecord[],
  runs: MachineRuns,
  now: Date,
): readonly UpkeepStanding[] {
  return plan.tasks.map((task) => standingOf(task, records, runs, now));
}

function standingOf(
  task: UpkeepTask,
  records: readonly ShopRecord[],
  runs: MachineRuns,
  now: Date,
): UpkeepStanding {
  const times = records
    .filter((record) => isDone(task, record))
    .toSorted((one, other) => other.at.localeCompare(one.at));
  const done = times.map((record, i): UpkeepDone => {
    const before = times[i + 1];
    const share = before === undefined ? null : shareRun(task.interval, runs, before.at, new Date(record.at));
    return { at: record.at, personId: record.personId, ...readOf(record), share };
  });
  const [last] = times;
  const due = last === undefined ? null : upkeepDue(task.interval, metersOf(runs, last.at, now));
  return {
    ...{ taskId: task.id, done },
    share: due === null || Number.isNaN(due.share) ? null : due.share,
    dueAt:
      due === null || due.days === null ? null : new Date(now.getTime() + due.days * msPerDay).toISOString(),
  };
}

function shareRun(interval: UpkeepInterval, runs: MachineRuns, from: string, to: Date): number | null {
  const { share } = upkeepDue(interval, metersOf(runs, from, to));
  return Number.isNaN(share) ? null : share;
}

function metersOf(runs: MachineRuns, from: string, to: Date) {
  const rateFrom = new Date(to.getTime() - rateDays * msPerDay).toISOString();
  const until = to.toISOString();
  return {
    daysSince: (to.getTime() - Date.parse(from)) / msPerDay,
    lightHoursSince: lightBetween(runs, from, until),
    countSince: startsBetween(runs, from, until),
    lightHoursPerDay: lightBetween(runs, rateFrom, until) / rateDays,
    countPerDay: startsBetween(runs, rateFrom, until) / rateDays,
  };
}

function lightBetween({ light }: MachineRuns, from: string, to: string): number {
  return light.reduce((sum, { at, hours }) => (at > from && at <= to ? sum + hours : sum), 0);
}

function startsBetween({ starts }: MachineRuns, from: string, to: string): number {
  return starts.filter((at) => at > from && at <= to).length;
}

const recordOf: Readonly<Record<UpkeepRecord, (detail: ShopRecord['detail']) => boolean>> = {
  waterChange1: (detail) => detail.kind === 'waterChange' && detail.circuit === 1,
  waterChange2: (detail) => detail.kind === 'waterChange' && detail.circuit === 2,
  airFilter: ({ kind }) => kind === 'airFilter',
  dryerDrain: ({ kind }) => kind === 'dryerDrain',
  interlockTest: (detail) => detail.kind === 'interlockTest' && detail.passed,
  barrierTest: (detail) => detail.kind === 'barrierTest' && detail.passed,
  extractionTest: (detail) => detail.kind === 'extractionTest' && detail.passed,
  pointer: ({ kind }) => kind === 'pointer',
  focus: ({ kind }) => kind === 'focus',
};

function isDone({ id, record: counts }: UpkeepTask, { detail }: ShopRecord): boolean {
  return (detail.kind === 'upkeep' && detail.taskId === id) || (counts !== null && recordOf[counts](detail));
}

function readOf({ detail }: ShopRecord): Pick<UpkeepDone, 'value' | 'photoId'> {
  return detail.kind === 'upkeep'
    ? { value: detail.value, photoId: detail.photoId }
    : { value: '', photoId: null };
}

/** How a time that a task was done lay: an interval and a fifth is late, less than seven tenths early. */
export type DoneLies = 'first' | 'early' | 'onTime' | 'late';

export function doneLiesAt({ share }: UpkeepDone): DoneLies {
  if (share === null) return 'first';
  if (share < 0.7) return 'early';
  return share <= 1.2 ? 'onTime' : 'late';
}

/** How near a task is to being due. */
export type UpkeepState = 'never' | 'condition' | 'fine' | 'soon' | 'due' | 'missed';

/** Soon is due within a week or with a tenth of the interval left; missed is a whole interval over. */
export function upkeepState(task: UpkeepTask, { share, dueAt }: UpkeepStanding, now: Date): UpkeepState {
  if (task.interval.by === 'condition') return 'condition';
  if (share === null) return 'never';
  if (share >= 2) return 'missed';
  if (share >= 1) return 'due';
  const inDays = dueAt === null ? Infinity : (Date.parse(dueAt) - now.getTime()) / msPerDay;
  return share >= 0.9 || (inDays <= 7 && share >= 0.6) ? 'soon' : 'fine';
}
