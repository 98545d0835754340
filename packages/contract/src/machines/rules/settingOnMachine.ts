import type { Machine } from '../machine.js';
import type { FieldProblem } from '../../wire/problem.js';
import type { Setting } from '../../joint/setting.js';

interface Limit {
  field: string;
  value: number;
  most: number;
  unit: string;
}

/** Rounding of recorded values must not push one over its limit. */
const slack = 1e-3;

/**
 * What of a setting a machine cannot do: more than its panel allows, or wire where no feeder is fitted.
 * Lower limits are not held against a record: a knob may have been turned below what we know of.
 */
export function beyondMachine(setting: Setting, machine: Machine): FieldProblem[] {
  const { profile } = machine;
  const { wobble, pace } = setting;
  const limits: Limit[] = [{ field: 'powerW', value: setting.powerW, most: profile.powerW.most, unit: 'W' }];
  if (wobble.shape !== 'none') {
    limits.push(
      { field: 'wobble.widthMm', value: wobble.widthMm, most: profile.wobbleWidthMm.most, unit: 'mm' },
      { field: 'wobble.frequencyHz', value: wobble.frequencyHz, most: profile.wobbleRateHz.most, unit: 'Hz' },
    );
  }
  if (setting.modulationHz !== undefined && profile.modulationHz !== null) {
    const { most } = profile.modulationHz;
    limits.push({ field: 'modulationHz', value: setting.modulationHz, most, unit: 'Hz' });
  }
  const problems = limits
    .filter(({ value, most }) => value > most + slack)
    .map((limit) => tooMuch(limit, machine));
  return pace.by === 'wire' ? [...problems, ...wireProblems(pace.wireSpeedMmS, machine)] : problems;
}

function wireProblems(wireSpeedMmS: number, machine: Machine): FieldProblem[] {
  const feeder = machine.profile.wireSpeedMmS;
  if (feeder === null) {
    return [{ field: 'setting.pace.by', given: '"wire"', allowed: `hand: ${machine.name} has no feeder` }];
  }
  const limit = { field: 'pace.wireSpeedMmS', value: wireSpeedMmS, most: feeder.most, unit: 'mm/s' };
  return wireSpeedMmS > feeder.most + slack ? [tooMuch(limit, machine)] : [];
}

function tooMuch({ field, value, most, unit }: Limit, machine: Machine): FieldProblem {
  return {
    field: `setting.${field}`,
    given: String(value),
    allowed: `up to ${most} ${unit} on ${machine.name}`,
  };
}
