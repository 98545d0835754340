import { wobbleFrom } from '../beam/index.js';
import { RangeFault, requireWithin } from '../fault/index.js';
import { jointThermal, metalNeeded, seamOf, tackTravel } from '../joint/index.js';
import { snapToKnob } from '../machine/index.js';
import { fraction, inMm, metre, mmPerSecond, type MetrePerSecond } from '../quantity/index.js';
import { wireForTravel } from '../wire/index.js';
import { aimRule, type AimRule } from './aimRules.js';
import { findShortfall, type Shortfall } from './findShortfall.js';
import { plainBead } from './meltInputOf.js';
import { solveDuty, solvePower, type Candidate } from './solveStrength.js';
import { settingReasons, type SettingReasons } from './settingReasons.js';
import type { WeldJob } from './WeldJob.js';
import type { Pace, WeldSetting } from './WeldSetting.js';
import { wobbleFor, type WobbleChoice } from './wobbleChoice.js';

/** The setting to start from, what to expect of it, and what stands in the way where it falls short. */
export interface Suggestion extends Candidate {
  /** Why each number is what it is. */
  readonly reasons: SettingReasons;
  readonly shortfall: Shortfall | null;
}

/**
 * The setting most likely to land in the wanted window, then the best of those as good by what the aim spares: power
 * (or duty, where the shop lights reflective metals with full peak power) in the machine's own steps, pace or wire
 * speed, and the width of the sweep. The same job always gives the same answer; where nothing on the machine lands,
 * the least bad answer comes with what stands in the way.
 *
 * @throws RangeFault for a joint, a share or a wire the job cannot have
 * @example
 * suggestSetting({ metal: findMetal('stainless304'), joint: { kind: 'butt', firstThickness: mm(1.5), secondThickness: mm(1.5), gap: mm(0) }, wireDiameter: null, machine: { power: { least: watt(150), most: watt(1500), step: 15 }, spot: mm(0.15), wobbleShapes: ['sideToSide'], wobbleWidth: { least: mm(0), most: mm(4), step: 0.0001 }, wobbleRate: { least: hertz(10), most: hertz(150), step: 1 }, wireSpeed: null }, aim: { kind: 'reach' } }).setting.power // => 825
 */
export function suggestSetting(job: WeldJob): Suggestion {
  requireAim(job);
  const usual = wobbleFor(job);
  const rule = aimRule(job);
  const candidates = rule.widthShares
    .filter((share) => job.aim.kind !== 'share' || canStopShort(job, usual, share))
    .map((share) => pickBest(job, rule, candidatesAtWidth(job, rule, usual, share)));
  const [widest, ...narrower] = candidates;
  if (widest === undefined) throw sheetTooThinForShare(job, usual, rule);
  const chosen = chooseWidth(job, rule, [widest, ...narrower]);
  return {
    ...chosen.candidate,
    reasons: settingReasons(job, chosen.candidate, usual),
    shortfall: findShortfall(job, chosen.candidate),
  };
}

/** A candidate with its chance as the aim counts it. */
interface Rated {
  readonly candidate: Candidate;
  readonly chance: number;
}

/**
 * Among the best of each width: where a narrower sweep is only for reach, the usual one unless it falls short, then the
 * widest within a tie of the best; otherwise the best by the aim's own cost.
 */
function chooseWidth(job: WeldJob, rule: AimRule, widestFirst: readonly [Rated, ...Rated[]]): Rated {
  const [usual] = widestFirst;
  if (!rule.narrowsOnlyForReach) return cheapestOfTied(job, rule, widestFirst);
  if (usual.candidate.forecast.expectedReach >= middleOf(usual.candidate)) return usual;
  const most = Math.max(...widestFirst.map(({ chance }) => chance));
  return widestFirst.find(({ chance }) => chance >= most - rule.tie) ?? usual;
}

function middleOf({ forecast }: Candidate): number {
  return Math.sqrt(forecast.window.from * forecast.window.to);
}

function pickBest(job: WeldJob, rule: AimRule, candidates: readonly Candidate[]): Rated {
  const [first, ...others] = candidates.map((candidate) => ({
    candidate,
    chance: rule.chance(job, candidate),
  }));
  return cheapestOfTied(job, rule, [first as Rated, ...others]);
}

/** The least cost of those within a tie of the best chance; equal costs go to the first, the slower pace. */
function cheapestOfTied(job: WeldJob, rule: AimRule, rated: readonly [Rated, ...Rated[]]): Rated {
  const most = Math.max(...rated.map(({ chance }) => chance));
  const [first, ...others] = rated.filter(({ chance }) => chance >= most - rule.tie) as [Rated, ...Rated[]];
  let best = first;
  let least = rule.cost(job, first.candidate);
  for (const next of others) {
    const cost = rule.cost(job, next.candidate);
    if (cost < least) [best, least] = [next, cost];
  }
  return best;
}

function wobbleAtShare(job: WeldJob, usual: WobbleChoice, share: number): WeldSetting['wobble'] {
  const wanted = metre(Math.max(usual.width * share, usual.leastWidth));
  const width = snapToKnob(job.machine.wobbleWidth, wanted);
  return wobbleFrom(usual.shape, width, snapToKnob(job.machine.wobbleRate, usual.frequency));
}

/** A melt can be stopped short of the back only where the sheet is no thinner than its bead is wide. */
function canStopShort(job: WeldJob, usual: WobbleChoice, share: number): boolean {
  const bead = plainBead(job, { wobble: wobbleAtShare(job, usual, share) });
  return jointThermal(job.joint).thickness >= bead;
}

function candidatesAtWidth(
  job: WeldJob,
  rule: AimRule,
  usual: WobbleChoice,
  share: number,
): readonly Candidate[] {
  const wobble = wobbleAtShare(job, usual, share);
  const seen = new Set<number>();
  const candidates: Candidate[] = [];
  for (const travel of rule.paces) {
    const pace = paceFor(job, wobble, mmPerSecond(travel));
    const speed = pace.by === 'hand' ? pace.travel : pace.wireSpeed;
    if (seen.has(speed)) continue;
    seen.add(speed);
    candidates.push(solveStrength(job, wobble, pace));
  }
  return candidates;
}

/** Power at full duty, or duty at full power where the shop's school wants that on a reflective metal. */
function solveStrength(job: WeldJob, wobble: WeldSetting['wobble'], pace: Pace): Candidate {
  const { duty, power } = job.machine;
  const isReflective = job.metal.lightNote !== null;
  if (isReflective && duty !== undefined && job.practice?.reflective === 'fullPeak') {
    return solveDuty(job, duty, { power: power.most, wobble, pace });
  }
  return solvePower(job, { duty: fraction(1), wobble, pace });
}

function paceFor(job: WeldJob, wobble: WeldSetting['wobble'], travel: MetrePerSecond): Pace {
  const { wireDiameter, machine, joint } = job;
  // A tack is timed, and made of the edges alone.
  if (joint.kind === 'tack') return { by: 'hand', travel: tackTravel(joint) };
  if (wireDiameter === null || machine.wireSpeed === null) return { by: 'hand', travel };
  const fill = metalNeeded(joint, plainBead(job, { wobble })).total;
  const wanted = wireForTravel(wireDiameter, travel, fill);
  return { by: 'wire', diameter: wireDiameter, wireSpeed: snapToKnob(machine.wireSpeed, wanted) };
}

/** Refuses a wire without a feeder, a gap to be filled without wire, and a share that is hardly a weld. */
function requireAim(job: WeldJob): void {
  if (job.wireDiameter !== null && job.machine.wireSpeed === null) {
    throw new RangeFault({
      quantity: 'wire',
      given: `${inMm(job.wireDiameter)} mm`,
      allowed: 'no wire on this machine: it has no feeder',
      remedy: 'Weld without wire or take another machine.',
    });
  }
  if (job.aim.kind === 'fillGap' && job.wireDiameter === null) {
    throw new RangeFault({
      quantity: 'gap to fill',
      given: `${inMm(seamOf(job.joint).gap)} mm without wire`,
      allowed: 'wire, which is what fills it',
      remedy: 'Take wire, or close the gap.',
    });
  }
  if (job.aim.kind !== 'share') return;
  requireWithin(job.aim.share * 100, { quantity: 'share of the thickness', min: 50, max: 90, unit: '%' });
}

function sheetTooThinForShare(job: WeldJob, usual: WobbleChoice, rule: AimRule): RangeFault {
  const { thickness } = jointThermal(job.joint);
  const narrowest = plainBead(job, { wobble: wobbleAtShare(job, usual, rule.widthShares.at(-1) ?? 1) });
  return new RangeFault({
    quantity: 'share of the thickness',
    given: `on ${inMm(thickness).toFixed(2)} mm sheet`,
    allowed: `sheet of ${inMm(narrowest).toFixed(1)} mm and more`,
    remedy: 'A thinner sheet tips from cold to through under its bead: aim to reach the back.',
  });
}
