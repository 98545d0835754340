import type { ShieldingGas } from '../gas/index.js';
import type { MeltInput } from '../melt/index.js';
import type { Metre, Radian } from '../quantity/index.js';

/** One weld as the evidence sees it: what the model takes, and what the model leaves out. */
export interface EvidenceWeld {
  readonly machineId: string;
  /** Which of a firm's workshops the machine stands in; left out where there is one. */
  readonly workshopId?: string;
  /** With the travel as it really was, where that is known. */
  readonly melt: MeltInput;
  readonly gap: Metre;
  readonly gas: ShieldingGas;
  /** Gun from the sheet. */
  readonly gunAngle: Radian;
  /** Whose far side can be looked at, and where the melt shows on it; an open back where it is left out. */
  readonly far?: FarSide;
}

/** The far side of a joint whose back is another sheet, or none. */
export interface FarSide {
  /** Depth over the thickness to melt at which the melt comes out on the far side; null where there is none. */
  readonly reach: number | null;
}

/** What was found of a coupon. */
export type CouponFinding =
  /** The back, as it was seen. */
  | { readonly by: 'look'; readonly back: 'none' | 'faint' | 'even' | 'heavy' | 'hole' }
  /** The face and the far side of a joint that has no back to look at; null for what nobody said. */
  | {
      readonly by: 'toes';
      readonly toes: 'cold' | 'wetted' | null;
      readonly far: 'nothing' | 'shows' | 'hole' | null;
    }
  /** A cut, ground and etched section whose melt stopped inside the sheet. */
  | { readonly by: 'section'; readonly depth: Metre }
  /** A section whose melt came through: at least the thickness, never a value. */
  | { readonly by: 'sectionThrough' };

/** A coupon with what it showed. */
export interface EvidenceCoupon {
  readonly id: string;
  readonly weld: EvidenceWeld;
  readonly finding: CouponFinding;
  /** Whether light-on time and length were taken, so that the travel is the real one. */
  readonly isTravelMeasured: boolean;
  /** Lifted, paused, snagged or restarted: no evidence about a setting. */
  readonly isSlip: boolean;
}
