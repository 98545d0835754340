import {
  barGauge,
  findMetal,
  fraction,
  hertz,
  mm,
  mmPerSecond,
  normalLitrePerMinute,
  second,
  watt,
  type CleanHead,
  type CleanJob,
  type CleanSetting,
  type CutHead,
  type CutJob,
  type CutSetting,
  type LampHead,
  type LampJob,
  type LampSetting,
} from '@lone-heron/core';
import type { MachineProfile } from '../../machines/machine.js';
import type { SettingOf } from '../modeSetting.js';
import type { WorkOf } from '../modeWork.js';

/** Work and settings as the core has them, and back: in SI there, in the shop's units here. */

export function cleanJobOf(work: WorkOf<'clean'>, head: CleanHead): CleanJob {
  const { metal, thicknessMm, coat, lengthMm, widthMm, aim } = work;
  return {
    ...{ metal: findMetal(metal), thickness: mm(thicknessMm), coat, aim, head },
    ...{ length: mm(lengthMm), width: mm(widthMm) },
  };
}

export function cutJobOf(work: WorkOf<'cut'>, head: CutHead, profile: MachineProfile): CutJob {
  const { metal, thicknessMm, gas, pressureBar, boreMm, line, lengthMm, aim } = work;
  const airLMin = gas === 'air' ? (profile.cutting?.airLMin ?? null) : null;
  return {
    ...{ metal: findMetal(metal), thickness: mm(thicknessMm), gas, line, aim, head },
    ...{ pressure: barGauge(pressureBar), bore: mm(boreMm), length: mm(lengthMm) },
    supply: airLMin === null ? null : normalLitrePerMinute(airLMin),
  };
}

export function lampJobOf(work: WorkOf<'spot'> | WorkOf<'seam'>, head: LampHead): LampJob {
  const { mode, metal, thicknessMm, wantedMm } = work;
  return {
    ...{ kind: mode, metal: findMetal(metal), thickness: mm(thicknessMm), wanted: mm(wantedMm), head },
    under: mm(work.mode === 'spot' ? work.underMm : thicknessMm),
    length: mm(work.mode === 'spot' ? 1 : work.lengthMm),
  };
}

export function cleanSettingOf(setting: SettingOf<'clean'>): CleanSetting {
  return {
    ...lightOf(setting),
    ...{ shape: setting.shape, width: mm(setting.widthMm), rate: hertz(setting.rateHz) },
    ...{ passes: setting.passes, travel: mmPerSecond(setting.paceMmS) },
  };
}

export function cutSettingOf(setting: SettingOf<'cut'>): CutSetting {
  const { paceMmS, focusMm, standoffMm } = setting;
  return {
    ...lightOf(setting),
    ...{ travel: mmPerSecond(paceMmS), focus: mm(focusMm), standoff: mm(standoffMm) },
  };
}

export function lampSettingOf(setting: SettingOf<'spot'> | SettingOf<'seam'>): LampSetting {
  const { currentA, pulseMs, rateHz, spotMm } = setting;
  return {
    ...{ current: currentA, width: second(pulseMs / 1000), rate: hertz(rateHz), spot: mm(spotMm) },
    travel: setting.mode === 'seam' ? mmPerSecond(setting.paceMmS) : null,
  };
}

function lightOf({ powerW, dutyPercent, pulseHz }: SettingOf<'clean'> | SettingOf<'cut'>) {
  return {
    power: watt(powerW),
    duty: fraction(dutyPercent / 100),
    pulses: pulseHz === null ? null : hertz(pulseHz),
  };
}

export function recordedCleaning(setting: CleanSetting): SettingOf<'clean'> {
  const { shape, width, rate, passes } = setting;
  return {
    ...{ mode: 'clean', ...recordedLight(setting), shape, passes },
    ...{ widthMm: rounded(width * 1000), rateHz: rounded(rate) },
  };
}

export function recordedCut(setting: CutSetting): SettingOf<'cut'> {
  const { focus, standoff } = setting;
  return {
    ...{ mode: 'cut', ...recordedLight(setting) },
    ...{ focusMm: rounded(focus * 1000), standoffMm: rounded(standoff * 1000) },
  };
}

export function recordedPulses({ current, width, rate, spot, travel }: LampSetting) {
  const pulses = {
    ...{ currentA: rounded(current), pulseMs: rounded(width * 1000) },
    ...{ rateHz: rounded(rate), spotMm: rounded(spot * 1000) },
  };
  return travel === null
    ? ({ mode: 'spot', ...pulses } as const)
    : ({ mode: 'seam', ...pulses, paceMmS: rounded(travel * 1000) } as const);
}

function recordedLight({ power, duty, pulses, travel }: CleanSetting | CutSetting) {
  return {
    ...{ powerW: rounded(power), dutyPercent: rounded(duty * 100) },
    ...{ pulseHz: pulses === null ? null : rounded(pulses), paceMmS: rounded(travel * 1000) },
  };
}

/** Without the digits that arithmetic leaves behind. */
function rounded(value: number): number {
  return Number(value.toPrecision(9));
}
