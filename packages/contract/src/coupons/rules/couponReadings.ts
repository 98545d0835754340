import { couponInterval, couponNoise, predictMelt, type Metre } from '@lone-heron/core';
import type { Coupon } from '../coupon.js';
import { couponEvidence } from './couponEvidence.js';
import type { MachineProfile } from '../../machines/machine.js';

/** What a coupon, or a stretch of it, says of depth: bounds of ln(real depth/model depth), and how far off that may be. */
export interface CouponDepthReading {
  readonly low: number;
  readonly high: number;
  /** Standard deviation. */
  readonly noise: number;
  /** What the model says at the pace it really had, m. */
  readonly modelDepth: Metre;
}

/**
 * What a coupon says of depth against the model at the pace it really had; slips say nothing.
 *
 * @param profile of the machine it was welded on
 */
export function couponReadings(coupon: Coupon, profile: MachineProfile): readonly CouponDepthReading[] {
  return couponEvidence(coupon, profile)
    .filter(({ isSlip }) => !isSlip)
    .flatMap(({ weld, finding, isTravelMeasured }) => {
      const { depth, width } = predictMelt(weld.melt);
      const { thickness } = weld.melt;
      const by = finding.by === 'look' || finding.by === 'toes' ? 'look' : 'section';
      const far = weld.far === undefined ? {} : { far: weld.far };
      const { low, high } = couponInterval(finding, { thickness, depth, width, gap: weld.gap, ...far });
      // What nobody could see into says nothing.
      if (low === -Infinity && high === Infinity) return [];
      return [{ low, high, noise: couponNoise(weld, { by, isTravelMeasured }), modelDepth: depth }];
    });
}
