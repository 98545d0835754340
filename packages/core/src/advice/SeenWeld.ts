/** What a face shows. */
export const faceSigns = [
  'even',
  'roundedPulledAway',
  'sagging',
  'undercut',
  'oneSide',
  'dullOrSooty',
  'pores',
  'holes',
  'zigzag',
] as const;
export type FaceSign = (typeof faceSigns)[number];

/** What was felt, heard and seen while the light was on. */
export const weldingSigns = [
  'keyholeShut',
  'keyholeWide',
  'wirePushesBack',
  'wireStuck',
  'steadySound',
  'crackling',
  'sparks',
  'fadedAlongSeam',
  'craterSunk',
] as const;
export type WeldingSign = (typeof weldingSigns)[number];

/**
 * What is seen of a joint without a back, from too little to too much: toes not wetted, one of them, both and nothing
 * on the far side, it shows there, a hole.
 */
export type ToesLook = 'cold' | 'oneSide' | 'wetted' | 'shows' | 'hole';

/** A coupon as its welder tells it. */
export interface SeenWeld {
  /** Null where there is no back, or it cannot be seen. */
  readonly back: 'none' | 'faint' | 'even' | 'heavy' | 'hole' | null;
  /** The back was looked at after the first of two runs: what the second is for is not missing from it. */
  readonly isFirstRun?: boolean;
  /** Of a joint without a back: toes and far side, in the same five steps; left out where nobody said. */
  readonly toes?: ToesLook;
  readonly face: readonly FaceSign[];
  readonly welding: readonly WeldingSign[];
}
