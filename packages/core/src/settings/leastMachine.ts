import { watt } from '../quantity/index.js';
import { changedJob } from './changedJob.js';
import type { JobChange } from './JobChange.js';
import { lossTie } from './searchSetting.js';
import { suggestSetting, type Suggestion } from './suggestSetting.js';
import type { WeldJob } from './WeldJob.js';

/** Powers beyond this are no handheld machine's. */
const strongest = 6000;
/** A machine is named to so many watts. */
const named = 50;

/**
 * The least power of a machine that does a job which this one does not, everything else as it is, found by halving to
 * 50 W; null where no handheld machine does it, or where power is not what is missing.
 */
export function leastMachine(
  job: WeldJob,
  best: Suggestion,
): { readonly words: string; readonly change: JobChange } | null {
  const does = (steps: number) => {
    const { obstacle, loss } = suggestSetting(
      changedJob(job, { kind: 'machine', power: watt(steps * named) }),
    );
    return obstacle === null && loss < best.loss - lossTie;
  };
  let low = Math.floor(job.machine.power.most / named) + 1;
  let high = strongest / named;
  if (low > high || !does(high)) return null;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (does(middle)) high = middle;
    else low = middle + 1;
  }
  const power = watt(high * named);
  return { words: `A machine of ${power} W`, change: { kind: 'machine', power } };
}
