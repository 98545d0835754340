import { fourFifths } from '../numeric/index.js';
import { requireWithin } from '../fault/index.js';

/** One chance that was stated, and whether it came about. */
export interface StatedChance {
  /** From 0 to 1. */
  readonly chance: number;
  readonly cameAbout: boolean;
}

/** Chances of about the same size held against how often they came about. */
export interface CalibrationBin {
  readonly from: number;
  readonly to: number;
  readonly count: number;
  /** Mean of what was stated. */
  readonly stated: number;
  /** Share that came about, with the 80 % interval that the count allows. */
  readonly cameAbout: number;
  readonly low: number;
  readonly high: number;
}

/**
 * Whether 80 % is really 80 %: chances gathered by size, each bin with the share that came about and the interval its
 * count allows (Wilson 1927). Bins without a chance are left out.
 *
 * @param bins how many, of equal width, 2 to 20
 * @throws RangeFault for a chance outside 0 to 1 or a number of bins outside its range
 * @example
 * calibration([{ chance: 0.8, cameAbout: true }, { chance: 0.9, cameAbout: true }], 5)[0].cameAbout // => 1
 */
export function calibration(stated: readonly StatedChance[], bins: number): readonly CalibrationBin[] {
  requireWithin(bins, { quantity: 'bins', min: 2, max: 20, unit: '' });
  for (const { chance } of stated) requireWithin(chance, { quantity: 'chance', min: 0, max: 1, unit: '' });
  return Array.from({ length: bins }, (_, i) => ({ from: i / bins, to: (i + 1) / bins })).flatMap(
    ({ from, to }) => {
      const mine = stated.filter(({ chance }) => chance >= from && (chance < to || to === 1));
      if (mine.length === 0) return [];
      const count = mine.length;
      const share = mine.filter(({ cameAbout }) => cameAbout).length / count;
      const { low, high } = wilson(share, count);
      return [
        {
          from,
          to,
          count,
          stated: mine.reduce((sum, { chance }) => sum + chance, 0) / count,
          cameAbout: share,
          low,
          high,
        },
      ];
    },
  );
}

function wilson(share: number, count: number): { low: number; high: number } {
  const square = fourFifths ** 2 / count;
  const middle = (share + square / 2) / (1 + square);
  const half = (fourFifths / (1 + square)) * Math.sqrt((share * (1 - share)) / count + square / (4 * count));
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
