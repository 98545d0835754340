import { requireWithin } from '../fault/index.js';
import { barGauge, inBar, type CubicMetre, type GaugePascal } from '../quantity/index.js';
import { waterBulkModulus } from './pressureTest.js';

/** A pressure gauge: what its dial goes to, its accuracy class and its smallest division. */
export interface PressureGauge {
  readonly fullScale: GaugePascal;
  /** Per cent of the full scale, such as 1, 1.6 or 2.5. */
  readonly classPercent: number;
  readonly division: GaugePascal;
}

/** What a reading lets one say, and not more. */
export interface GaugeClaim {
  /** The pressure was at least this, and at most that. */
  readonly atLeast: GaugePascal;
  readonly atMost: GaugePascal;
  /** A drop smaller than this cannot be seen on the dial: half a division. */
  readonly smallestDropSeen: GaugePascal;
  /** Water that can be lost in the hold without the needle showing it, m3. */
  readonly hiddenLeak: number;
  /** How warm the water must stay, K either way, for a drop to mean a leak. */
  readonly steadyWithin: number;
}

/** Volume expansion of water around 20 °C, 1/K. */
const waterExpansion = 2.1e-4;

/**
 * What a hold with water under a gauge can tell. The vessel is taken as stiff: one that gives hides more.
 * A class 1.6 gauge is true to 1.6 % of its full scale anywhere on its dial.
 *
 * @param reading on the gauge, 0 to its full scale
 * @param volume of water in the vessel
 * @throws RangeFault for a reading beyond the dial
 * @example
 * gaugeClaim({ fullScale: barGauge(16), classPercent: 1.6, division: barGauge(0.5) }, barGauge(10), litre(5)).atLeast // => 974400
 */
export function gaugeClaim(gauge: PressureGauge, reading: GaugePascal, volume: CubicMetre): GaugeClaim {
  requireWithin(inBar(reading), {
    quantity: 'gauge reading',
    min: 0,
    max: inBar(gauge.fullScale),
    unit: 'bar',
  });
  const error = (gauge.fullScale * gauge.classPercent) / 100;
  const drop = gauge.division / 2;
  return {
    atLeast: barGauge(Math.max(0, reading - error) / 1e5),
    atMost: barGauge((reading + error) / 1e5),
    smallestDropSeen: barGauge(drop / 1e5),
    hiddenLeak: (volume * drop) / waterBulkModulus,
    steadyWithin: drop / (waterBulkModulus * waterExpansion),
  };
}
