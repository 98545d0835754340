import type { Coupon, MachineProfile } from '@lone-heron/contract';
import { forecastWeld, weldConsequences, type TintBands } from '@lone-heron/core';
import { asWelded } from '../../../shared/evidence/asWelded.js';

/** Widths of the colours that the model says of a coupon's face, in air, as it was welded; null for metals that show no bands. */
export function expectedTint(coupon: Coupon, profile: MachineProfile): TintBands | null {
  const { job, setting } = asWelded(coupon, profile);
  return weldConsequences(job, setting, forecastWeld(job, setting)).tint?.front ?? null;
}
