import type { UnitSlip } from './UnitSlip.js';

/** Sweep rates that guns do, Hz. */
const usualRate = { slowest: 5, fastest: 350 };

/**
 * Catches a wobble rate that was given as a sweep speed in mm/s, or the other way round.
 *
 * @param value as typed
 * @param readAs what it was read as
 * @param speedPerHertz sweep speed of the wobble at 1 Hz, mm/s (2 x width side to side, pi x width for a circle)
 * @example
 * wobbleRateSlip(400, 'Hz', 4)?.words // => '400 Hz is no usual wobble rate (5 to 350 Hz). Probably a sweep speed of 400 mm/s: 100 Hz at this width.'
 */
export function wobbleRateSlip(value: number, readAs: 'Hz' | 'mm/s', speedPerHertz: number): UnitSlip | null {
  const rate = readAs === 'Hz' ? value : value / speedPerHertz;
  if (isUsualRate(rate)) return null;
  const odd = `${value} ${readAs} is no usual wobble rate (${usualRate.slowest} to ${usualRate.fastest} Hz).`;
  const other = readAs === 'Hz' ? value / speedPerHertz : value;
  if (!isUsualRate(other)) return { words: odd, probably: null };
  return readAs === 'Hz'
    ? {
        words: `${odd} Probably a sweep speed of ${value} mm/s: ${other.toFixed(0)} Hz at this width.`,
        probably: other,
      }
    : { words: `${odd} Probably ${value} Hz.`, probably: value * speedPerHertz };
}

function isUsualRate(rate: number): boolean {
  return rate >= usualRate.slowest && rate <= usualRate.fastest;
}
