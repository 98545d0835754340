import type { AllowedRange } from '@lone-heron/core';
import { figure } from './figures.js';
import { mmPerInch } from './houseUnits.js';
import { shopUnits } from './shopUnits.js';
import { inSpoken, spokenUnit } from './spoken.js';

/** A range as the shop says it, rounded inwards so that what it says is allowed. */
export function spokenRange(range: AllowedRange): AllowedRange {
  const { unit, own } = spokenUnit(range.unit);
  if (own === 1) return { ...range, unit };
  const rounded = (value: number, round: (value: number) => number) =>
    round(inSpoken(value, range.unit) * 1000) / 1000;
  return { ...range, unit, min: rounded(range.min, Math.ceil), max: rounded(range.max, Math.floor) };
}

/** A length with how far off it may be: "1.2 ±0.05 mm". */
export function spokenReading(mm: number, giveMm: number): string {
  const { length } = shopUnits();
  const [per, decimals] = length === 'mm' ? [1, 2] : [mmPerInch, 3];
  return `${figure(mm / per, decimals)} ±${figure(giveMm / per, decimals)} ${length}`;
}
