import type { Backing, SurfaceState, WeldingPosition } from './conditionTables.js';
import type { JointConditions } from './JointConditions.js';

/** A choice that changes the weld but not the computed depth, with what is known of it. */
export interface NotInTheModel {
  readonly what: 'backing' | 'surface' | 'position' | 'run';
  readonly words: string;
}

/** What a backing does beside taking heat; null where there is none. */
const uncountedBacking: Readonly<Record<Backing, string | null>> = {
  none: null,
  steel:
    'A steel bar behind the seam keeps the melt from falling through and may be welded on: the figures count only the heat it takes.',
  copper:
    'A copper bar behind the seam keeps the melt from falling through: the figures count only the heat it takes, so expect fewer holes than they say.',
};

/** What a surface does, as the beginning of a sentence; null where the figures are for it. */
const uncountedSurface: Readonly<Record<SurfaceState, string | null>> = {
  clean: null,
  millScale: 'Scale takes more light at first and leaves slag and pores',
  oil: 'Oil burns to soot and pores, and dirties the window',
  oxide: 'Oxide takes more light at first and holds the edges apart',
  coated: 'A coat boils or burns in the joint: pores, spatter, fume',
};

/** What a position does, as the middle of a sentence; null where the figures are for it. */
const uncountedPosition: Readonly<Record<WeldingPosition, string | null>> = {
  flat: null,
  horizontal: 'the melt hangs to the lower side',
  verticalUp: 'the melt runs back under the beam, which goes deeper and sags sooner',
  verticalDown: 'the melt runs ahead of the beam and shields the root: expect less depth',
  overhead: 'the melt hangs: keep it small',
};

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
  const uncounted = uncountedBacking[backing];
  return uncounted === null ? null : { what: 'backing', words: uncounted };
}

function surfaceWords({ surface }: JointConditions): NotInTheModel | null {
  const uncounted = uncountedSurface[surface];
  if (uncounted === null) return null;
  return { what: 'surface', words: `${uncounted}; the figures are for clean metal. Clean it back first.` };
}

function positionWords({ position }: JointConditions): NotInTheModel | null {
  const uncounted = uncountedPosition[position];
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
