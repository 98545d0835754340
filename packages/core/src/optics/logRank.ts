import chiSquareCdf from '@stdlib/stats-base-dists-chisquare-cdf';
import { Matrix, solve } from 'ml-matrix';
import { requireService, type Service } from './survivalCurve.js';

/** How long one served, in which group, and among which of its like it is compared. */
export interface GroupedService extends Service {
  readonly group: string;
  /** Compared with those of the same stratum alone, by its number; one for all where left out. */
  readonly stratum?: number;
}

/** A group's failures against what they were if the group made no difference. */
interface GroupFailures {
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

/** A group of fewer than this tells nothing by itself; nor does one that would be expected to have hardly a failure. */
const leastServices = 5;
const leastExpected = 1;
/** Nor do all together with fewer failures than this. */
const leastFailures = 6;

/**
 * Log-rank test over two groups or more, stratified where asked (Mantel 1966; Peto and Peto 1972). Groups of
 * fewer than five, and those expected to have less than one failure, are left out; where fewer than two groups remain, or fewer than six failures,
 * there are too few to tell.
 *
 * @throws RangeFault for a duration that is not above 0
 * @example
 * logRank([6, 7, 10, 15].map((duration) => ({ duration, failed: true, group: 'a' }))).told // => false
 */
export function logRank(services: readonly GroupedService[]): LogRank {
  services.forEach(requireService);
  const all = expectedOver(services);
  const telling = all.groups
    .filter((each) => each.services >= leastServices && each.expected >= leastExpected)
    .map(({ group }) => group);
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

/** What is added up over the strata, group by group. */
interface Sums {
  readonly expected: Float64Array;
  /** Row by row. */
  readonly covariance: Float64Array;
}

/** Observed and expected failures of each group, and the covariance of their differences, summed over the strata. */
function expectedOver(services: readonly GroupedService[]): {
  groups: readonly GroupFailures[];
  covariance: number[][];
} {
  const names = [...new Set(services.map(({ group }) => group))].toSorted();
  const size = names.length;
  const indices = new Map(names.map((name, i) => [name, i]));
  const sums: Sums = { expected: new Float64Array(size), covariance: new Float64Array(size * size) };
  const strata = new Map<number, GroupedService[]>();
  for (const service of shortestFirst(services)) {
    const { stratum = 0 } = service;
    const mine = strata.get(stratum);
    if (mine === undefined) strata.set(stratum, [service]);
    else mine.push(service);
  }
  for (const stratum of strata.values()) addStratum(stratum, indices, sums);
  const counts = countsOf(services, indices);
  return {
    groups: names.map((group, i) => ({
      ...{ group, services: counts.services[i] ?? 0, failures: counts.failures[i] ?? 0 },
      expected: sums.expected[i] ?? 0,
    })),
    covariance: names.map((_, i) => [...sums.covariance.subarray(i * size, (i + 1) * size)]),
  };
}

/** Many tests are made of the same services: those that are in order already are left as they are. */
function shortestFirst(services: readonly GroupedService[]): readonly GroupedService[] {
  const isInOrder = services.every(
    ({ duration }, i) => i === 0 || duration >= (services[i - 1]?.duration ?? 0),
  );
  return isInOrder ? services : services.toSorted((one, other) => one.duration - other.duration);
}

function countsOf(services: readonly GroupedService[], indices: ReadonlyMap<string, number>) {
  const counts = { services: new Uint32Array(indices.size), failures: new Uint32Array(indices.size) };
  for (const { group, failed } of services) {
    const i = indices.get(group) ?? 0;
    counts.services[i] = (counts.services[i] ?? 0) + 1;
    if (failed) counts.failures[i] = (counts.failures[i] ?? 0) + 1;
  }
  return counts;
}

/** Walks up the durations of one stratum; at each that ends some, the failures are shared out by who was at risk. */
function addStratum(
  inOrder: readonly GroupedService[],
  indices: ReadonlyMap<string, number>,
  sums: Sums,
): void {
  const groups = Uint32Array.from(inOrder, ({ group }) => indices.get(group) ?? 0);
  const atRisk = new Float64Array(indices.size);
  for (const group of groups) atRisk[group] = (atRisk[group] ?? 0) + 1;
  for (let at = 0; at < inOrder.length;) {
    const duration = inOrder[at]?.duration;
    let failing = 0;
    let end = at;
    for (; end < inOrder.length && inOrder[end]?.duration === duration; end++)
      if (inOrder[end]?.failed === true) failing++;
    if (failing > 0) addFailures(failing, inOrder.length - at, atRisk, sums);
    for (; at < end; at++) {
      const group = groups[at] ?? 0;
      atRisk[group] = (atRisk[group] ?? 0) - 1;
    }
  }
}

/** The hypergeometric mean and covariance of how many of each group fail. */
function addFailures(
  failing: number,
  total: number,
  atRisk: Float64Array,
  { expected, covariance }: Sums,
): void {
  const size = atRisk.length;
  const spread = total > 1 ? (failing * (total - failing)) / (total - 1) : 0;
  for (let i = 0; i < size; i++) {
    const share = (atRisk[i] ?? 0) / total;
    if (share === 0) continue;
    expected[i] = (expected[i] ?? 0) + failing * share;
    const row = i * size;
    for (let j = 0; j < size; j++)
      covariance[row + j] = (covariance[row + j] ?? 0) - (spread * share * (atRisk[j] ?? 0)) / total;
    covariance[row + i] = (covariance[row + i] ?? 0) + spread * share;
  }
}
