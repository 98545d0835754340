/** A way to meet a joint: as the sentence says it, and on paper. What no figure counts of it is told in notInTheModel. */
interface ConditionRow {
  readonly said: string;
  readonly onPaper: string;
}

interface BackingRow extends ConditionRow {
  /** Heat it takes from the back, W/(m2 K), its own warmth counted; an assumption, three times as much or a third may be true. */
  readonly contact: number;
}

/** What lies behind the seam. */
export const backingTable = {
  none: { said: 'nothing behind', onPaper: 'none', contact: 0 },
  steel: {
    said: 'a steel bar behind',
    onPaper: 'steel bar',
    contact: 1100,
  },
  copper: {
    said: 'a copper bar behind',
    onPaper: 'copper bar',
    contact: 2700,
  },
} as const satisfies Readonly<Record<string, BackingRow>>;
export type Backing = keyof typeof backingTable;

/** State of the edges before welding. */
export const surfaceTable = {
  clean: { said: 'clean', onPaper: 'clean' },
  millScale: {
    said: 'with mill scale',
    onPaper: 'mill scale',
  },
  oil: { said: 'oily', onPaper: 'oily' },
  oxide: {
    said: 'oxidised',
    onPaper: 'oxidised',
  },
  coated: {
    said: 'coated',
    onPaper: 'coated',
  },
} as const satisfies Readonly<Record<string, ConditionRow>>;
export type SurfaceState = keyof typeof surfaceTable;

/** How the seam lies in space. */
export const positionTable = {
  flat: { said: 'lying flat', onPaper: 'flat' },
  horizontal: {
    said: 'on a wall',
    onPaper: 'horizontal',
  },
  verticalUp: {
    said: 'upwards',
    onPaper: 'vertical, upwards',
  },
  verticalDown: {
    said: 'downwards',
    onPaper: 'vertical, downwards',
  },
  overhead: {
    said: 'overhead',
    onPaper: 'overhead',
  },
} as const satisfies Readonly<Record<string, ConditionRow>>;
export type WeldingPosition = keyof typeof positionTable;

export const backings = Object.keys(backingTable) as [Backing, ...Backing[]];
export const surfaces = Object.keys(surfaceTable) as [SurfaceState, ...SurfaceState[]];
export const positions = Object.keys(positionTable) as [WeldingPosition, ...WeldingPosition[]];
