import { coreJob, coreSetting, realTravelMmS, type Coupon, type MachineProfile } from '@lone-heron/contract';
import { forecastWeld, mmPerSecond, weldConsequences, type TintBands } from '@lone-heron/core';

/**
 * Widths of the colours that the model says of a coupon's face, in air, at its real travel where a hand set the pace and
 * somebody timed it; null for metals that show no bands.
 */
export function expectedTint(coupon: Coupon, profile: MachineProfile): TintBands | null {
  const { joint, setting } = coupon;
  const { pace } = setting;
  const job = coreJob(joint, pace.by === 'wire' ? pace.wireDiameterMm : null, profile, { kind: 'reach' });
  const dialled = coreSetting(setting);
  const travel = realTravelMmS(coupon);
  const real =
    travel !== null && dialled.pace.by === 'hand'
      ? { ...dialled, pace: { ...dialled.pace, travel: mmPerSecond(travel) } }
      : dialled;
  return weldConsequences(job, real, forecastWeld(job, real)).tint?.front ?? null;
}
