import type { MachineProfile } from '@lone-heron/contract';
import {
  beamFromDataSheet,
  degree,
  fraction,
  metre,
  planEyes,
  radian,
  watt,
  type EyePlan,
} from '@lone-heron/core';

/** A surface that throws all of the light back, looked at from straight before it: the worst a dull one can do. */
const worstSurface = { reflectance: fraction(1), viewingAngle: degree(0) };

/**
 * Eye figures of a machine at its configured power, each on the safe side: the beam is taken to spread from a point.
 *
 * @returns null where the divergence is not known
 */
export function eyeFigures({ configuredPowerW, optics }: MachineProfile): EyePlan | null {
  if (optics === null) return null;
  const beam = beamFromDataSheet({
    power: watt(configuredPowerW),
    divergence: radian(optics.divergenceMrad / 1000),
    exitDiameter: metre(0),
  });
  return planEyes(beam, worstSurface);
}
