import type { SeamSize } from './sizeRanges.js';

/** A kind of joint: what it is called, what it asks, and what follows from its shape without arithmetic. */
export interface SeamRow {
  /** As the sentence says it, and short. */
  readonly said: string;
  readonly short: string;
  /** How people type it, as a pattern; the rows are tried from the last to the first, so that "tube butt" is no butt. */
  readonly typed: string;
  /** What it has beside its sheets. */
  readonly sizes: readonly SeamSize[];
  /** Whether its edges can be cut back. */
  readonly canBevel: boolean;
  /** What a run from the other side is: it meets the first in the middle, or it is a fillet of its own. */
  readonly secondSide: 'meets' | 'ownFillet' | null;
  /** Whether the sentence asks for it; seldom can somebody reach the inside of a tube. */
  readonly asksSides: boolean;
  /** Joints whose coupons speak to each other are welded alike. */
  readonly weldedAlike: 'edgeToEdge' | 'intoCorner' | 'intoSheetBelow';
  /** Why heat leaves it by as many ways as it does. */
  readonly heatWhy: string;
  /** Between the beam and the first sheet's face, degrees. */
  readonly beamAngle: number;
  /** Where the beam goes whatever the thicknesses; null where the thicker sheet is aimed at. */
  readonly aimWhy: string | null;
  /** How well it holds gas over the melt. */
  readonly shelter: 'sheltered' | 'open' | 'exposed';
  /** Where the nozzle's mouth rides. */
  readonly nozzleOn: 'face' | 'corner' | 'ridge' | 'hole';
  /** How its sheets are held. */
  readonly clamped: 'onEachOther' | 'besideSeam';
  readonly tacks: 'everySoFar' | 'fourRound' | 'none';
  /** A small even gap is said to help it. */
  readonly gapHelps: boolean;
  /** The second sheet stands on the first, which lies. */
  readonly secondStands: boolean;
  /** Its gap shows in the section and can be drawn wider. */
  readonly gapIsAcross: boolean;
  /** Its faces lie flat under the beam, so that colour shows as strips. */
  readonly hasFlatFaces: boolean;
  /** Dirt and water keep in it. */
  readonly hasCrevice: boolean;
  /** Air shut in behind it: it has to be vented. */
  readonly closesSpace: boolean;
  /** Two sheets of which neither runs on: corners are welded slow and pulsed in some shops. */
  readonly isCorner: boolean;
  /** It goes round and closes on itself. */
  readonly isRound: boolean;
  /** Melt that goes too deep comes out somewhere. */
  readonly hasFarSide: boolean;
}

const edgeToEdge = {
  sizes: [],
  canBevel: true,
  secondSide: 'meets',
  asksSides: true,
  weldedAlike: 'edgeToEdge',
  heatWhy: 'heat leaves one way into each side; a thicker side carries more off',
  beamAngle: 90,
  aimWhy: null,
  shelter: 'open',
  nozzleOn: 'face',
  clamped: 'besideSeam',
  tacks: 'everySoFar',
  gapHelps: true,
  secondStands: false,
  gapIsAcross: true,
  hasFlatFaces: true,
  hasCrevice: false,
  closesSpace: false,
  isCorner: false,
  isRound: false,
  hasFarSide: true,
} as const;

const fillet = {
  ...edgeToEdge,
  sizes: ['leg'],
  canBevel: false,
  secondSide: null,
  asksSides: false,
  weldedAlike: 'intoCorner',
  beamAngle: 45,
  shelter: 'sheltered',
  nozzleOn: 'corner',
  gapHelps: false,
  gapIsAcross: false,
  hasFlatFaces: false,
} as const;

const standingEdges = {
  ...edgeToEdge,
  canBevel: false,
  heatWhy: 'heat leaves one way into each sheet, as from a butt folded along its seam',
  shelter: 'exposed',
  nozzleOn: 'ridge',
  gapHelps: false,
  hasFlatFaces: false,
} as const;

/**
 * Every kind of joint that is welded along a line, in the order the shop meets them. A new kind begins as a row here:
 * its type, its schema, its words, its limits and what the sentence asks come from it, and the compiler shows the few
 * places that compute with its shape.
 */
export const seamTable = {
  butt: { ...edgeToEdge, said: 'a butt', short: 'butt', typed: 'butt' },
  lap: {
    ...edgeToEdge,
    said: 'a lap, welded through',
    short: 'lap',
    typed: 'lap',
    canBevel: false,
    secondSide: null,
    asksSides: false,
    weldedAlike: 'intoSheetBelow',
    heatWhy: 'heat leaves both ways in both sheets, which are melted through together',
    aimWhy: 'at the middle of the overlap, straight through the top sheet',
    clamped: 'onEachOther',
    gapHelps: false,
    gapIsAcross: false,
    hasCrevice: true,
  },
  tee: {
    ...fillet,
    said: 'a T, the second standing',
    short: 'T',
    typed: 't(?:ee)?(?:[- ]joint)?|fillet',
    secondSide: 'ownFillet',
    asksSides: true,
    secondStands: true,
    heatWhy: 'heat leaves both ways in the sheet below and up the standing one',
    hasCrevice: true,
  },
  insideCorner: {
    ...fillet,
    said: 'an inside corner',
    short: 'in corner',
    typed: 'inside(?:\\s+corner)?',
    secondStands: true,
    heatWhy: 'both sheets end at the corner: heat leaves one way in each',
    isCorner: true,
  },
  outsideCorner: {
    ...standingEdges,
    said: 'an outside corner',
    short: 'out corner',
    typed: 'outside(?:\\s+corner)?|(?<!inside\\s+)corner',
    beamAngle: 135,
    gapIsAcross: false,
    isCorner: true,
  },
  edge: {
    ...standingEdges,
    said: 'an edge joint',
    short: 'edge',
    typed: 'edge',
    hasCrevice: true,
    hasFarSide: false,
  },
  flareGroove: {
    ...fillet,
    said: 'a tube along a sheet',
    short: 'flare',
    typed: 'flare(?:\\s+groove)?',
    sizes: ['tubeRadius', 'leg'],
    heatWhy: 'heat leaves both ways round the tube’s wall and both ways in the sheet',
  },
  tubeToPlate: {
    ...fillet,
    said: 'a tube standing on a plate',
    short: 'tube on plate',
    typed: 'tubes?\\s+(?:on|to)\\s+plate',
    sizes: ['tubeRadius', 'leg'],
    secondStands: true,
    heatWhy: 'heat leaves both ways in the plate and along the tube’s wall',
    tacks: 'fourRound',
    isRound: true,
    hasCrevice: true,
    closesSpace: true,
  },
  tubeButt: {
    ...edgeToEdge,
    said: 'two tubes end to end',
    short: 'tube butt',
    typed: 'tube\\s+butt|tubes?\\s+end\\s+to\\s+end',
    sizes: ['tubeRadius'],
    asksSides: false,
    tacks: 'fourRound',
    isRound: true,
    closesSpace: true,
  },
  plug: {
    ...fillet,
    said: 'a plug through a hole',
    short: 'plug',
    typed: 'plug',
    sizes: ['holeDiameter'],
    weldedAlike: 'intoSheetBelow',
    heatWhy: 'heat leaves outward in the top sheet and both ways in the one below',
    beamAngle: 60,
    aimWhy: 'round the foot of the hole, into the sheet below',
    nozzleOn: 'hole',
    clamped: 'onEachOther',
    tacks: 'none',
    hasCrevice: true,
  },
} as const satisfies Readonly<Record<string, SeamRow>>;

export type SeamKind = keyof typeof seamTable;

/** Every kind of joint that is welded along a line, in the order the shop meets them. */
export const seamKinds = Object.keys(seamTable) as [SeamKind, ...SeamKind[]];

/**
 * What holds for a kind of joint.
 *
 * @example
 * seamRow('plug').sizes // => ['holeDiameter']
 */
export function seamRow(kind: SeamKind): SeamRow {
  return seamTable[kind];
}
