import { RangeFault } from '../fault/index.js';
import type { Metal, MetalId } from './Metal.js';
import { metalTable } from './metalTable.js';

/** The metals a joint can be said in so far: those whose wire, gas and cautions have been worked out. */
export const dialledMetals = [
  'lowCarbonSteel',
  'galvanised',
  'stainless304',
  'stainless316',
  'aluminium3003',
  'aluminium5052',
  'aluminium5083',
  'aluminium6061',
  'aluminium6082',
  'copper',
  'brass',
  'titanium2',
  'nickel625',
] as const satisfies readonly MetalId[];

/** A metal that Dial offers. */
export type DialledMetalId = (typeof dialledMetals)[number];

/**
 * The row of a metal.
 *
 * @throws RangeFault for an id the table does not hold, naming those it does
 * @example
 * findMetal('copper').conductivity // => 340
 */
export function findMetal(id: string): Metal {
  if (Object.hasOwn(metalTable, id)) return metalTable[id as MetalId];
  throw new RangeFault({
    quantity: 'metal',
    given: `“${id}”`,
    allowed: Object.keys(metalTable).join(', '),
  });
}
