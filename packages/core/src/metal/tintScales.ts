import { celsius, type Kelvin } from '../quantity/index.js';

/** Colours of oxide beside a seam, from the coolest to the hottest. */
export const tints = ['straw', 'gold', 'blue'] as const;
export type Tint = (typeof tints)[number];

/** Peak temperature from which each colour shows in air. */
export type TintScale = Readonly<Record<Tint, Kelvin>>;

/**
 * Peak temperatures of the oxide colours in air for heatings of seconds. Tempering and heat-tint tables are made with
 * longer heatings, so the bands of a quick seam are narrower than computed; good gas cover narrows them further.
 * Spread: 40 K either way on steels, 60 K on titanium and nickel alloys.
 */
export const tintScales = {
  lowCarbonSteel: { straw: celsius(225), gold: celsius(255), blue: celsius(300) },
  stainless: { straw: celsius(290), gold: celsius(370), blue: celsius(540) },
  titanium: { straw: celsius(400), gold: celsius(450), blue: celsius(510) },
  nickel: { straw: celsius(350), gold: celsius(430), blue: celsius(580) },
} satisfies Record<string, TintScale>;
