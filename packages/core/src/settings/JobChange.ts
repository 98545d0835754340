import type { Fraction, Metre, Radian, Watt } from '../quantity/index.js';

/** One change of what is to be welded, or on what, that can be tried at once. */
export type JobChange =
  /** With the leg of each fillet where they are two of them. */
  | { readonly kind: 'bothSides'; readonly leg?: Metre }
  | { readonly kind: 'bevel'; readonly land: Metre; readonly includedAngle: Radian }
  | { readonly kind: 'gap'; readonly gap: Metre }
  | { readonly kind: 'leg'; readonly leg: Metre }
  | { readonly kind: 'hole'; readonly holeDiameter: Metre }
  | { readonly kind: 'swapSheets' }
  | { readonly kind: 'wire'; readonly diameter: Metre | null }
  | { readonly kind: 'share'; readonly share: Fraction }
  /** A machine of this power at its most. */
  | { readonly kind: 'machine'; readonly power: Watt };
