import { hertz, metrePerSecond, type Hertz, type Metre, type MetrePerSecond } from '../quantity/index.js';
import { closedPaths, isClosedShape } from './closedPath.js';
import { meanPathSpeed } from './pathSpeed.js';
import type { WobbleShape } from './Wobble.js';

/**
 * Sweep speed that some panels give instead of a frequency: the mean speed along the wobble's own line, the travel
 * left out. For side to side it is 2 w f, for a circle pi w f.
 *
 * @example
 * sweepSpeed('sideToSide', mm(2), hertz(75)) // => 0.3
 */
export function sweepSpeed(shape: WobbleShape, width: Metre, frequency: Hertz): MetrePerSecond {
  return metrePerSecond(lineOfWidthOne(shape) * width * frequency);
}

/**
 * Frequency behind a sweep speed; the inverse of {@link sweepSpeed}.
 *
 * @param width above 0
 * @example
 * sweepFrequency('sideToSide', mm(2), mmPerSecond(300)) // => 75
 */
export function sweepFrequency(shape: WobbleShape, width: Metre, speed: MetrePerSecond): Hertz {
  return hertz(speed / (lineOfWidthOne(shape) * width));
}

/** Length of the line of one cycle for a width of 1, by shape. */
function lineOfWidthOne(shape: WobbleShape): number {
  if (isClosedShape(shape)) return closedPaths[shape].perimeter;
  if (shape === 'sideToSide') return 2;
  if (shape === 'circle') return Math.PI;
  return meanPathSpeed({ shape, width: 1 as Metre, frequency: hertz(1) }, metrePerSecond(0));
}
