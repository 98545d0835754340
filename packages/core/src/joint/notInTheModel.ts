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
  if (backing === 'none') return null;
  const words =
    backing === 'copper'
      ? 'A copper bar behind the seam carries heat off and keeps the melt from falling through; the figures do not count it, so expect less depth and fewer holes.'
      : 'A steel bar behind the seam keeps the melt from falling through and may be welded on; the figures do not count it.';
  return { what: 'backing', words };
}

function surfaceWords({ surface }: JointConditions): NotInTheModel | null {
  if (surface === 'clean') return null;
  const effects = {
    millScale: 'Scale takes more light at first and leaves slag and pores',
    oil: 'Oil burns to soot and pores, and dirties the window',
    oxide: 'Oxide takes more light at first and holds the edges apart',
    coated: 'A coat boils or burns in the joint: pores, spatter, fume',
  } as const;
  return {
    what: 'surface',
    words: `${effects[surface]}; the figures are for clean metal. Clean it back first.`,
  };
}

function positionWords({ position }: JointConditions): NotInTheModel | null {
  if (position === 'flat') return null;
  const effects = {
    horizontal: 'the melt hangs to the lower side',
    verticalUp: 'the melt runs back under the beam, which goes deeper and sags sooner',
    verticalDown: 'the melt runs ahead of the beam and shields the root: expect less depth',
    overhead: 'the melt hangs: keep it small',
  } as const;
  return {
    what: 'position',
    words: `Out of position ${effects[position]}; the figures are for a flat seam.`,
  };
}

function runWords({ run }: JointConditions): NotInTheModel | null {
  if (run.kind === 'continuous') return null;
  return {
    what: 'run',
    words:
      'Each stitch starts cold: the figures are for a seam under way, so the first millimetres reach less. Heat and shrinkage go down with the welded length.',
  };
}
