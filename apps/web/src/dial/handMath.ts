import { easeOff, knobEffect, suggestAlternatives, suggestHolding } from '@lone-heron/core';

/** What the core does for a hand beyond the suggestion itself: holding knobs, other ways, easing off, and what a turn does. */
export const handMath = {
  hold: suggestHolding,
  alternatives: suggestAlternatives,
  ease: easeOff,
  effect: knobEffect,
} as const;
export type HandMath = typeof handMath;
