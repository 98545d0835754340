import { closedPaths, isClosedShape, placeOnPathInto } from './closedPath.js';
import type { Wobble } from './Wobble.js';

/**
 * Where the beam's centre lies beside the gun's own, into a caller's pair [x, y], m:
 *   side to side  y = (w/2) sin
 *   circle        x = (w/2) cos, y = (w/2) sin
 *   figure eight  x = (w/4) sin 2., y = (w/2) sin
 * and the closed shapes at constant speed along their line.
 *
 * @param cycles of the wobble since its start, any number
 */
export function wobbleOffsetInto(wobble: Wobble, cycles: number, into: Float64Array): Float64Array {
  if (wobble.shape === 'none') return into.fill(0);
  if (isClosedShape(wobble.shape)) {
    placeOnPathInto(closedPaths[wobble.shape], cycles, into);
    into[0] = (into[0] as number) * wobble.width;
    into[1] = (into[1] as number) * wobble.width;
    return into;
  }
  const phase = 2 * Math.PI * cycles;
  const half = wobble.width / 2;
  into[0] = wobble.shape === 'circle' ? half * Math.cos(phase) : 0;
  if (wobble.shape === 'figureEight') into[0] = (half / 2) * Math.sin(2 * phase);
  into[1] = half * Math.sin(phase);
  return into;
}
