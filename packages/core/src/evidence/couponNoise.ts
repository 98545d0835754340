import { meltKernel, type MeltInput } from '../melt/index.js';
import { metrePerSecond, watt } from '../quantity/index.js';
import type { EvidenceWeld } from './EvidenceWeld.js';

const sectionSd = 0.1;
const lookSd = 0.12;

/** How far off the pace of a hand may be where nobody measured it, and the power of a machine always. */
const travelDoubt = 0.2;
const powerDoubt = 0.1;

const turn = 0.02;

/** How a coupon was looked at, or will be. */
export interface CouponReading {
  readonly by: 'look' | 'section';
  /** Whether light-on time and length are taken, so that the travel is the real one. */
  readonly isTravelMeasured: boolean;
}

/**
 * Standard deviation of one coupon's ln(real depth/model depth) about the shop's own line: section 0.10, look 0.12;
 * in quadrature 0.1 times the sensitivity of depth to power and, where travel was not measured, 0.2 times that to
 * travel.
 *
 * @example
 * couponNoise(sampleWeld, { by: 'look', isTravelMeasured: true }).toFixed(2) // => '0.16'
 */
export function couponNoise({ melt }: EvidenceWeld, { by, isTravelMeasured }: CouponReading): number {
  const seen = by === 'look' ? lookSd : sectionSd;
  const travel = isTravelMeasured
    ? 0
    : travelDoubt * logSensitivity((turned) => ({ ...melt, travel: metrePerSecond(melt.travel * turned) }));
  const power = powerDoubt * logSensitivity((turned) => ({ ...melt, power: watt(melt.power * turned) }));
  return Math.hypot(seen, travel, power);
}

/** d ln depth/d ln knob by a central difference; its sign does not matter here. */
function logSensitivity(turned: (by: number) => MeltInput): number {
  const up = meltKernel(turned(1 + turn)).depth;
  const down = meltKernel(turned(1 - turn)).depth;
  return Math.abs(Math.log(up / down) / Math.log((1 + turn) / (1 - turn)));
}
