import type { MachineLimits } from '../machine/index.js';
import { inMm, inMmPerSecond, watt, type Watt } from '../quantity/index.js';
import { solvePower, type Candidate } from './solvePower.js';
import type { WeldJob } from './WeldJob.js';

/** Why the best setting of a machine does not land, and what would. */
export interface Shortfall {
  /** What stands in the way, in one sentence. */
  readonly obstacle: string;
  /** What would make it possible, most direct first. */
  readonly remedies: readonly string[];
}

/** Powers beyond this are no handheld machine's. */
const strongest = 6000;

/**
 * What stands in the way where the model's own depth lies outside the wanted window; null where it lies inside.
 */
export function findShortfall(job: WeldJob, best: Candidate): Shortfall | null {
  const { prediction, window } = best.forecast;
  if (window.to <= window.from) return gapTooWide(job);
  if (prediction.wireShare >= 1) return wireTooCold(best);
  if (prediction.reach < window.from) return tooShallow(job, best);
  if (prediction.reach > window.to) return tooHot(job, best);
  return null;
}

function gapTooWide(job: WeldJob): Shortfall {
  return {
    obstacle: `A gap of ${inMm(job.joint.gap).toFixed(2)} mm is half the sheet or more: it opens into a hole before it closes.`,
    remedies: ['Re-fit the parts to a smaller gap.', 'Put a backing bar behind the seam.'],
  };
}

function wireTooCold({ setting }: Candidate): Shortfall {
  const thinner =
    setting.pace.by === 'wire'
      ? [`Take thinner wire than ${inMm(setting.pace.diameter).toFixed(1)} mm.`]
      : [];
  return {
    obstacle: 'The cold wire takes all the heat this machine gives: nothing is left for the sheets.',
    remedies: [...thinner, 'Weld without wire.'],
  };
}

function tooShallow(job: WeldJob, best: Candidate): Shortfall {
  const { prediction } = best.forecast;
  const needed = powerNeeded(job, best);
  const percent = Math.round(prediction.reach * 100);
  return {
    obstacle: `At its full ${job.machine.power.most} W this machine melts ${inMm(prediction.depth).toFixed(1)} mm, ${percent} % of the way through.`,
    remedies: [
      ...(needed === null ? [] : [`A machine of about ${roundUp(needed, 100)} W.`]),
      'Weld from both sides.',
      'Bevel the edges, so that there is less to melt through.',
    ],
  };
}

function tooHot(job: WeldJob, best: Candidate): Shortfall {
  return {
    obstacle: `Even at its least, ${job.machine.power.least} W, this machine melts too much at ${inMmPerSecond(best.forecast.travel).toFixed(0)} mm/s.`,
    remedies: ['Go faster than a steady hand’s pace.', 'Put a copper backing bar behind the seam.'],
  };
}

/** Power at which the same setting would reach the middle of its window; null where no handheld machine gives it. */
function powerNeeded(job: WeldJob, best: Candidate): Watt | null {
  const power = { least: job.machine.power.most, most: watt(strongest), step: 20 };
  const stronger: MachineLimits = { ...job.machine, power };
  const { setting, forecast } = solvePower({ ...job, machine: stronger }, best.setting);
  return forecast.prediction.reach >= forecast.window.from ? setting.power : null;
}

function roundUp(value: number, step: number): number {
  return Math.ceil(value / step) * step;
}
