import { inverse, Matrix } from 'ml-matrix';
import { joule, type Joule } from '../quantity/index.js';
import { RangeFault } from '../fault/index.js';
import type { WindowDose } from './windowDose.js';
import { fitWeibullLife } from './weibullLife.js';

/** How strongly each documented weight counts: 1 as documented, 0 not at all, 2 squared. */
export interface DosePowers {
  readonly metal: number;
  readonly angle: number;
  readonly power: number;
}

/** What a window bore: light with its documented weights, stretch by stretch. */
export interface BorneLight {
  readonly failed: boolean;
  readonly stretches: readonly Pick<WindowDose, 'light' | 'weights'>[];
}

/** The powers that fit the lives best, and how far off they may be. */
export interface FittedDosePowers {
  readonly powers: DosePowers;
  /** Standard deviations. */
  readonly sd: DosePowers;
  readonly failures: number;
}

/** The documented weights are believed to within this. */
const prior = { mean: 1, sd: 0.5 } as const;
const keys = ['metal', 'angle', 'power'] as const;
/** Fewer failures leave everything to what was believed before. */
const leastFailures = 8;
const firstStep = 0.5;
const lastStep = 0.004;
const curvatureStep = 0.05;

/** The documented weights as they are. */
export const documentedPowers: DosePowers = { metal: 1, angle: 1, power: 1 };

/**
 * Light weighted with powers of the documented weights, J.
 *
 * @example
 * weightedLight({ light: joule(100), weights: { metal: 2, angle: 1, power: 1 } }, documentedPowers) // => 200
 */
export function weightedLight(
  { light, weights }: Pick<WindowDose, 'light' | 'weights'>,
  powers: DosePowers,
): number {
  return (
    light * weights.metal ** powers.metal * weights.angle ** powers.angle * weights.power ** powers.power
  );
}

/**
 * The powers of the documented weights under which the shop's own windows fail most alike: the most likely ones for a
 * Weibull life in weighted light, each believed beforehand to be 1 give or take 0.5 (normal). A pattern search (Hooke
 * and Jeeves 1961); the band is from the curvature there.
 *
 * @throws RangeFault where fewer than eight have failed, or one bore no light
 */
export function fitDoseWeights(windows: readonly BorneLight[]): FittedDosePowers {
  const fitting = fittingDoseWeights(windows);
  for (;;) {
    const { done, value } = fitting.next();
    if (done === true) return value;
  }
}

/**
 * The same in steps of a few milliseconds, for who has others to answer between them.
 *
 * @throws RangeFault as {@link fitDoseWeights}, at its first step
 */
export function* fittingDoseWeights(windows: readonly BorneLight[]): Generator<undefined, FittedDosePowers> {
  const failures = windows.filter(({ failed }) => failed).length;
  if (failures < leastFailures) {
    throw new RangeFault({
      quantity: 'windows that failed',
      given: String(failures),
      allowed: `${leastFailures} or more`,
    });
  }
  // Years of light through a window have few weights, and each is weighed a hundred times.
  const merged = windows.map(({ failed, stretches }) => ({ failed, stretches: alikeTogether(stretches) }));
  const worth = (at: readonly number[]) => logPosterior(merged, at);
  const best = yield* climb(worth, [1, 1, 1]);
  const spread = inverse((yield* curvature(worth, best)).mul(-1));
  const named = (valueOf: (i: number) => number): DosePowers => ({
    metal: valueOf(0),
    angle: valueOf(1),
    power: valueOf(2),
  });
  return {
    powers: named((i) => best[i] ?? 1),
    sd: named((i) => Math.sqrt(spread.get(i, i))),
    failures,
  };
}

/** Light of one weight taken together. */
function alikeTogether(stretches: BorneLight['stretches']): BorneLight['stretches'] {
  const byWeight = new Map<string, { light: Joule; weights: WindowDose['weights'] }>();
  for (const { light, weights } of stretches) {
    const key = `${weights.metal} ${weights.angle} ${weights.power}`;
    const alike = byWeight.get(key);
    if (alike === undefined) byWeight.set(key, { light, weights });
    else alike.light = joule(alike.light + light);
  }
  return [...byWeight.values()];
}

function logPosterior(windows: readonly BorneLight[], at: readonly number[]): number {
  const powers = { metal: at[0] ?? 1, angle: at[1] ?? 1, power: at[2] ?? 1 };
  let perLight = 0;
  const services = windows.map(({ failed, stretches }) => {
    const duration = stretches.reduce((sum, stretch) => sum + weightedLight(stretch, powers), 0);
    const light = stretches.reduce((sum, stretch) => sum + stretch.light, 0);
    // The chance of failing is one per light, not per weighted light: a weight must not pay by making lives shorter.
    if (failed) perLight += Math.log(duration / light);
    return { duration, failed };
  });
  const believed = at.reduce((sum, value) => sum - ((value - prior.mean) / prior.sd) ** 2 / 2, 0);
  return fitWeibullLife(services).logLikelihood + perLight + believed;
}

/** How well powers fit: the logarithm of how likely they are. */
type Worth = (at: readonly number[]) => number;

/** Steps along one power after another, each as long as it helps, then half as far. */
function* climb(worth: Worth, from: readonly number[]): Generator<undefined, readonly number[]> {
  let at = [...from];
  let here = worth(at);
  for (let step = firstStep; step > lastStep;) {
    const before = here;
    for (const i of keys.keys()) {
      for (const way of [step, -step]) {
        yield;
        const next = at.with(i, (at[i] ?? 0) + way);
        const there = worth(next);
        if (there <= here) continue;
        at = next;
        here = there;
      }
    }
    if (here === before) step /= 2;
  }
  return at;
}

function* curvature(worth: Worth, at: readonly number[]): Generator<undefined, Matrix> {
  const h = curvatureStep;
  const moved = (i: number, byI: number, j: number, byJ: number) => {
    const next = [...at];
    next[i] = (next[i] ?? 0) + byI;
    next[j] = (next[j] ?? 0) + byJ;
    return worth(next);
  };
  const second = (i: number, j: number) =>
    (moved(i, h, j, h) - moved(i, h, j, -h) - moved(i, -h, j, h) + moved(i, -h, j, -h)) / (4 * h * h);
  const found = Matrix.zeros(keys.length, keys.length);
  for (const i of keys.keys())
    for (const j of keys.keys()) {
      yield;
      found.set(i, j, second(i, j));
    }
  return found;
}
