import chiSquareCdf from '@stdlib/stats-base-dists-chisquare-cdf';
import { Matrix, solve } from 'ml-matrix';
import { requireService, type Service } from './survivalCurve.js';

/** How long one served, in which group, and among which of its like it is compared. */
export interface GroupedService extends Service {
  readonly group: string;
  /** Compared with those of the same stratum alone, as for all windows of one machine; one for all where left out. */
  readonly stratum?: string;
}

/** A group's failures against what they were if the group made no difference. */
export interface GroupFailures {
  readonly group: string;
  readonly services: number;
  readonly failures: number;
  readonly expected: number;
}

/** Whether groups of parts last differently. */
export type LogRank =
  | {
      readonly told: true;
      readonly groups: readonly GroupFailures[];
      readonly chiSquare: number;
      readonly degreesOfFreedom: number;
      /** Chance of groups so far apart where the group makes no difference. */
      readonly p: number;
    }
  | { readonly told: false; readonly groups: readonly GroupFailures[] };

/** A group that would be expected to have fewer failures than this tells nothing by itself. */
const leastExpected = 2;
/** Nor do all together with fewer failures than this. */
const leastFailures = 6;

/**
 * Log-rank test over two groups or more, stratified where asked (Mantel 1966; Peto and Peto 1972). Groups that are
 * expected to have fewer than two failures are left out; where fewer than two groups remain, or fewer than six failures,
 * there are too few to tell.
 *
 * @throws RangeFault for a duration that is not above 0
 * @example
 * logRank([6, 7, 10, 15].map((duration) => ({ duration, failed: true, group: 'a' }))).told // => false
 */
export function logRank(services: readonly GroupedService[]): LogRank {
  services.forEach(requireService);
  const all = expectedOver(services);
  const telling = all.groups.filter(({ expected }) => expected >= leastExpected).map(({ group }) => group);
  const kept = services.filter(({ group }) => telling.includes(group));
  const { groups, covariance } = telling.length === all.groups.length ? all : expectedOver(kept);
  const failures = groups.reduce((sum, each) => sum + each.failures, 0);
  if (groups.length < 2 || failures < leastFailures) return { told: false, groups: all.groups };
  const size = groups.length - 1;
  const excess = Matrix.columnVector(groups.slice(0, size).map((each) => each.failures - each.expected));
  const spread = new Matrix(covariance).subMatrix(0, size - 1, 0, size - 1);
  const chiSquare = Math.max(
    0,
    excess
      .transpose()
      .mmul(solve(spread, excess, true))
      .get(0, 0),
  );
  return {
    told: true,
    groups,
    chiSquare,
    degreesOfFreedom: size,
    p: Math.max(0, 1 - chiSquareCdf(chiSquare, size)),
  };
}

/** Observed and expected failures of each group, and the covariance of their differences, summed over the strata. */
function expectedOver(services: readonly GroupedService[]): {
  groups: readonly GroupFailures[];
  covariance: number[][];
} {
  const names = [...new Set(services.map(({ group }) => group))].toSorted();
  const covariance = names.map(() => names.map(() => 0));
  const expected = names.map(() => 0);
  for (const stratum of new Set(services.map(stratumOf))) {
    const mine = services.filter((each) => stratumOf(each) === stratum);
    addStratum(mine, names, expected, covariance);
  }
  const groups = names.map((group, i): GroupFailures => {
    const mine = services.filter((each) => each.group === group);
    return {
      ...{ group, services: mine.length, failures: mine.filter(({ failed }) => failed).length },
      expected: expected[i] ?? 0,
    };
  });
  return { groups, covariance };
}

function stratumOf({ stratum = '' }: GroupedService): string {
  return stratum;
}

/** Walks up the durations of one stratum; at each that ends some, the failures are shared out by who was at risk. */
function addStratum(
  services: readonly GroupedService[],
  names: readonly string[],
  expected: number[],
  covariance: number[][],
): void {
  const inOrder = services.toSorted((one, other) => one.duration - other.duration);
  const atRisk = names.map((name) => inOrder.filter(({ group }) => group === name).length);
  for (let at = 0; at < inOrder.length;) {
    const { duration } = inOrder[at] as GroupedService;
    const leaving = names.map(() => 0);
    const total = inOrder.length - at;
    let failing = 0;
    for (; at < inOrder.length && inOrder[at]?.duration === duration; at++) {
      const one = inOrder[at] as GroupedService;
      const index = names.indexOf(one.group);
      leaving[index] = (leaving[index] ?? 0) + 1;
      if (one.failed) failing++;
    }
    if (failing > 0) addFailures({ failing, total, atRisk, expected, covariance });
    leaving.forEach((count, i) => (atRisk[i] = (atRisk[i] ?? 0) - count));
  }
}

interface Failures {
  readonly failing: number;
  readonly total: number;
  readonly atRisk: readonly number[];
  readonly expected: number[];
  readonly covariance: number[][];
}

/** The hypergeometric mean and covariance of how many of each group fail. */
function addFailures({ failing, total, atRisk, expected, covariance }: Failures): void {
  const spread = total > 1 ? (failing * (total - failing)) / (total - 1) : 0;
  atRisk.forEach((mine, i) => {
    const share = mine / total;
    expected[i] = (expected[i] ?? 0) + failing * share;
    const row = covariance[i] as number[];
    atRisk.forEach((others, j) => {
      row[j] = (row[j] ?? 0) + spread * share * ((i === j ? 1 : 0) - others / total);
    });
  });
}
