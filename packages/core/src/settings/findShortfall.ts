import { gapBorne, seamOf, thinnerSheet, type SeamJoint } from '../joint/index.js';
import type { MachineLimits } from '../machine/index.js';
import { inMm, inMmPerSecond, mm, watt, type Watt } from '../quantity/index.js';
import { solvePower, type Candidate } from './solveStrength.js';
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

/** Sheet from here on is worth bevelling. */
const worthBevelling = mm(2.5);

/**
 * What stands in the way where the expected depth lies outside the wanted window, or a gap cannot be bridged; null
 * where nothing does.
 */
export function findShortfall(job: WeldJob, best: Candidate): Shortfall | null {
  const { prediction, expectedReach, window } = best.forecast;
  const gap = gapInTheWay(job, best);
  if (gap !== null) return gap;
  if (prediction.wireShare >= 1) return wireTooCold(best);
  if (expectedReach < window.from) return tooShallow(job, best);
  if (expectedReach > window.to) return tooHot(job, best);
  return null;
}

function gapInTheWay(job: WeldJob, { forecast }: Candidate): Shortfall | null {
  const { gap } = seamOf(job.joint);
  const said = `A gap of ${inMm(gap).toFixed(2)} mm`;
  if (forecast.window.to <= forecast.window.from) {
    return {
      obstacle: `${said} is half the sheet or more: it opens into a hole before it closes.`,
      remedies: ['Re-fit the parts to a smaller gap.', 'Put a backing bar behind the seam.'],
    };
  }
  if (job.aim.kind !== 'fillGap') return null;
  const { bridged } = gapBorne(job.joint, job.wireDiameter);
  if (bridged !== null && gap <= bridged) return null;
  return {
    obstacle: `${said} is more than this wire carries across${bridged === null ? '' : ` (${inMm(bridged).toFixed(2)} mm)`}.`,
    remedies: ['Take thicker wire.', 'Re-fit the parts to a smaller gap.'],
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
  const { prediction, expectedReach } = best.forecast;
  const needed = powerNeeded(job, best);
  const percent = Math.round(expectedReach * 100);
  const depth = inMm(prediction.depth) * (expectedReach / prediction.reach);
  return {
    obstacle: `At its full ${job.machine.power.most} W this machine melts ${depth.toFixed(1)} mm, ${percent} % of the way through.`,
    remedies: [
      ...(needed === null ? [] : [`A machine of about ${roundUp(needed, 100)} W.`]),
      ...remediesByJoint(seamOf(job.joint)),
    ],
  };
}

function remediesByJoint(seam: SeamJoint): readonly string[] {
  const isThick = thinnerSheet(seam) >= worthBevelling;
  switch (seam.kind) {
    case 'butt':
      return [
        'Weld from both sides.',
        ...(seam.bevel === undefined
          ? ['Bevel the edges, so that there is less to melt through, and fill in more passes.']
          : []),
        ...(isThick ? ['Leave a small even gap, where coupons bear it out.'] : []),
      ];
    case 'tubeButt':
      return seam.bevel === undefined ? ['Bevel the ends and fill in more passes.'] : [];
    case 'tee':
      return [
        ...(seam.sides === 1 ? ['Weld both sides with a smaller leg.'] : []),
        'Ask for a smaller leg, in more passes.',
      ];
    case 'insideCorner':
    case 'flareGroove':
    case 'tubeToPlate':
      return ['Ask for a smaller leg, in more passes.'];
    case 'lap':
      return ['Put the thinner sheet on top.', 'Weld the edge of the lap as a fillet instead of through it.'];
    case 'plug':
      return ['Make the hole wider, so that the beam sees the sheet below.'];
    case 'outsideCorner':
    case 'edge':
      return ['Weld from both sides.'];
  }
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
  return forecast.expectedReach >= forecast.window.from ? setting.power : null;
}

function roundUp(value: number, step: number): number {
  return Math.ceil(value / step) * step;
}
