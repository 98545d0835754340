import { fitLampEnergy, pulseEnergy } from '@lone-heron/core';
import type { Machine } from '../../machines/machine.js';
import type { FieldProblem } from '../../wire/problem.js';
import type { ModeSetting, SettingOf } from '../modeSetting.js';
import type { ModeWork } from '../modeWork.js';
import { lampHeadOf } from './heads.js';
import { lampSettingOf } from './modeJobs.js';
import { modesOf } from './modeOnMachine.js';

interface Limit {
  readonly field: string;
  readonly value: number;
  readonly most: number | undefined;
  readonly unit: string;
}

/** Rounding of recorded values must not push one over its limit. */
const slack = 1e-3;

/** What of work and its setting a machine cannot do: a mode it has not got, or more than its panel allows. */
export function beyondMode(work: ModeWork, setting: ModeSetting, { name, profile }: Machine): FieldProblem[] {
  const can = modesOf(profile);
  if (!can.includes(work.mode)) {
    const allowed = can.length === 0 ? `nothing but welding on ${name}` : `${can.join(', ')} on ${name}`;
    return [{ field: 'work.mode', given: work.mode, allowed }];
  }
  return [...limitsOfWork(work, profile), ...limitsOf(setting, profile)]
    .filter(({ value, most }) => most !== undefined && value > most + slack)
    .map(({ field, value, most, unit }) => ({
      ...{ field, given: `${value} ${unit}`, allowed: `up to ${most} ${unit} on ${name}` },
    }));
}

function limitsOfWork(work: ModeWork, { cutting }: Machine['profile']): Limit[] {
  if (work.mode !== 'cut') return [];
  return [{ field: 'work.pressureBar', value: work.pressureBar, most: cutting?.mostBar, unit: 'bar' }];
}

function limitsOf(setting: ModeSetting, profile: Machine['profile']): Limit[] {
  const { powerW, dutyPercent, modulationHz, cleaning, lamp } = profile;
  const limit = (field: string, value: number, most: number | undefined, unit: string): Limit => ({
    ...{ field: `setting.${field}`, value, most, unit },
  });
  switch (setting.mode) {
    case 'clean':
    case 'cut':
      return [
        limit('powerW', setting.powerW, powerW.most, 'W'),
        limit('dutyPercent', setting.dutyPercent, dutyPercent?.most ?? 100, '%'),
        ...(setting.pulseHz === null ? [] : [limit('pulseHz', setting.pulseHz, modulationHz?.most, 'Hz')]),
        ...(setting.mode === 'cut'
          ? []
          : [
              limit('widthMm', setting.widthMm, cleaning?.widthMm.most, 'mm'),
              limit('rateHz', setting.rateHz, cleaning?.rateHz.most, 'Hz'),
            ]),
      ];
    case 'spot':
    case 'seam':
      return [
        limit('currentA', setting.currentA, lamp?.currentA.most, 'A'),
        limit('pulseMs', setting.pulseMs, lamp?.pulseWidthMs.most, 'ms'),
        limit('rateHz', setting.rateHz, lamp?.pulseRateHz.most, 'Hz'),
        ...meanPowerLimit(setting, profile),
      ];
  }
}

/** A pulse that the lamp's mean power cannot repeat so often, by the machine's own table where it has one. */
function meanPowerLimit(
  setting: SettingOf<'spot'> | SettingOf<'seam'>,
  profile: Machine['profile'],
): Limit[] {
  const head = lampHeadOf(profile);
  const table = head === null ? null : fitLampEnergy(head.points);
  if (table === null) return [];
  const energy = pulseEnergy(table, lampSettingOf(setting));
  const most = Number((profile.ratedPowerW / energy).toPrecision(2));
  return [
    { field: 'setting.rateHz', value: setting.rateHz, most, unit: `Hz of ${energy.toPrecision(2)} J pulses` },
  ];
}
