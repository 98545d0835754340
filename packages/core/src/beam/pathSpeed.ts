import ellipe from '@stdlib/math-base-special-ellipe';
import { metrePerSecond, type MetrePerSecond } from '../quantity/index.js';
import type { Wobble } from './Wobble.js';

/** Points in the quarter cycle that stands for a whole figure eight: 1024 a cycle. */
const quarterPoints = 256;

/**
 * Mean speed of the beam's centre over the sheet, wobble and travel together. Side to side and circle in closed
 * form (complete elliptic integral of the second kind), figure eight by the trapezoid rule at 1024 points a cycle.
 *
 * @param wobble the sweep
 * @param travel m/s, above 0
 * @example
 * (meanPathSpeed({ shape: 'sideToSide', width: mm(1.961), frequency: hertz(192.6) }, mmPerSecond(3.45)) * 1000).toFixed(4) // => '755.4019'
 */
export function meanPathSpeed(wobble: Wobble, travel: MetrePerSecond): MetrePerSecond {
  if (wobble.shape === 'none') return travel;
  const sweep = Math.PI * wobble.frequency * wobble.width;
  switch (wobble.shape) {
    case 'sideToSide':
      return metrePerSecond(meanOfEllipse(Math.hypot(travel, sweep), sweep));
    case 'circle':
      return metrePerSecond(meanOfCircle(travel, sweep));
    case 'figureEight':
      return metrePerSecond(meanOfFigureEight(travel, sweep));
  }
}

/**
 * Fastest speed of the beam's centre during a cycle.
 *
 * @param wobble the sweep
 * @param travel m/s, above 0
 */
export function peakPathSpeed(wobble: Wobble, travel: MetrePerSecond): MetrePerSecond {
  if (wobble.shape === 'none') return travel;
  const sweep = Math.PI * wobble.frequency * wobble.width;
  switch (wobble.shape) {
    case 'sideToSide':
      return metrePerSecond(Math.hypot(travel, sweep));
    case 'circle':
      return metrePerSecond(travel + sweep);
    case 'figureEight':
      return metrePerSecond(Math.hypot(travel + sweep, sweep));
  }
}

/** Mean over a cycle of sqrt(v2 + A2 cos2), where peak2 = v2 + A2: (2/pi) peak E(A2/peak2). */
function meanOfEllipse(peak: number, sweep: number): number {
  return (2 / Math.PI) * peak * ellipe((sweep / peak) ** 2);
}

/** Mean over a cycle of sqrt(v2 + A2 + 2 v A cos): (2/pi)(v + A) E(4 v A/(v + A)2). */
function meanOfCircle(travel: number, sweep: number): number {
  const peak = travel + sweep;
  return (2 / Math.PI) * peak * ellipe((4 * travel * sweep) / (peak * peak));
}

/**
 * Mean over a cycle of sqrt((v + A cos 2p)2 + (A cos p)2). The speed depends on p through cos2 p alone, so a quarter
 * of the cycle stands for the whole.
 */
function meanOfFigureEight(travel: number, sweep: number): number {
  let sum = 0;
  for (let i = 0; i <= quarterPoints; i++) {
    const cos2 = quarterCosineSquared[i] as number;
    const along = travel + sweep * (2 * cos2 - 1);
    const speed = Math.sqrt(along * along + sweep * sweep * cos2);
    sum += i === 0 || i === quarterPoints ? speed / 2 : speed;
  }
  return sum / quarterPoints;
}

const quarterCosineSquared = Float64Array.from(
  { length: quarterPoints + 1 },
  (_, i) => Math.cos((i * Math.PI) / (2 * quarterPoints)) ** 2,
);
