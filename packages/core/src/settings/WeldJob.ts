import type { ButtJoint } from '../joint/index.js';
import type { MachineLimits } from '../machine/index.js';
import type { Metal } from '../metal/index.js';
import type { Fraction, Metre } from '../quantity/index.js';

/** What the weld is for. */
export type Aim =
  /** All the way through, seen from behind. */
  | { readonly kind: 'reach' }
  /** Through, with as little heat as the hand allows. */
  | { readonly kind: 'leastHeat' }
  /** A stated share of the thickness, 0.5 to 0.9. */
  | { readonly kind: 'share'; readonly share: Fraction };

/** A joint to be welded on a machine for a purpose. */
export interface WeldJob {
  readonly metal: Metal;
  readonly joint: ButtJoint;
  /** Null to weld without wire. */
  readonly wireDiameter: Metre | null;
  readonly machine: MachineLimits;
  readonly aim: Aim;
}
