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

/** A coupon as its welder tells it. */
export interface SeenWeld {
  /** Null where the back cannot be seen. */
  readonly back: 'none' | 'faint' | 'even' | 'heavy' | 'hole' | null;
  readonly face: readonly FaceSign[];
  readonly welding: readonly WeldingSign[];
}
