import { ellipticE } from '../numeric/index.js';
import { metrePerSecond, type MetrePerSecond } from '../quantity/index.js';
import { closedPaths, type ClosedPath } from './closedPath.js';
import type { Wobble } from './Wobble.js';

/** Points in the quarter cycle that stands for a whole figure eight: 1024 a cycle. */
const quarterPoints = 256;

/**
 * Mean speed of the beam's centre over the sheet, wobble and travel together. Side to side and circle in closed
 * form (complete elliptic integral of the second kind), figure eight by the trapezoid rule at 1024 points a cycle,
 * the closed shapes stretch by stretch.
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
    case 'triangle':
    case 'halfMoon':
    case 'hourglass': {
      const path = closedPaths[wobble.shape];
      return metrePerSecond(meanOfClosed(path, travel, runSpeed(path, wobble)));
    }
  }
}

/**
 * Fastest speed of the beam's centre during a cycle.
 *
 * @param wobble the sweep
 * @param travel m/s, above 0
 * @example
 * peakPathSpeed({ shape: 'circle', width: mm(2), frequency: hertz(50) }, mmPerSecond(8)).toFixed(4) // => '0.3222'
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
    case 'triangle':
    case 'halfMoon':
    case 'hourglass': {
      const path = closedPaths[wobble.shape];
      const run = runSpeed(path, wobble);
      const most = path.along.reduce((largest, each) => Math.max(largest, each), -1);
      return metrePerSecond(Math.sqrt(travel * travel + 2 * travel * run * most + run * run));
    }
  }
}

/** Mean over a cycle of sqrt(v2 + A2 cos2), where peak2 = v2 + A2: (2/pi) peak E(A2/peak2). */
function meanOfEllipse(peak: number, sweep: number): number {
  return (2 / Math.PI) * peak * ellipticE((sweep / peak) ** 2);
}

/** Mean over a cycle of sqrt(v2 + A2 + 2 v A cos): (2/pi)(v + A) E(4 v A/(v + A)2). */
function meanOfCircle(travel: number, sweep: number): number {
  const peak = travel + sweep;
  return (2 / Math.PI) * peak * ellipticE((4 * travel * sweep) / (peak * peak));
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

/** Constant speed along a closed line, before the travel is added. */
function runSpeed(path: ClosedPath, { width, frequency }: { width: number; frequency: number }): number {
  return path.perimeter * width * frequency;
}

/** Mean over a closed line of |v + run|, by the share of the line that each stretch is. */
function meanOfClosed({ along, lengths, perimeter }: ClosedPath, travel: number, run: number): number {
  const still = travel * travel + run * run;
  let sum = 0;
  for (let i = 0; i < along.length; i++) {
    const length = (lengths[i + 1] as number) - (lengths[i] as number);
    sum += length * Math.sqrt(still + 2 * travel * run * (along[i] as number));
  }
  return sum / perimeter;
}
