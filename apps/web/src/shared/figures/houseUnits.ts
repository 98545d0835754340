import type { HouseUnits } from '@lone-heron/contract';
import { cubicFootLitres } from '@lone-heron/core';
import { figure, mmFigure } from './figures.js';

export const mmPerInch = 25.4;

/** A length as the house says it: "1.5 mm", "0.059 in". */
export function lengthFigure(mm: number, { length }: Pick<HouseUnits, 'length'>): string {
  return length === 'mm' ? mmFigure(mm) : `${figure(mm / mmPerInch, 3)} in`;
}

/** A range of lengths with its unit once: "1.5 to 2.3 mm". */
export function lengthRange(from: number, to: number, units: Pick<HouseUnits, 'length'>): string {
  const [low, unit = ''] = lengthFigure(from, units).split(' ');
  const [high] = lengthFigure(to, units).split(' ');
  return `${low} to ${high} ${unit}`;
}

const travelUnits: Readonly<
  Record<HouseUnits['travel'], { readonly perMmS: number; readonly decimals: number }>
> = {
  'mm/s': { perMmS: 1, decimals: 1 },
  'cm/min': { perMmS: 6, decimals: 0 },
  'in/min': { perMmS: 60 / mmPerInch, decimals: 1 },
};

/** A travel as the house says it. */
export function travelFigure(mmS: number, { travel }: Pick<HouseUnits, 'travel'>): string {
  const { perMmS, decimals } = travelUnits[travel];
  return `${figure(mmS * perMmS, decimals)} ${travel}`;
}

/** mm/s in one of the house's unit of travel, with the decimals it is written with. */
export function travelScale({ travel }: Pick<HouseUnits, 'travel'>) {
  const { perMmS, decimals } = travelUnits[travel];
  return { unit: travel, mmS: 1 / perMmS, decimals };
}

/** A gas flow as the house says it. */
export function flowFigure(litresPerMinute: number, { gasFlow }: Pick<HouseUnits, 'gasFlow'>): string {
  return gasFlow === 'L/min'
    ? `${figure(litresPerMinute, 0)} L/min`
    : `${figure((litresPerMinute * 60) / cubicFootLitres, 0)} CFH`;
}

/** Change of a depth, with its sign in words. */
export function depthChangeIn(changeMm: number, units: Pick<HouseUnits, 'length'>): string {
  const size = lengthFigure(Math.abs(changeMm), units);
  if (Number.parseFloat(size) === 0) return 'same depth';
  return changeMm > 0 ? `${size} deeper` : `${size} less`;
}
