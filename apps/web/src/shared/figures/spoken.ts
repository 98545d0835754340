import type { HouseUnits } from '@lone-heron/contract';
import type { AllowedRange } from '@lone-heron/core';
import { figure } from './figures.js';
import {
  flowFigure,
  lengthFigure,
  litresPerCubicFoot,
  mmPerInch,
  travelFigure,
  travelScale,
} from './houseUnits.js';
import { shopUnits } from './shopUnits.js';

/** Figures in the shop's units, for words that stand alone. */
export const spokenLength = (mm: number): string => lengthFigure(mm, shopUnits());
export const spokenTravel = (mmS: number): string => travelFigure(mmS, shopUnits());
export const spokenFlow = (litresPerMinute: number): string => flowFigure(litresPerMinute, shopUnits());

/** A length with how far off it may be: "1.2 ±0.05 mm". */
export function spokenReading(mm: number, giveMm: number): string {
  const { length } = shopUnits();
  const [per, decimals] = length === 'mm' ? [1, 2] : [mmPerInch, 3];
  return `${figure(mm / per, decimals)} ±${figure(giveMm / per, decimals)} ${length}`;
}

/** The shop's unit for a unit of ours, and how many of ours are one of it. */
interface SpokenUnit {
  readonly unit: string;
  readonly own: number;
}

/** How the shop says a unit of ours; a unit of which there is only one is said as it is. */
export function spokenUnit(unit: string, units: HouseUnits = shopUnits()): SpokenUnit {
  if (unit === 'mm' && units.length === 'in') return { unit: 'in', own: mmPerInch };
  if (unit === 'mm/s') {
    const scale = travelScale(units);
    return { unit: scale.unit, own: scale.mmS };
  }
  if (unit === 'L/min' && units.gasFlow === 'CFH') return { unit: 'CFH', own: litresPerCubicFoot / 60 };
  return { unit, own: 1 };
}

/** A range as the shop says it, rounded inwards so that what it says is allowed. */
export function spokenRange(range: AllowedRange): AllowedRange {
  const { unit, own } = spokenUnit(range.unit);
  if (own === 1) return { ...range, unit };
  const rounded = (value: number, round: (value: number) => number) => round((value / own) * 1000) / 1000;
  return { ...range, unit, min: rounded(range.min, Math.ceil), max: rounded(range.max, Math.floor) };
}
