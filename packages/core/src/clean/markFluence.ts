import { meltRise } from '../metal/index.js';
import { second, type Second } from '../quantity/index.js';
import { pathOver } from './cleaningOf.js';
import type { CleanJob, CleanSetting } from './CleanJob.js';

/** How long the spot takes to pass one place in a sweep. */
export function passingTime(
  { head }: Pick<CleanJob, 'head'>,
  { width, rate, shape }: Pick<CleanSetting, 'width' | 'rate' | 'shape'>,
): Second {
  return second(head.spot / (2 * rate * width * pathOver[shape]));
}

/**
 * Fluence of one sweep, J/m2, that brings a bare face of this metal to melting: a half space under even light for as
 * long as the spot needs to pass. Absorbed power over the spot, 2 q sqrt(t/(pi k rho c)) = rise, solved for the fluence.
 * A planning figure: how bright a face is counts for a factor of two, and the shop's strips find it out.
 * Source: Carslaw and Jaeger 1959, 2.9.
 */
export function markFluence(
  job: Pick<CleanJob, 'metal' | 'head'>,
  setting: Pick<CleanSetting, 'width' | 'rate' | 'shape'>,
): number {
  const { metal } = job;
  const { conductivity, density, heatCapacity, surfaceAbsorptivity } = metal;
  const stored = Math.sqrt(Math.PI * conductivity * density * heatCapacity * passingTime(job, setting));
  return ((Math.PI / 8) * meltRise(metal) * stored) / surfaceAbsorptivity;
}
