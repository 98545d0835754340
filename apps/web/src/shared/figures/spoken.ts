import type { HouseUnits } from '@lone-heron/contract';
import { cubicFootLitres, gallonLitres, poundKilograms, psiBar } from '@lone-heron/core';
import { figure } from './figures.js';
import { flowFigure, lengthFigure, mmPerInch, travelFigure, travelScale } from './houseUnits.js';
import { shopUnits } from './shopUnits.js';

/** Figures in the shop's units, for words that stand alone. */
export const spokenLength = (mm: number): string => lengthFigure(mm, shopUnits());
export const spokenTravel = (mmS: number): string => travelFigure(mmS, shopUnits());
export const spokenFlow = (litresPerMinute: number): string => flowFigure(litresPerMinute, shopUnits());

/** The shop's unit for a unit of ours. */
interface SpokenUnit {
  readonly unit: string;
  /** How many of ours are one of it. */
  readonly own: number;
  /** What it says at our zero; 0 where left out. */
  readonly atZero?: number;
}

const ours: SpokenUnit['own'] = 1;
const fahrenheit: SpokenUnit = { unit: '°F', own: 5 / 9, atZero: 32 };

/** How the shop says a unit of ours; a unit of which there is only one is said as it is. */
export function spokenUnit(unit: string, units: HouseUnits = shopUnits()): SpokenUnit {
  if (unit === 'mm' && units.length === 'in') return { unit: 'in', own: mmPerInch };
  if (unit === 'mm/s') {
    const scale = travelScale(units);
    return { unit: scale.unit, own: scale.mmS };
  }
  if (unit === 'L/min' && units.gasFlow === 'CFH') return { unit: 'CFH', own: cubicFootLitres / 60 };
  if (unit === '°C' && units.temperature === '°F') return fahrenheit;
  if (unit === 'bar' && units.pressure === 'psi') return { unit: 'psi', own: psiBar };
  if (unit === 'kg' && units.mass === 'lb') return { unit: 'lb', own: poundKilograms };
  if (unit === 'L' && units.length === 'in') return { unit: 'gal', own: gallonLitres };
  if (unit === 'm' && units.length === 'in') return { unit: 'ft', own: metresPerFoot };
  return { unit, own: ours };
}

/** What is told in metres is told in feet where lengths are in inches. */
export const metresPerFoot = (12 * mmPerInch) / 1000;

/** A value of ours in the shop's unit, as a number. */
export function inSpoken(value: number, unit: string, units: HouseUnits = shopUnits()): number {
  const { own, atZero = 0 } = spokenUnit(unit, units);
  return value / own + atZero;
}

/**
 * A value of ours in the shop's unit, in words: "12 bar", "174 psi".
 *
 * @param decimals at most, of the unit that is said
 */
export function spokenFigure(value: number, unit: string, decimals: number): string {
  return `${figure(inSpoken(value, unit), decimals)} ${spokenUnit(unit).unit}`;
}

export const spokenMass = (kilograms: number): string => spokenFigure(kilograms, 'kg', 1);
/** What a field begins with: a value of ours in the unit that the field reads. */
export function typedText(value: number, unit: string, decimals: number): string {
  return figure(inSpoken(value, unit), spokenUnit(unit).own === ours ? decimals : Math.max(decimals, 3));
}
