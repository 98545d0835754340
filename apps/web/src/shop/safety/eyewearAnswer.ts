import type { Eyewear } from '@lone-heron/contract';
import { figure } from '../../shared/figures/figures.js';

/** Whether a helmet or a pair may be worn at a machine, and why. */
export interface EyewearAnswer {
  readonly isEnough: boolean;
  readonly words: string;
}

/**
 * What a helmet or a pair is at a machine: by its density as marked and by how it was found. How long it withstands the
 * beam is another matter, which its maker states.
 *
 * @param needed optical density the machine's light asks for; null where that is not known
 */
export function eyewearAnswer(
  { opticalDensity, condition, isRetired }: Pick<Eyewear, 'opticalDensity' | 'condition' | 'isRetired'>,
  needed: number | null,
): EyewearAnswer {
  if (isRetired) return { isEnough: false, words: 'out of use' };
  if (condition === 'damaged') return { isEnough: false, words: 'damaged: not to be worn' };
  if (opticalDensity === null) return { isEnough: false, words: 'not rated for this light' };
  if (needed === null) return { isEnough: false, words: 'cannot be told: the beam is not known' };
  if (opticalDensity < needed)
    return { isEnough: false, words: `too little: ${figure(needed, 1)} is asked for` };
  return {
    isEnough: true,
    words: condition === 'scratched' ? 'dense enough; scratched, look again' : 'dense enough',
  };
}
