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

/** Temperature rise from one temperature to another. */
export const riseBetween = (from: Kelvin, to: Kelvin): KelvinDifference => (to - from) as KelvinDifference;
