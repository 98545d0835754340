/** A way to meet a joint: as the sentence says it, on paper, and what it does that no figure counts. */
interface ConditionRow {
  readonly said: string;
  readonly onPaper: string;
  /** A sentence, or the middle of one; null where the figures are for this. */
  readonly uncounted: string | null;
}

/** What lies behind the seam. */
export const backingTable = {
  none: { said: 'nothing behind', onPaper: 'none', uncounted: null },
  steel: {
    said: 'a steel bar behind',
    onPaper: 'steel bar',
    uncounted:
      'A steel bar behind the seam keeps the melt from falling through and may be welded on; the figures do not count it.',
  },
  copper: {
    said: 'a copper bar behind',
    onPaper: 'copper bar',
    uncounted:
      'A copper bar behind the seam carries heat off and keeps the melt from falling through; the figures do not count it, so expect less depth and fewer holes.',
  },
} as const satisfies Readonly<Record<string, ConditionRow>>;
export type Backing = keyof typeof backingTable;

/** State of the edges before welding. */
export const surfaceTable = {
  clean: { said: 'clean', onPaper: 'clean', uncounted: null },
  millScale: {
    said: 'with mill scale',
    onPaper: 'mill scale',
    uncounted: 'Scale takes more light at first and leaves slag and pores',
  },
  oil: { said: 'oily', onPaper: 'oily', uncounted: 'Oil burns to soot and pores, and dirties the window' },
  oxide: {
    said: 'oxidised',
    onPaper: 'oxidised',
    uncounted: 'Oxide takes more light at first and holds the edges apart',
  },
  coated: {
    said: 'coated',
    onPaper: 'coated',
    uncounted: 'A coat boils or burns in the joint: pores, spatter, fume',
  },
} as const satisfies Readonly<Record<string, ConditionRow>>;
export type SurfaceState = keyof typeof surfaceTable;

interface PositionRow extends ConditionRow {
  /** What the gun does differently; empty where nothing. */
  readonly gun: string;
}

/** How the seam lies in space. */
export const positionTable = {
  flat: { said: 'lying flat', onPaper: 'flat', uncounted: null, gun: '' },
  horizontal: {
    said: 'on a wall',
    onPaper: 'horizontal',
    uncounted: 'the melt hangs to the lower side',
    gun: 'Horizontal: point a little upwards, the melt hangs to the lower side.',
  },
  verticalUp: {
    said: 'upwards',
    onPaper: 'vertical, upwards',
    uncounted: 'the melt runs back under the beam, which goes deeper and sags sooner',
    gun: 'Upwards: keep it narrow, the melt runs back under the beam.',
  },
  verticalDown: {
    said: 'downwards',
    onPaper: 'vertical, downwards',
    uncounted: 'the melt runs ahead of the beam and shields the root: expect less depth',
    gun: 'Downwards: keep ahead of the melt, or it shields the root.',
  },
  overhead: {
    said: 'overhead',
    onPaper: 'overhead',
    uncounted: 'the melt hangs: keep it small',
    gun: 'Overhead: keep it small, and nobody below.',
  },
} as const satisfies Readonly<Record<string, PositionRow>>;
export type WeldingPosition = keyof typeof positionTable;

export const backings = Object.keys(backingTable) as [Backing, ...Backing[]];
export const surfaces = Object.keys(surfaceTable) as [SurfaceState, ...SurfaceState[]];
export const positions = Object.keys(positionTable) as [WeldingPosition, ...WeldingPosition[]];
