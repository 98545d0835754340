import { requireWithin } from '../fault/index.js';
import { metre, type Hertz, type Metre, type MetrePerSecond } from '../quantity/index.js';

/** A seam of spots, one a pulse. */
interface SpotSeam {
  /** Width of a spot's melt at the face. */
  readonly spot: Metre;
  /** Of a spot's melt at its middle. */
  readonly depth: Metre;
  /** Pulses a second. */
  readonly rate: Hertz;
  readonly travel: MetrePerSecond;
}

/** How spots of a seam lie over each other. */
interface SpotOverlap {
  /** Share of a spot that the next one covers; below 0 where they do not touch. */
  readonly overlap: number;
  /** Where two neighbours cross: what is tight. 0 where they do not touch. */
  readonly sealed: Metre;
}

/**
 * Overlap of the spots of a seam, and the depth to which it is sealed: spots with a parabolic section, one every travel/rate.
 *
 * @throws RangeFault for a spot, rate or pace that is not above 0, or a depth below 0
 */
export function sealedDepth({ spot, depth, rate, travel }: SpotSeam): SpotOverlap {
  requireWithin(spot, { quantity: 'spot', min: 1e-6, max: 0.1, unit: 'm' });
  requireWithin(depth, { quantity: 'depth', min: 0, max: 0.1, unit: 'm' });
  requireWithin(rate, { quantity: 'pulse rate', min: 1e-3, max: 1e6, unit: 'Hz' });
  requireWithin(travel, { quantity: 'travel', min: 1e-7, max: 10, unit: 'm/s' });
  const apart = travel / rate / spot;
  return { overlap: 1 - apart, sealed: metre(apart >= 1 ? 0 : depth * (1 - apart ** 2)) };
}
