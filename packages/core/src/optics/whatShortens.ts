import { logRank, type GroupedService, type LogRank } from './logRank.js';
import type { Service } from './survivalCurve.js';

/** How long one served, with what is known of how it was used: the level of each factor, null where not known. */
export interface FactoredService<Factor extends string> extends Service {
  readonly levels: Readonly<Record<Factor, string | null>>;
}

/** One level of a factor beside all others of it. */
export interface LevelLife {
  readonly level: string;
  readonly services: number;
  readonly failures: number;
  /** How many times as often they fail at the same use as those of the other levels. */
  readonly ratio: number;
}

/** Whether a factor makes parts last differently. */
export interface FactorComparison<Factor extends string> {
  readonly factor: Factor;
  /** The level that fails most often first; those that tell nothing left out. */
  readonly levels: readonly LevelLife[];
  /** Of the log-rank test, raised for how many factors were looked at (Holm 1979); null where there are too few. */
  readonly p: number | null;
}

/** A factor that shortens lives, with what was found before it accounted for. */
export interface Shortening<Factor extends string> {
  readonly factor: Factor;
  readonly worst: LevelLife;
  /** Failures that would not have been, had they lasted like the others. */
  readonly excess: number;
  readonly p: number;
}

/** A factor is believed from here on. */
const believedBelow = 0.05;

/**
 * Compares the lives by each factor. With many factors one stands out by mere chance, so the chances are raised for
 * their number.
 *
 * @param factors that are compared
 * @param accounted factors within whose levels the others are compared, such as one that was found already
 * @throws RangeFault for a duration that is not above 0
 */
export function compareLives<Factor extends string>(
  services: readonly FactoredService<Factor>[],
  factors: readonly Factor[],
  accounted: readonly Factor[] = [],
): readonly FactorComparison<Factor>[] {
  const tests = factors.map((factor) => ({ factor, test: logRank(grouped(services, factor, accounted)) }));
  const raised = holm(tests.map(({ test }) => (test.told ? test.p : null)));
  return tests.map(({ factor, test }, i) => ({ factor, levels: levelsOf(test), p: raised[i] ?? null }));
}

/**
 * What shortens lives: the factor that stands out most, then what still stands out with that one accounted for, and so
 * on. So a habit of one person is found as the habit, and not once more as the person.
 *
 * @throws RangeFault for a duration that is not above 0
 */
export function whatShortens<Factor extends string>(
  services: readonly FactoredService<Factor>[],
  factors: readonly Factor[],
): readonly Shortening<Factor>[] {
  const found: Shortening<Factor>[] = [];
  for (;;) {
    const accounted = found.map(({ factor }) => factor);
    const left = factors.filter((factor) => !accounted.includes(factor));
    const [next] = compareLives(services, left, accounted)
      .flatMap(({ factor, levels, p }) => shorteningOf(factor, levels, p))
      .toSorted((one, other) => one.p - other.p);
    if (next === undefined) return found;
    found.push(next);
  }
}

function shorteningOf<Factor extends string>(
  factor: Factor,
  [worst]: readonly LevelLife[],
  p: number | null,
): readonly Shortening<Factor>[] {
  if (p === null || p >= believedBelow || worst === undefined) return [];
  return [{ factor, worst, excess: worst.failures * (1 - 1 / worst.ratio), p }];
}

function grouped<Factor extends string>(
  services: readonly FactoredService<Factor>[],
  factor: Factor,
  accounted: readonly Factor[],
): readonly GroupedService[] {
  return services.flatMap(({ duration, failed, levels }) => {
    const group = levels[factor];
    const stratum = accounted.map((each) => levels[each] ?? '').join('\n');
    return group === null ? [] : [{ duration, failed, group, stratum }];
  });
}

function levelsOf({ told, groups }: LogRank): readonly LevelLife[] {
  const failures = groups.reduce((sum, each) => sum + each.failures, 0);
  const expected = groups.reduce((sum, each) => sum + each.expected, 0);
  return groups
    .map((each): LevelLife => {
      const mine = each.failures / each.expected;
      const others = (failures - each.failures) / (expected - each.expected);
      const { group: level, services, failures: failed } = each;
      return { level, services, failures: failed, ratio: told ? mine / others : Number.NaN };
    })
    .toSorted((one, other) => other.ratio - one.ratio);
}

/** Chances raised for their number: the smallest by all of them, the next by one less, never falling. */
function holm(chances: readonly (number | null)[]): readonly (number | null)[] {
  const order = chances
    .flatMap((p, index) => (p === null ? [] : [{ p, index }]))
    .toSorted((one, other) => one.p - other.p);
  const raised = chances.map((): number | null => null);
  let before = 0;
  order.forEach(({ p, index }, rank) => {
    before = Math.min(1, Math.max(before, p * (order.length - rank)));
    raised[index] = before;
  });
  return raised;
}
