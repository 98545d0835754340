import { logRank, type GroupedService, type LogRank } from './logRank.js';
import type { Service } from './survivalCurve.js';

/** How long one served, with what is known of how it was used: the level of each factor, null where not known. */
export interface FactoredService<Factor extends string> extends Service {
  readonly levels: Readonly<Record<Factor, string | null>>;
}

/** One level of a factor beside all others of it. */
interface LevelLife {
  readonly level: string;
  readonly services: number;
  readonly failures: number;
  /**
   * How many times as often they fail at the same use as those of the other levels. Where none of those failed, they are
   * counted as half a failure, so that a number can be said.
   */
  readonly ratio: number;
}

/** Whether a factor makes parts last differently. */
interface FactorComparison<Factor extends string> {
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

/** So many are named: by then a shop has enough to mend, and what is left hangs on few parts. */
const mostNamed = 4;
/** Others of which none failed are taken to have half a failure (Haldane 1956). */
const leastOthers = 0.5;
/** A factor is believed from here on. */
const believedBelow = 0.05;

/** How lives differ by what is known of them. */
export interface LifeDifferences<Factor extends string> {
  /** By each factor alone. */
  readonly comparisons: readonly FactorComparison<Factor>[];
  /** The factor that stands out most, then what still stands out with that one accounted for, and so on; four at most. */
  readonly shortenings: readonly Shortening<Factor>[];
}

/**
 * How lives differ by each factor, and what shortens them: the factor that stands out most is accounted for before the
 * next is named, so a habit of one person is found as the habit, and not once more as the person. With many factors one
 * stands out by mere chance, so the chances are raised for their number.
 *
 * @param tiers factors in the order they are looked at: what can be changed first, then who and which, so that a person
 * is named only where no habit explains it
 * @throws RangeFault for a duration that is not above 0
 */
export function lifeDifferences<Factor extends string>(
  services: readonly FactoredService<Factor>[],
  tiers: readonly (readonly Factor[])[],
): LifeDifferences<Factor> {
  // In order once for all tests.
  const inOrder = services.toSorted((one, other) => one.duration - other.duration);
  const alone = testFactors(inOrder, tiers.flat(), []);
  const shortenings: Shortening<Factor>[] = [];
  for (const tier of tiers) addShortenings(inOrder, tier, alone, shortenings);
  return { comparisons: raised(alone), shortenings };
}

/** The log-rank test by one factor. */
interface FactorTest<Factor extends string> {
  readonly factor: Factor;
  readonly test: LogRank;
}

function testFactors<Factor extends string>(
  inOrder: readonly FactoredService<Factor>[],
  factors: readonly Factor[],
  accounted: readonly Factor[],
): readonly FactorTest<Factor>[] {
  const strata = strataOf(inOrder, accounted);
  return factors.map((factor) => ({ factor, test: logRank(grouped(inOrder, factor, strata)) }));
}

function raised<Factor extends string>(
  tests: readonly FactorTest<Factor>[],
): readonly FactorComparison<Factor>[] {
  const chances = holm(tests.map(({ test }) => (test.told ? test.p : null)));
  return tests.map(({ factor, test }, i) => ({ factor, levels: levelsOf(test), p: chances[i] ?? null }));
}

function addShortenings<Factor extends string>(
  inOrder: readonly FactoredService<Factor>[],
  tier: readonly Factor[],
  alone: readonly FactorTest<Factor>[],
  found: Shortening<Factor>[],
): void {
  while (found.length < mostNamed) {
    const accounted = found.map(({ factor }) => factor);
    const left = tier.filter((factor) => !accounted.includes(factor));
    const tests =
      accounted.length === 0
        ? alone.filter(({ factor }) => left.includes(factor))
        : testFactors(inOrder, left, accounted);
    const [next] = raised(tests)
      .flatMap(({ factor, levels, p }) => shorteningOf(factor, levels, p))
      .toSorted((one, other) => one.p - other.p);
    if (next === undefined) return;
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
  strata: readonly number[],
): readonly GroupedService[] {
  const kept: GroupedService[] = [];
  services.forEach(({ duration, failed, levels }, i) => {
    const group = levels[factor];
    if (group !== null) kept.push({ duration, failed, group, stratum: strata[i] ?? 0 });
  });
  return kept;
}

/** A number for each service: the same for those whose levels of the accounted factors are the same. */
function strataOf<Factor extends string>(
  services: readonly FactoredService<Factor>[],
  accounted: readonly Factor[],
): readonly number[] {
  const numbers = new Map<string, number>();
  return services.map(({ levels }) => {
    const key = accounted.map((factor) => levels[factor] ?? '').join('\n');
    const number = numbers.get(key) ?? numbers.size;
    numbers.set(key, number);
    return number;
  });
}

function levelsOf({ told, groups }: LogRank): readonly LevelLife[] {
  const failures = groups.reduce((sum, each) => sum + each.failures, 0);
  const expected = groups.reduce((sum, each) => sum + each.expected, 0);
  return groups
    .map((each): LevelLife => {
      const mine = each.failures / each.expected;
      const others = Math.max(leastOthers, failures - each.failures) / (expected - each.expected);
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
