import { easeOff, suggestAlternatives, suggestHolding } from '@lone-heron/core';

/** What the core does for a hand beyond the suggestion itself: holding knobs, other ways, easing off. */
export const handMath = { hold: suggestHolding, alternatives: suggestAlternatives, ease: easeOff } as const;
export type HandMath = typeof handMath;
