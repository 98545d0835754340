import type { ShopEvidence } from '../evidence/index.js';
import type { ShieldingGas } from '../gas/index.js';
import type { Backing, Joint } from '../joint/index.js';
import type { MachineLimits } from '../machine/index.js';
import type { Metal } from '../metal/index.js';
import type { Practice } from '../practice/index.js';
import type { Fraction, Metre, Radian, SaidUnits } from '../quantity/index.js';
import type { AimLosses } from './aimLosses.js';
import type { TriedSetting } from './triedSettings.js';

/** What the weld is for. */
export type Aim =
  /** All the way through, seen from behind. */
  | { readonly kind: 'reach' }
  /** Through, with as little heat as the hand allows: least colour and warp. */
  | { readonly kind: 'leastHeat' }
  /** Through, with as little as possible to grind off. */
  | { readonly kind: 'leastDressing' }
  /** Through, and still so when the hand is unsteady in pace and line, and the gap opens. */
  | { readonly kind: 'wideForgiving' }
  /** Through, with wire carried across a gap. */
  | { readonly kind: 'fillGap' }
  /** A stated share of the thickness, 0.5 to 0.9. */
  | { readonly kind: 'share'; readonly share: Fraction };

export const aimKinds = [
  'reach',
  'leastHeat',
  'leastDressing',
  'wideForgiving',
  'fillGap',
  'share',
] as const satisfies readonly Aim['kind'][];

/** The shop's coupons, with what of this job they need to know. */
export interface JobEvidence {
  readonly shop: ShopEvidence;
  readonly machineId: string;
  /** Which of a firm's workshops it stands in; left out where there is one. */
  readonly workshopId?: string;
  readonly gas: ShieldingGas;
  readonly gunAngle: Radian;
  /** What came of the settings that this very joint was welded with. */
  readonly tried?: readonly TriedSetting[];
}

/** A joint to be welded on a machine for a purpose. */
export interface WeldJob {
  /** What is computed: where two metals differ, the one that melts harder. */
  readonly metal: Metal;
  /** Both metals where they differ; left out where they are one. */
  readonly pair?: readonly [Metal, Metal];
  readonly joint: Joint;
  /** Null to weld without wire. */
  readonly wireDiameter: Metre | null;
  readonly machine: MachineLimits;
  readonly aim: Aim;
  /** From how many sides the joint is melted through; one where it is left out. A T on both sides is two fillets instead. */
  readonly runs?: 1 | 2;
  /** What each outcome costs the shop; by default where every shop starts. */
  readonly losses?: AimLosses;
  /** Wire the shop has, and the system it buys in; by default millimetres and an empty shelf. */
  readonly shelf?: { readonly system: 'mm' | 'in'; readonly diameters: readonly Metre[] };
  /** The units that sentences about it are said in; millimetres where it is left out. */
  readonly saidIn?: SaidUnits;
  /** Distance from the seam to the part's free edges where it is small enough to run hot; left out for large parts. */
  readonly freeEdge?: Metre;
  /** What lies behind the seam and takes heat; nothing where it is left out. */
  readonly backing?: Backing;
  /** The shop's schools; by default where every shop starts. */
  readonly practice?: Practice;
  /** Left out where the shop has no coupon: the model then stands alone. */
  readonly evidence?: JobEvidence;
}
