import {
  inBar,
  inCelsius,
  inJoulePerMm,
  inMm,
  inMmPerSecond,
  inNormalLitresPerMinute,
  type GaugePascal,
  type JoulePerMetre,
  type Kelvin,
  type Metre,
  type MetrePerSecond,
  type NormalFlow,
} from './si.js';
import { cubicFootLitres, inchMm, psiBar } from './unitSpellings.js';

/** The units that sentences are said in. */
export interface SaidUnits {
  readonly length: 'mm' | 'in';
  readonly travel: 'mm/s' | 'cm/min' | 'in/min';
  readonly gasFlow: 'L/min' | 'CFH';
  readonly pressure: 'bar' | 'psi';
  readonly temperature: '°C' | '°F';
}

const metric: SaidUnits = {
  length: 'mm',
  travel: 'mm/s',
  gasFlow: 'L/min',
  pressure: 'bar',
  temperature: '°C',
};

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

/** Heat a length in a sentence: in whole J/mm, or in kJ/in to the hundredth. */
export function saidHeat(heat: JoulePerMetre, { length: unit }: SaidUnits = metric): string {
  const perMm = inJoulePerMm(heat);
  return unit === 'mm' ? `${perMm.toFixed(0)} J/mm` : `${((perMm * inchMm) / 1000).toFixed(2)} kJ/in`;
}

/** A flow of gas in a sentence: with up to so many decimals in L/min, whole in CFH. */
export function saidFlow(flow: NormalFlow, { gasFlow: unit }: SaidUnits = metric, decimals = 1): string {
  const litres = inNormalLitresPerMinute(flow);
  return unit === 'L/min'
    ? `${Number(litres.toFixed(decimals))} L/min`
    : `${((litres * 60) / cubicFootLitres).toFixed(0)} CFH`;
}

/** A pressure in a sentence: to a tenth of a bar, in whole psi from ten on. */
export function saidPressure(pressure: GaugePascal, { pressure: unit }: SaidUnits = metric): string {
  const bar = inBar(pressure);
  if (unit === 'bar') return `${Number(bar.toFixed(1))} bar`;
  const psi = bar / psiBar;
  return `${Number(psi.toFixed(psi < 10 ? 1 : 0))} psi`;
}

/** A temperature in a sentence, to a tenth. */
export function saidTemperature(temperature: Kelvin, { temperature: unit }: SaidUnits = metric): string {
  const degrees = inCelsius(temperature);
  return `${tenth(unit === '°C' ? degrees : degrees * 1.8 + 32)} ${unit}`;
}

/** How many degrees one temperature is from another in a sentence, to a tenth. @param kelvins between them */
export function saidDegrees(kelvins: number, { temperature: unit }: SaidUnits = metric): string {
  return `${tenth(unit === '°C' ? kelvins : kelvins * 1.8)} ${unit}`;
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}
