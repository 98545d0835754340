import type { Metre } from '../quantity/index.js';
import type { Backing, SurfaceState, WeldingPosition } from './conditionTables.js';

/** A seam in one go, or in stitches. */
export type SeamRun =
  | { readonly kind: 'continuous' }
  | {
      readonly kind: 'stitched';
      /** Of one stitch. */
      readonly length: Metre;
      /** From the start of one stitch to the start of the next, above the length. */
      readonly pitch: Metre;
      /** By which the stitches of the second side are shifted; 0 where they lie opposite each other. */
      readonly offset: Metre;
    };

/** How a joint is met, apart from its shape. */
export interface JointConditions {
  readonly backing: Backing;
  readonly surface: SurfaceState;
  readonly position: WeldingPosition;
  readonly run: SeamRun;
  /** From the seam to the free edges on both sides of it; left out in the middle of a large sheet. */
  readonly freeEdge?: Metre;
}
