import type { Wobble } from '../beam/index.js';
import type { Fraction, Metre, MetrePerSecond, Watt } from '../quantity/index.js';

/** What sets the pace along the seam: the hand, or the wire that must be used up. */
export type Pace =
  | { readonly by: 'hand'; readonly travel: MetrePerSecond }
  | { readonly by: 'wire'; readonly diameter: Metre; readonly wireSpeed: MetrePerSecond };

/** What is dialled. */
export interface WeldSetting {
  readonly power: Watt;
  readonly duty: Fraction;
  readonly wobble: Wobble;
  readonly pace: Pace;
}
