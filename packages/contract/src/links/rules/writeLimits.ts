import type { WriteLimits } from '@lone-heron/core';
import type { MachineProfile } from '../../machines/machine.js';

/** What a machine takes of each parameter, in the units of a link: W, %, mm, Hz and mm/s. */
export function writeLimits({
  powerW,
  dutyPercent,
  wobbleWidthMm,
  wobbleRateHz,
  wireSpeedMmS,
}: MachineProfile): WriteLimits {
  return {
    power: powerW,
    wobbleWidth: wobbleWidthMm,
    wobbleRate: wobbleRateHz,
    ...(dutyPercent === null ? {} : { duty: dutyPercent }),
    ...(wireSpeedMmS === null ? {} : { wireSpeed: wireSpeedMmS }),
  };
}
