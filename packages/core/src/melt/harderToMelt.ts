import type { Metal } from '../metal/index.js';
import { fraction, hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import { meltKernel } from './predictMelt.js';

/** How deep the same everyday setting melts a metal, m. */
function depthOf(metal: Metal): number {
  return meltKernel({
    metal,
    thickness: mm(2),
    heatDirections: 2,
    power: watt(1200),
    duty: fraction(1),
    travel: mmPerSecond(8),
    spot: mm(0.15),
    wobble: { shape: 'sideToSide', width: mm(2), frequency: hertz(60) },
    wire: null,
  }).depth;
}

/**
 * Of two metals the one that the same setting melts less deep: what a joint of both must be dialled for, so that the
 * harder side is reached too. The easier side then melts more than is computed. Equal ones give the first.
 *
 * @example
 * harderToMelt(findMetal('stainless304'), findMetal('copper')).id // => 'copper'
 */
export function harderToMelt(first: Metal, second: Metal): Metal {
  return depthOf(second) < depthOf(first) ? second : first;
}
