import type { Metal } from '../metal/index.js';

/** Gases a shop of this size keeps. */
export const shieldingGases = ['argon', 'nitrogen', 'dryAir'] as const;
export type ShieldingGas = (typeof shieldingGases)[number];

/** A gas with its flow and why. */
export interface GasChoice {
  readonly gas: ShieldingGas;
  /** L/min, free flow. */
  readonly flowLitresPerMinute: number;
  readonly reason: string;
}

/**
 * The gas to start from for a metal: the choice that every practice accepts. Nitrogen or dry air on mild steel and
 * nitrogen on stainless are schools of their own, offered with the shop's practice settings.
 *
 * @example
 * shieldingGasFor(findMetal('aluminium5052')).gas // => 'argon'
 */
export function shieldingGasFor(metal: Metal): GasChoice {
  if (metal.family === 'aluminium') {
    return {
      gas: 'argon',
      flowLitresPerMinute: 18,
      reason: 'aluminium takes nothing but argon well; a little more flow keeps the oxide down',
    };
  }
  return {
    gas: 'argon',
    flowLitresPerMinute: 15,
    reason: 'argon keeps the bead bright on any steel; some save with nitrogen or dry air',
  };
}
