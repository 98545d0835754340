import { metrePerSecond } from '../quantity/index.js';

/** Travel that a steady hand holds. */
export const handBand = { slowest: metrePerSecond(0.005), fastest: metrePerSecond(0.02) } as const;

/** Wire faster than this races: it stubs, and no hand steers by it. */
export const racingWire = metrePerSecond(0.045);

/** The slowest that a hand which holds wire back still goes. */
export const slowestHeldBack = metrePerSecond(0.0039);
