import type { MetalFamily } from '../metal/index.js';

/** What is known of a coat before the shop cleaned any of it. */
export interface CoatRow {
  /** As the sentence says it. */
  readonly said: string;
  /** Fluence of one sweep, J/cm2, below which nothing comes off where the spot passes in 100 µs. Median of a wide range. */
  readonly threshold: number;
  /** Of ln(threshold) from coat to coat of this name. */
  readonly thresholdSd: number;
  /** Its thickness over what a sweep takes for each e-fold above the threshold: how often it must be gone over. */
  readonly depth: number;
  readonly depthSd: number;
  /** What is in its fume, and what must be known first. */
  readonly fume: string;
  /** Whether what it holds must be known before it is burnt off. */
  readonly asksWhatItIs: boolean;
  /** On which metals it is found. */
  readonly families: readonly MetalFamily[];
}

const everyFamily: readonly MetalFamily[] = [
  'steel',
  'stainless',
  'aluminium',
  'copperAlloy',
  'titanium',
  'nickel',
];

/**
 * Coats that people clean off, with starting figures. They are guesses within a factor of two or so, made to be narrowed
 * by the shop's own strips; nobody's chart.
 */
export const coatTable = {
  lightRust: {
    ...{ said: 'light rust', threshold: 5, thresholdSd: 0.55, depth: 0.9, depthSd: 0.35 },
    fume: 'Iron oxide dust: extraction on, respirator worn.',
    asksWhatItIs: false,
    families: ['steel'],
  },
  heavyRust: {
    ...{ said: 'heavy rust', threshold: 6, thresholdSd: 0.6, depth: 3, depthSd: 1.2 },
    fume: 'Much iron oxide dust: extraction at the gun, respirator worn.',
    asksWhatItIs: false,
    families: ['steel'],
  },
  millScale: {
    ...{ said: 'mill scale', threshold: 9, thresholdSd: 0.6, depth: 2, depthSd: 0.8 },
    fume: 'Iron oxide dust and flakes: extraction on, respirator worn.',
    asksWhatItIs: false,
    families: ['steel'],
  },
  paint: {
    ...{ said: 'paint', threshold: 4, thresholdSd: 0.6, depth: 3, depthSd: 1.2 },
    fume: 'Paint burns: lead or chromate in old paint is poison. Know what it is before light touches it.',
    asksWhatItIs: true,
    families: everyFamily,
  },
  primer: {
    ...{ said: 'primer', threshold: 4, thresholdSd: 0.6, depth: 1.6, depthSd: 0.7 },
    fume: 'Primer can hold zinc, lead or chromate: its data sheet first, then extraction and respirator.',
    asksWhatItIs: true,
    families: everyFamily,
  },
  oil: {
    ...{ said: 'oil', threshold: 2.5, thresholdSd: 0.6, depth: 0.7, depthSd: 0.3 },
    fume: 'Oil smokes and can flare: wipe off what runs, extraction on.',
    asksWhatItIs: false,
    families: everyFamily,
  },
  heatTint: {
    ...{ said: 'heat tint', threshold: 4, thresholdSd: 0.55, depth: 0.5, depthSd: 0.2 },
    fume: 'The tint of stainless holds chromium: extraction on, respirator worn.',
    asksWhatItIs: false,
    families: ['steel', 'stainless', 'titanium', 'nickel'],
  },
  sugar: {
    ...{ said: 'sugar behind a seam', threshold: 8, thresholdSd: 0.6, depth: 2.5, depthSd: 1 },
    fume: 'Scale of stainless holds chromium: extraction on, respirator worn.',
    asksWhatItIs: false,
    families: ['stainless', 'nickel'],
  },
  anodising: {
    ...{ said: 'anodising', threshold: 9, thresholdSd: 0.6, depth: 1.5, depthSd: 0.6 },
    fume: 'Aluminium oxide dust: extraction on; fine aluminium dust burns, no heaps.',
    asksWhatItIs: false,
    families: ['aluminium', 'titanium'],
  },
} as const satisfies Readonly<Record<string, CoatRow>>;

export type CoatId = keyof typeof coatTable;
export const coats = Object.keys(coatTable) as [CoatId, ...CoatId[]];

/**
 * Coats that are found on metals of a family.
 *
 * @example
 * coatsOn('copperAlloy') // => ['paint', 'primer', 'oil']
 */
export function coatsOn(family: MetalFamily): readonly CoatId[] {
  return coats.filter((coat) => (coatTable[coat].families as readonly MetalFamily[]).includes(family));
}
