import type { MetrePerSecond } from '../quantity/index.js';
import type { Wobble } from './Wobble.js';
import { wobbleOffsetInto } from './wobbleOffset.js';

/**
 * Traces the beam's centre over the sheet into a caller's buffer: the wobble's own shape with the travel added to x.
 *
 * @param wobble the sweep
 * @param travel m/s along x
 * @param seconds how long to trace, from time 0
 * @param into flat [x0, y0, x1, y1, ...] in m; its length sets the number of evenly spaced points, 2 or more
 * @returns the buffer
 * @example
 * wobblePathInto({ shape: 'none' }, mmPerSecond(10), 1, new Float64Array(4))[2] // => 0.01
 */
export function wobblePathInto(
  wobble: Wobble,
  travel: MetrePerSecond,
  seconds: number,
  into: Float64Array,
): Float64Array {
  const points = into.length >> 1;
  const offset = new Float64Array(2);
  for (let i = 0; i < points; i++) {
    const time = (seconds * i) / (points - 1);
    wobbleOffsetInto(wobble, wobble.shape === 'none' ? 0 : wobble.frequency * time, offset);
    into[2 * i] = travel * time + (offset[0] as number);
    into[2 * i + 1] = offset[1] as number;
  }
  return into;
}
