import { backingTable, positionTable, surfaceTable } from './conditionTables.js';
import type { JointConditions } from './JointConditions.js';

/** A choice that changes the weld but not the computed depth, with what is known of it. */
export interface NotInTheModel {
  readonly what: 'backing' | 'surface' | 'position' | 'run';
  readonly words: string;
}

/**
 * What of the conditions the melt model does not count: said, so that nobody takes the figure to include it.
 *
 * @example
 * notInTheModel({ backing: 'none', surface: 'clean', position: 'overhead', run: { kind: 'continuous' } })[0].what // => 'position'
 */
export function notInTheModel(conditions: JointConditions): readonly NotInTheModel[] {
  return [
    backingWords(conditions),
    surfaceWords(conditions),
    positionWords(conditions),
    runWords(conditions),
  ].filter((each) => each !== null);
}

function backingWords({ backing }: JointConditions): NotInTheModel | null {
  const { uncounted } = backingTable[backing];
  return uncounted === null ? null : { what: 'backing', words: uncounted };
}

function surfaceWords({ surface }: JointConditions): NotInTheModel | null {
  const { uncounted } = surfaceTable[surface];
  if (uncounted === null) return null;
  return { what: 'surface', words: `${uncounted}; the figures are for clean metal. Clean it back first.` };
}

function positionWords({ position }: JointConditions): NotInTheModel | null {
  const { uncounted } = positionTable[position];
  if (uncounted === null) return null;
  return { what: 'position', words: `Out of position ${uncounted}; the figures are for a flat seam.` };
}

function runWords({ run }: JointConditions): NotInTheModel | null {
  if (run.kind === 'continuous') return null;
  return {
    what: 'run',
    words:
      'Each stitch starts cold: the figures are for a seam under way, so the first millimetres reach less. Heat and shrinkage go down with the welded length.',
  };
}
