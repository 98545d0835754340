import type { MetalFamily } from '../metal/index.js';
import { celsius, second, type Kelvin, type Second } from '../quantity/index.js';
import type { SeamHeat } from './seamHeat.js';

/** Held for a moment in a leather glove. A planning figure: metal that does not glow gives no sign. */
export const gloveHolds = celsius(60);

/** Below this the next pass is usually laid; a procedure for the job says its own. */
export const nextPassBelow: Readonly<Record<MetalFamily, Kelvin>> = {
  steel: celsius(150),
  stainless: celsius(100),
  aluminium: celsius(90),
  copperAlloy: celsius(150),
  titanium: celsius(90),
  nickel: celsius(100),
};

/**
 * How long after the gun the hottest place of the joint has cooled to a temperature.
 *
 * @returns null where it is still hotter when the field ends, an hour after
 */
export function coolUntil(
  { law, times, frames }: Pick<SeamHeat, 'law' | 'times' | 'frames'>,
  to: Kelvin,
): Second | null {
  const level = to - law.start;
  const hottest = frames.map((frame) => frame.reduce((most, rise) => Math.max(most, rise), 0));
  const last = hottest.findLastIndex((rise) => rise >= level);
  if (last < 0) return second(0);
  if (last + 1 >= hottest.length) return null;
  const [high, low] = [hottest[last] as number, hottest[last + 1] as number];
  const [from, until] = [times[last] as number, times[last + 1] as number];
  return second(Math.max(0, from + ((high - level) / (high - low)) * (until - from)));
}
