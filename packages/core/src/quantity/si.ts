import { normalTemperature } from './standardAir.js';

/**
 * SI quantities as types of their own, so that a width cannot be passed where a speed is wanted.
 * Inside the core every number is SI; these constructors and readers are its edge.
 */
declare const si: unique symbol;
type Si<U extends string> = number & { readonly [si]: U };

export type Metre = Si<'m'>;
export type MetrePerSecond = Si<'m/s'>;
export type Watt = Si<'W'>;
export type Hertz = Si<'Hz'>;
/** An absolute temperature. */
export type Kelvin = Si<'K'>;
/** A difference between two temperatures: never interchangeable with {@link Kelvin}. */
export type KelvinDifference = Si<'K difference'>;
export type SquareMetre = Si<'m2'>;
export type JoulePerMetre = Si<'J/m'>;
export type Joule = Si<'J'>;
export type Second = Si<'s'>;
/** An absolute pressure. */
export type Pascal = Si<'Pa'>;
/** A pressure above the air around it, as gauges show it: never interchangeable with {@link Pascal}. */
export type GaugePascal = Si<'Pa gauge'>;
export type Radian = Si<'rad'>;
export type CubicMetre = Si<'m3'>;
/** A flow as cubic metres a second of free gas at 0 °C and 1.01325 bar. */
export type NormalFlow = Si<'m3/s normal'>;
/** A share from 0 to 1. */
export type Fraction = Si<'1'>;

export const metre = (value: number): Metre => value as Metre;
export const mm = (value: number): Metre => (value / 1e3) as Metre;
export const inMm = (length: Metre): number => length * 1e3;

export const metrePerSecond = (value: number): MetrePerSecond => value as MetrePerSecond;
export const mmPerSecond = (value: number): MetrePerSecond => (value / 1e3) as MetrePerSecond;
export const inMmPerSecond = (speed: MetrePerSecond): number => speed * 1e3;

export const watt = (value: number): Watt => value as Watt;
export const hertz = (value: number): Hertz => value as Hertz;
export const kelvin = (value: number): Kelvin => value as Kelvin;
export const fraction = (value: number): Fraction => value as Fraction;

export const squareMetre = (value: number): SquareMetre => value as SquareMetre;
export const inSquareMm = (area: SquareMetre): number => area * 1e6;

export const joulePerMetre = (value: number): JoulePerMetre => value as JoulePerMetre;
export const inJoulePerMm = (heat: JoulePerMetre): number => heat / 1e3;

export const joule = (value: number): Joule => value as Joule;

export const second = (value: number): Second => value as Second;
export const minute = (value: number): Second => (value * 60) as Second;
export const inMinutes = (time: Second): number => time / 60;

export const barGauge = (value: number): GaugePascal => (value * 1e5) as GaugePascal;
export const inBar = (pressure: GaugePascal | Pascal): number => pressure / 1e5;
export const pascal = (value: number): Pascal => value as Pascal;

export const radian = (value: number): Radian => value as Radian;
export const degree = (value: number): Radian => ((value * Math.PI) / 180) as Radian;
export const inDegrees = (angle: Radian): number => (angle * 180) / Math.PI;

export const cubicMetre = (value: number): CubicMetre => value as CubicMetre;
export const litre = (value: number): CubicMetre => (value / 1e3) as CubicMetre;

export const normalLitrePerMinute = (value: number): NormalFlow => (value / 60_000) as NormalFlow;
export const inNormalLitresPerMinute = (flow: NormalFlow): number => flow * 60_000;

export const celsius = (value: number): Kelvin => (value + normalTemperature) as Kelvin;
export const inCelsius = (temperature: Kelvin): number => temperature - normalTemperature;
export const kelvinDifference = (value: number): KelvinDifference => value as KelvinDifference;

/** Temperature rise from one temperature to another. */
export const riseBetween = (from: Kelvin, to: Kelvin): KelvinDifference => (to - from) as KelvinDifference;
