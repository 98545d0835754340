import type { Metal } from '../metal/index.js';
import type { Backing } from './conditionTables.js';

/** A backing bar with why it suits. */
export interface BackingChoice {
  readonly backing: Exclude<Backing, 'none'>;
  readonly why: string;
}

/**
 * The bar to put behind a seam in a metal, where one is wanted: copper carries heat off and does not weld on, but must
 * not touch what it spoils.
 *
 * @example
 * backingFor(findMetal('stainless304')).backing // => 'copper'
 */
export function backingFor(metal: Metal): BackingChoice {
  switch (metal.family) {
    case 'steel':
      return {
        backing: 'copper',
        why: 'carries heat off and does not weld on; a steel bar may stay as part of the joint',
      };
    case 'stainless':
    case 'nickel':
      return { backing: 'copper', why: 'carries heat off; keep it bright, for copper in the melt cracks it' };
    case 'titanium':
      return { backing: 'copper', why: 'grooved, with argon in the groove: the back must not see air' };
    case 'aluminium':
      return {
        backing: 'steel',
        why: 'stainless does not weld on to aluminium and holds the melt without chilling it',
      };
    case 'copperAlloy':
      return {
        backing: 'steel',
        why: 'copper would take all the heat; steel holds the melt and does not stick',
      };
  }
}
