import type { Hertz, Metre } from '../quantity/index.js';

/** Shapes the gun can sweep: y across the seam, x along it. */
export const wobbleShapes = [
  'sideToSide',
  'circle',
  'figureEight',
  'triangle',
  'halfMoon',
  'hourglass',
] as const;
export type WobbleShape = (typeof wobbleShapes)[number];

/** The shapes as the shop says them. */
export const wobbleNames: Readonly<Record<WobbleShape, string>> = {
  sideToSide: 'side to side',
  circle: 'circle',
  figureEight: 'figure eight',
  triangle: 'triangle',
  halfMoon: 'half moon',
  hourglass: 'hourglass',
};

/** How the beam sweeps while the gun travels. Without sweeping there is no width and no frequency to state. */
export type Wobble =
  | { readonly shape: 'none' }
  | {
      readonly shape: WobbleShape;
      /** Peak to peak across the seam, above 0. */
      readonly width: Metre;
      /** Full cycles per second, above 0. */
      readonly frequency: Hertz;
    };

/**
 * A wobble from numbers that may be zero: a width or frequency of nought is no wobble.
 *
 * @param width m, 0 or more
 * @param frequency Hz, 0 or more
 * @example
 * wobbleFrom('circle', mm(0), hertz(60)) // => { shape: 'none' }
 */
export function wobbleFrom(shape: WobbleShape | 'none', width: Metre, frequency: Hertz): Wobble {
  return shape === 'none' || width <= 0 || frequency <= 0 ? { shape: 'none' } : { shape, width, frequency };
}
