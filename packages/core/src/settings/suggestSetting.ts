import { wobbleFrom } from '../beam/index.js';
import { RangeFault, requireWithin } from '../fault/index.js';
import { buttThermal } from '../joint/index.js';
import { snapToKnob } from '../machine/index.js';
import { fraction, inMm, metre, mmPerSecond, type MetrePerSecond } from '../quantity/index.js';
import { buttFill, wireForTravel } from '../wire/index.js';
import { plainBead } from './forecastWeld.js';
import { findShortfall, type Shortfall } from './findShortfall.js';
import { solvePower, type Candidate } from './solvePower.js';
import type { Aim, WeldJob } from './WeldJob.js';
import type { Pace, WeldSetting } from './WeldSetting.js';
import { wobbleFor, type WobbleChoice } from './wobbleChoice.js';

/** The setting to start from, what to expect of it, and what stands in the way where it falls short. */
export interface Suggestion extends Candidate {
  readonly wobbleReason: string;
  readonly shortfall: Shortfall | null;
}

const steadyPaces = [5, 6, 7, 8, 9, 10];

/** Paces a hand holds well, mm/s, by aim: least heat hurries. */
const paces: Readonly<Record<Aim['kind'], readonly number[]>> = {
  reach: steadyPaces,
  share: steadyPaces,
  leastHeat: [...steadyPaces, 11, 12, 13, 14, 15, 16],
};

/** Shares of the usual sweep that are tried: narrower reaches deeper where the machine is near its limit. */
const widthShares = [1, 0.8, 0.6, 0.4];

/** Chances this close count as equal, so the cooler setting is taken; least heat gives up a little more for it. */
const chanceTies: Readonly<Record<Aim['kind'], number>> = { reach: 0.02, share: 0.02, leastHeat: 0.06 };

/**
 * The setting most likely to land in the wanted window, then the coolest: a first search over power in the machine's
 * own steps, pace or wire speed, and narrower sweeps where the usual one falls short. The same job always gives the
 * same answer; where nothing on the machine lands, the least bad answer comes with what stands in the way.
 *
 * @throws RangeFault for a joint, a share or a wire the job cannot have
 * @example
 * suggestSetting({ metal: findMetal('stainless304'), joint: { firstThickness: mm(1.5), secondThickness: mm(1.5), gap: mm(0) }, wireDiameter: null, machine: { power: { least: watt(150), most: watt(1500), step: 15 }, spot: mm(0.15), wobbleShapes: ['sideToSide'], wobbleWidth: { least: mm(0), most: mm(4), step: 0.0001 }, wobbleRate: { least: hertz(10), most: hertz(150), step: 1 }, wireSpeed: null }, aim: { kind: 'reach' } }).setting.power // => 825
 */
export function suggestSetting(job: WeldJob): Suggestion {
  requireAim(job);
  const usual = wobbleFor(buttThermal(job.joint).thickness, job.joint.gap);
  const tie = chanceTies[job.aim.kind];
  const [best, ...narrower] = widthShares
    .filter((share) => job.aim.kind !== 'share' || canStopShort(job, usual, share))
    .map((share) => pickBest(candidatesAtWidth(job, usual, share), tie));
  if (best === undefined) throw sheetTooThinForShare(job, usual);
  const chosen =
    best.forecast.prediction.reach < middleOf(best) ? pickFirstOpened([best, ...narrower], tie) : best;
  return {
    ...chosen,
    wobbleReason:
      chosen === best ? usual.reason : 'narrower than usual: the machine needs all its reach here',
    shortfall: findShortfall(job, chosen),
  };
}

function middleOf({ forecast }: Candidate): number {
  return Math.sqrt(forecast.window.from * forecast.window.to);
}

/** Narrow the sweep only as far as it gains: the widest that comes within a tie of the best of all. */
function pickFirstOpened(widestFirst: readonly [Candidate, ...Candidate[]], tie: number): Candidate {
  const most = Math.max(...widestFirst.map((candidate) => candidate.forecast.chance));
  return widestFirst.find(({ forecast }) => forecast.chance >= most - tie) ?? widestFirst[0];
}

/** The coolest of those within a tie of the best chance; equal heats go to the first, the slower pace. */
function pickBest(candidates: readonly Candidate[], tie: number): Candidate {
  const most = Math.max(...candidates.map((candidate) => candidate.forecast.chance));
  const tied = candidates.filter((candidate) => candidate.forecast.chance >= most - tie);
  return tied.reduce((best, next) => (next.forecast.heat < best.forecast.heat ? next : best));
}

function wobbleAtShare(job: WeldJob, usual: WobbleChoice, share: number): WeldSetting['wobble'] {
  const width = snapToKnob(job.machine.wobbleWidth, metre(usual.width * share));
  return wobbleFrom(usual.shape, width, snapToKnob(job.machine.wobbleRate, usual.frequency));
}

/** A melt can be stopped short of the back only where the sheet is no thinner than its bead is wide. */
function canStopShort(job: WeldJob, usual: WobbleChoice, share: number): boolean {
  const bead = plainBead(job, { wobble: wobbleAtShare(job, usual, share) });
  return buttThermal(job.joint).thickness >= bead;
}

function candidatesAtWidth(job: WeldJob, usual: WobbleChoice, share: number): readonly Candidate[] {
  const wobble = wobbleAtShare(job, usual, share);
  const seen = new Set<number>();
  const candidates: Candidate[] = [];
  for (const travel of paces[job.aim.kind]) {
    const pace = paceFor(job, wobble, mmPerSecond(travel));
    const speed = pace.by === 'hand' ? pace.travel : pace.wireSpeed;
    if (seen.has(speed)) continue;
    seen.add(speed);
    candidates.push(solvePower(job, { duty: fraction(1), wobble, pace }));
  }
  return candidates;
}

function paceFor(job: WeldJob, wobble: WeldSetting['wobble'], travel: MetrePerSecond): Pace {
  const { wireDiameter, machine, joint } = job;
  if (wireDiameter === null || machine.wireSpeed === null) return { by: 'hand', travel };
  const wanted = wireForTravel(wireDiameter, travel, buttFill(joint, plainBead(job, { wobble })));
  return { by: 'wire', diameter: wireDiameter, wireSpeed: snapToKnob(machine.wireSpeed, wanted) };
}

/** Refuses a wire without a feeder, and a share that is hardly a weld or as good as through. */
function requireAim(job: WeldJob): void {
  if (job.wireDiameter !== null && job.machine.wireSpeed === null) {
    throw new RangeFault({
      quantity: 'wire',
      given: `${inMm(job.wireDiameter)} mm`,
      allowed: 'no wire on this machine: it has no feeder',
      remedy: 'Weld without wire or take another machine.',
    });
  }
  if (job.aim.kind !== 'share') return;
  requireWithin(job.aim.share * 100, { quantity: 'share of the thickness', min: 50, max: 90, unit: '%' });
}

function sheetTooThinForShare(job: WeldJob, usual: WobbleChoice): RangeFault {
  const { thickness } = buttThermal(job.joint);
  const narrowest = plainBead(job, { wobble: wobbleAtShare(job, usual, widthShares.at(-1) ?? 1) });
  return new RangeFault({
    quantity: 'share of the thickness',
    given: `on ${inMm(thickness).toFixed(2)} mm sheet`,
    allowed: `sheet of ${inMm(narrowest).toFixed(1)} mm and more`,
    remedy: 'A thinner sheet tips from cold to through under its bead: aim to reach the back.',
  });
}
