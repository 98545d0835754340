import { requireWithin } from '../fault/index.js';
import { ierfc } from '../numeric/index.js';
import { kelvinDifference, type KelvinDifference, type Metre, type Second } from '../quantity/index.js';

/** A pulse of even light on the face of something thick. */
interface DiscPulse {
  /** Absorbed, W/m2. */
  readonly flux: number;
  /** Of the spot. */
  readonly radius: Metre;
  /** W/(m K) */
  readonly conductivity: number;
  /** m2/s */
  readonly diffusivity: number;
  readonly onFor: Second;
}

/**
 * Rise on the axis of a spot, below its middle, at a time since the light went on: a disc of even flux on a half space of constant
 * properties that does not melt; after the light went off the same disc is taken away again. Source: Carslaw and Jaeger 1959, 10.5.
 *
 * @param depth below the face, 0 or more
 * @param at since the light went on, 0 or more
 * @throws RangeFault for a spot, metal or pulse that is not above 0
 */
export function discPulseRise(pulse: DiscPulse, depth: Metre, at: Second): KelvinDifference {
  requireWithin(pulse.flux, { quantity: 'flux', min: 0, max: 1e14, unit: 'W/m2' });
  requireWithin(pulse.radius, { quantity: 'spot radius', min: 1e-6, max: 0.1, unit: 'm' });
  requireWithin(pulse.conductivity, { quantity: 'conductivity', min: 1e-3, max: 1e4, unit: 'W/(m K)' });
  requireWithin(pulse.diffusivity, { quantity: 'diffusivity', min: 1e-9, max: 1e-2, unit: 'm2/s' });
  requireWithin(pulse.onFor, { quantity: 'pulse', min: 1e-9, max: 1e3, unit: 's' });
  requireWithin(depth, { quantity: 'depth', min: 0, max: 10, unit: 'm' });
  const on = sinceOn(pulse, depth, at);
  return kelvinDifference(at > pulse.onFor ? on - sinceOn(pulse, depth, at - pulse.onFor) : on);
}

/** Rise of a disc that went on so long ago and stays on. */
function sinceOn({ flux, radius, conductivity, diffusivity }: DiscPulse, depth: Metre, time: number): number {
  if (time <= 0) return 0;
  const reach = 2 * Math.sqrt(diffusivity * time);
  const near = ierfc(depth / reach);
  const far = ierfc(Math.hypot(depth, radius) / reach);
  return ((flux * reach) / conductivity) * (near - far);
}
