import { meanPowerW } from '../../joint/rules/meanPowerW.js';
import { fitLampEnergy, pulseEnergy } from '@lone-heron/core';
import type { MachineProfile } from '../../machines/machine.js';
import type { ModeSetting } from '../modeSetting.js';
import { lampHeadOf } from './heads.js';
import { lampSettingOf } from './modeJobs.js';

/** Mean power in W while a setting's light is on; null of pulses whose energy nobody knows. */
export function meanPowerOf(setting: ModeSetting, profile: MachineProfile): number | null {
  if (setting.mode === 'clean' || setting.mode === 'cut') return meanPowerW(setting);
  const head = lampHeadOf(profile);
  const table = head === null ? null : fitLampEnergy(head.points);
  return table === null ? null : pulseEnergy(table, lampSettingOf(setting)) * setting.rateHz;
}
