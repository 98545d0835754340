import { inMm, inMmPerSecond, type Metre, type MetrePerSecond } from './si.js';
import { inchMm } from './unitSpellings.js';

/** The units that sentences are said in. */
export interface SaidUnits {
  readonly length: 'mm' | 'in';
  readonly travel: 'mm/s' | 'cm/min' | 'in/min';
}

const metric: SaidUnits = { length: 'mm', travel: 'mm/s' };

/**
 * A length in a sentence: in millimetres with up to so many decimals, in inches to the thousandth.
 */
export function saidLength(length: Metre, { length: unit }: SaidUnits = metric, decimals = 1): string {
  return unit === 'mm'
    ? `${Number(inMm(length).toFixed(decimals))} mm`
    : `${Number((inMm(length) / inchMm).toFixed(3))} in`;
}

/**
 * A pace in a sentence: in mm/s or in/min with so many decimals, in whole cm/min.
 */
export function saidSpeed(speed: MetrePerSecond, { travel: unit }: SaidUnits = metric, decimals = 0): string {
  const perSecond = inMmPerSecond(speed);
  if (unit === 'mm/s') return `${perSecond.toFixed(decimals)} mm/s`;
  if (unit === 'cm/min') return `${(perSecond * 6).toFixed(0)} cm/min`;
  return `${((perSecond * 60) / inchMm).toFixed(decimals)} in/min`;
}
