/** What is kept along a spell of light, by point of a link. */
export const curveKeys = ['realPower', 'gasFlow', 'coolant', 'windowHolder'] as const;
export type CurveKey = (typeof curveKeys)[number];

/** A stretch of a curve: one sample as it was heard, or some taken together. */
export interface CurvePoint {
  /** s from the start of the spell to the start of the stretch. */
  readonly at: number;
  /** How many samples it stands for, 1 or more. */
  readonly count: number;
  /** Means, in the units of the points; null where nothing was said. */
  readonly means: Readonly<Record<CurveKey, number | null>>;
  /** W: the least and the most power of them, so that a dip is still seen once they are taken together. */
  readonly powerLeast: number | null;
  readonly powerMost: number | null;
}

/** A spell of light along its time, first to last; its pauses are gaps. */
export type LightCurve = readonly CurvePoint[];

/**
 * Takes together what lies in the same step of time. Done twice, the coarser step stands, as if it had been done at once.
 *
 * @param step s, above 0
 */
export function thinnedCurve(curve: LightCurve, step: number): LightCurve {
  const groups = new Map<number, CurvePoint[]>();
  for (const point of curve) {
    // A hair of rounding must not push a sample into the step before its own.
    const at = Math.floor(point.at / step + 1e-6);
    const group = groups.get(at);
    if (group === undefined) groups.set(at, [point]);
    else group.push(point);
  }
  return [...groups].map(([at, points]) => together(at * step, points));
}

/** The finest of the usual steps, s, that leaves at most so many points. */
export function stepFor(seconds: number, most: number): number {
  return steps.find((step) => seconds / step + 1 <= most) ?? Math.ceil(seconds / (most - 1));
}
const steps = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 60];

function together(at: number, points: readonly CurvePoint[]): CurvePoint {
  const count = points.reduce((sum, point) => sum + point.count, 0);
  const mean = (key: CurveKey) => meanOf(points.map((point) => [point.means[key], point.count]));
  return {
    at,
    count,
    means: {
      realPower: mean('realPower'),
      gasFlow: mean('gasFlow'),
      coolant: mean('coolant'),
      windowHolder: mean('windowHolder'),
    },
    powerLeast: furthest(points, 'powerLeast', Math.min),
    powerMost: furthest(points, 'powerMost', Math.max),
  };
}

function meanOf(weighted: readonly (readonly [number | null, number])[]): number | null {
  let sum = 0;
  let weight = 0;
  for (const [value, count] of weighted) {
    if (value === null) continue;
    sum += value * count;
    weight += count;
  }
  return weight === 0 ? null : sum / weight;
}

function furthest(
  points: readonly CurvePoint[],
  key: 'powerLeast' | 'powerMost',
  of: (one: number, other: number) => number,
): number | null {
  return points.reduce<number | null>((so, point) => {
    const value = point[key];
    if (value === null) return so;
    return so === null ? value : of(so, value);
  }, null);
}
