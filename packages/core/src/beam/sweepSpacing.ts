import { metre, type Metre, type MetrePerSecond } from '../quantity/index.js';
import type { Wobble } from './Wobble.js';

/**
 * How far the gun travels in one full wobble cycle, v/f; null without wobble.
 *
 * @example
 * advancePerCycle({ shape: 'circle', width: mm(2), frequency: hertz(80) }, mmPerSecond(8)) // => 0.0001
 */
export function advancePerCycle(wobble: Wobble, travel: MetrePerSecond): Metre | null {
  return wobble.shape === 'none' ? null : metre(travel / wobble.frequency);
}

/**
 * Sweeps that pass over one place, N = 2 f d/v. Below 1 the single sweeps show as a zigzag; null without wobble.
 *
 * @param spot beam diameter on the sheet, m
 * @example
 * sweepsOverOnePlace({ shape: 'sideToSide', width: mm(2), frequency: hertz(60) }, mmPerSecond(9), mm(0.15)) // => 2
 */
export function sweepsOverOnePlace(wobble: Wobble, travel: MetrePerSecond, spot: Metre): number | null {
  return wobble.shape === 'none' ? null : (2 * wobble.frequency * spot) / travel;
}
