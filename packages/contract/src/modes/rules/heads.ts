import {
  fraction,
  hertz,
  joule,
  mm,
  second,
  watt,
  type CleanHead,
  type CutHead,
  type LampHead,
} from '@lone-heron/core';
import type { MachineProfile } from '../../machines/machine.js';

type Reach = MachineProfile['powerW'];

function reach<Unit extends number>(of: Reach, unit: (value: number) => Unit) {
  return { least: unit(of.least), most: unit(of.most), step: unit(of.step) as number };
}

function lightOf({ powerW, dutyPercent, modulationHz }: MachineProfile) {
  return {
    power: reach(powerW, watt),
    duty: dutyPercent === null ? null : reach(dutyPercent, (percent) => fraction(percent / 100)),
    pulses: modulationHz === null ? null : reach(modulationHz, hertz),
  };
}

/** What a machine's cleaning head can be set to; null where it has none. */
export function cleanHeadOf(profile: MachineProfile): CleanHead | null {
  const { cleaning } = profile;
  if (cleaning === null) return null;
  return {
    ...lightOf(profile),
    width: reach(cleaning.widthMm, mm),
    rate: reach(cleaning.rateHz, hertz),
    spot: mm(cleaning.spotMm),
    shapes: cleaning.shapes,
  };
}

/** What a machine can be set to with its cutting nozzle on; null where it does not cut. */
export function cutHeadOf(profile: MachineProfile): CutHead | null {
  return profile.cutting === null ? null : { ...lightOf(profile), spot: mm(profile.spotMm) };
}

/** What a lamp-pulsed machine can be set to; null for a fibre laser. Its rated power is what the lamp bears on the mean. */
export function lampHeadOf({ lamp, spotMm, ratedPowerW }: MachineProfile): LampHead | null {
  if (lamp === null) return null;
  const spots = lamp.spotsMm.length === 0 ? [spotMm] : lamp.spotsMm;
  return {
    current: lamp.currentA,
    width: reach(lamp.pulseWidthMs, (ms) => second(ms / 1000)),
    rate: reach(lamp.pulseRateHz, hertz),
    spots: spots.toSorted((a, b) => a - b).map(mm),
    meanPower: watt(ratedPowerW),
    points: lamp.points.map(({ currentA, pulseMs, energyJ }) => ({
      ...{ current: currentA, width: second(pulseMs / 1000), energy: joule(energyJ) },
    })),
  };
}
