import type { Metre, MetrePerSecond } from '../quantity/index.js';
import type { Wobble } from './Wobble.js';

/**
 * Traces the beam's centre over the sheet into a caller's buffer.
 *   side to side  y = (w/2) sin
 *   circle        x = (w/2) cos, y = (w/2) sin
 *   figure eight  x = (w/4) sin 2., y = (w/2) sin
 * and the travel adds to x.
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
  for (let i = 0; i < points; i++) {
    const time = (seconds * i) / (points - 1);
    const phase = wobble.shape === 'none' ? 0 : 2 * Math.PI * wobble.frequency * time;
    const halfWidth = wobble.shape === 'none' ? 0 : wobble.width / 2;
    into[2 * i] = travel * time + alongOffset(wobble, halfWidth, phase);
    into[2 * i + 1] = halfWidth * Math.sin(phase);
  }
  return into;
}

function alongOffset(wobble: Wobble, halfWidth: Metre | number, phase: number): number {
  if (wobble.shape === 'circle') return halfWidth * Math.cos(phase);
  if (wobble.shape === 'figureEight') return (halfWidth / 2) * Math.sin(2 * phase);
  return 0;
}
