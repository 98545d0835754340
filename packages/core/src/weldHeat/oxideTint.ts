import { tints, type Metal, type MetalFamily, type Tint } from '../metal/index.js';
import { kelvin, type Kelvin } from '../quantity/index.js';

/**
 * How much quicker oxide grows when it is hotter, J/mol: with the colour tables' own steepness. Assumptions, from growth of
 * thin films in air.
 */
const activation: Readonly<Partial<Record<MetalFamily, number>>> = {
  steel: 130e3,
  stainless: 190e3,
  titanium: 190e3,
  nickel: 210e3,
};

/** Tables of colours are made by holding pieces about so long, s: short of it, so that bands come out rather wide than narrow. */
const heldInTable = 30;
const gasConstant = 8.314;

/**
 * Growth of oxide in a second at a temperature, in seconds at the temperature at which a tint shows after
 * {@link heldInTable}. Added up over a thermal cycle a tint shows from 1 on: a short heating has to be hotter.
 *
 * @returns null for metals that show no tints
 * @example
 * oxideGrowth(findMetal('stainless304'), 'blue')(celsius(540)).toFixed(4) // => '0.0333'
 */
export function oxideGrowth(metal: Metal, tint: Tint): ((temperature: Kelvin) => number) | null {
  const energy = activation[metal.family];
  if (metal.tint === null || energy === undefined) return null;
  const shown = metal.tint[tint];
  return (temperature) =>
    Math.exp(Math.min(60, (energy / gasConstant) * (1 / shown - 1 / temperature))) / heldInTable;
}

/** Oxide at which each tint shows, over that at which straw does: one sum of growth tells all of them. */
export interface TintGrowth {
  /** Of straw, from a temperature, 1/s. */
  readonly perSecond: (temperature: Kelvin) => number;
  /** Sum from which each shows. */
  readonly shownFrom: Readonly<Record<Tint, number>>;
}

/**
 * One law of growth for all tints of a metal. The tints of a table differ in the temperature at which they show after the
 * same time, which is how much more oxide each needs.
 *
 * @example
 * tintGrowth(findMetal('aluminium5052')) // => null
 */
export function tintGrowth(metal: Metal): TintGrowth | null {
  const straw = oxideGrowth(metal, 'straw');
  const { tint } = metal;
  if (straw === null || tint === null) return null;
  const shownFrom = Object.fromEntries(tints.map((each) => [each, heldInTable * straw(kelvin(tint[each]))]));
  return { perSecond: straw, shownFrom: shownFrom as Record<Tint, number> };
}
