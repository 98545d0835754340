import type { MetalFamily } from '../metal/index.js';

/** What a ground section is etched with so that the fusion line shows. */
export const etchants = [
  'nital',
  'oxalicElectrolytic',
  'ferricChloride',
  'sodiumHydroxide',
  'ammoniumPersulphate',
  'kroll',
  'none',
] as const;
export type Etchant = (typeof etchants)[number];

/** An etchant with what it is for and what it can do to people. */
export interface EtchantFacts {
  readonly words: string;
  readonly how: string;
  readonly caution: string;
}

const facts: Readonly<Record<Etchant, EtchantFacts>> = {
  nital: {
    words: 'nital, 2 to 5 % nitric acid in ethanol',
    how: 'Swab 5 to 20 s until the melt turns grey, rinse, dry with ethanol.',
    caution:
      'Acid in a flammable liquid: goggles, gloves, no flame, never over 5 %, never in a closed bottle, acid into alcohol and not the other way.',
  },
  oxalicElectrolytic: {
    words: 'oxalic acid, 10 % in water, with 3 to 6 V',
    how: 'Section at plus, 10 to 60 s, rinse.',
    caution: 'Poisonous and corrosive: goggles, gloves, fan on; switch the supply off before you reach in.',
  },
  ferricChloride: {
    words: 'ferric chloride with hydrochloric acid in water',
    how: 'Swab 10 to 60 s, rinse well.',
    caution: 'Corrosive and stains: goggles, gloves, fan on; away from tools, it rusts them.',
  },
  sodiumHydroxide: {
    words: 'sodium hydroxide, 10 % in water, 60 °C',
    how: 'Dip 5 to 15 s, rinse; black smut wipes off.',
    caution:
      'Caustic and hot, gives off hydrogen on aluminium: goggles, gloves, fan on, no flame, small amounts; lye into water and not the other way.',
  },
  ammoniumPersulphate: {
    words: 'ammonium persulphate, 10 % in water, fresh',
    how: 'Swab 5 to 30 s, rinse.',
    caution: 'Oxidises: goggles, gloves; keep it from oil, rags and closed bottles.',
  },
  kroll: {
    words: 'water with nitric and a little hydrofluoric acid',
    how: 'For a laboratory, not for the bench.',
    caution:
      'Hydrofluoric acid burns deep and can kill through the skin. Leave it to a laboratory that has the antidote and the training.',
  },
  none: {
    words: 'no etchant',
    how: 'Ground fine and looked at in slanting light: the fusion line is often hard to see.',
    caution: 'Cover sharp edges; cool while you cut and grind.',
  },
};

/** The usual etchants of a metal family, the mildest first; `none` is always possible. */
const usual: Readonly<Record<MetalFamily, readonly Etchant[]>> = {
  steel: ['nital'],
  stainless: ['oxalicElectrolytic', 'ferricChloride'],
  aluminium: ['sodiumHydroxide'],
  copperAlloy: ['ammoniumPersulphate', 'ferricChloride'],
  titanium: ['kroll'],
  nickel: ['oxalicElectrolytic', 'ferricChloride'],
};

/**
 * Etchants that bring out the fusion line of a metal family, with what each can do to people. Practice of metallography
 * (ASTM E407 lists the same); the safety sheet of what is bought decides.
 *
 * @example
 * etchantsFor('steel') // => ['nital', 'none']
 */
export function etchantsFor(family: MetalFamily): readonly Etchant[] {
  return [...usual[family], 'none'];
}

/**
 * What an etchant is, how it is used and its caution.
 *
 * @example
 * etchantFacts('nital').words // => 'nital, 2 to 5 % nitric acid in ethanol'
 */
export function etchantFacts(etchant: Etchant): EtchantFacts {
  return facts[etchant];
}
