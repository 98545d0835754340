import { jointThermal, tackTravel } from '../joint/index.js';
import { snapToKnob, type KnobRange } from '../machine/index.js';
import { fraction, inMmPerSecond, mmPerSecond, type Fraction } from '../quantity/index.js';
import { wireForTravel } from '../wire/index.js';
import { isOnMachine } from './isOnMachine.js';
import { passFill, plainBead, wireTravel } from './meltInputOf.js';
import { handBand, racingWire, slowestHeldBack } from './handBand.js';
import { rated, solveDuty, solvePower, type Candidate } from './solveStrength.js';
import { quickerWays, waysOf, type Way } from './ways.js';
import { weldPass } from './weldPass.js';
import type { WeldJob } from './WeldJob.js';
import type { Pace, WeldSetting } from './WeldSetting.js';
import type { WobbleChoice } from './wobbleChoice.js';

/** Losses this close count as equal: then what the aim spares decides. */
export const lossTie = 0.02;

/** Even coupons with none against that make a setting proven. */
const provenBy = 3;

/** The best setting of a job. */
export interface Found extends Candidate {
  /** Even coupons of this very setting, where it is kept for them; null where it was searched. */
  readonly keptFor: number | null;
}

/**
 * The setting with the least expected loss; of those within 0.02 of it the first in the aim's own order, which is the
 * one that spares most of what the aim spares. A setting that three and more even coupons stand behind, and none
 * against, is kept as long as no other lowers the expected loss by more than 0.02.
 *
 * @returns null where the job asks for a share of a sheet that no sweep leaves thick enough
 */
export function searchSetting(job: WeldJob, usual: WobbleChoice): Found | null {
  const searched = job.aim.kind === 'leastHeat' ? searchCoolest(job, usual) : searchWays(job, usual);
  const proven = provenSetting(job);
  if (searched === null) return proven;
  // What even coupons bear out is held against the weld itself: the hand that made them was as steady as it is.
  const isKept = proven !== null && proven.forecast.loss <= searched.forecast.loss + lossTie;
  return isKept ? proven : { ...searched, keptFor: null };
}

function searchWays(job: WeldJob, usual: WobbleChoice): Candidate | null {
  const { liked, further } = waysOf(job, usual);
  const solved = (ways: readonly Way[]) =>
    onceEach(
      job,
      ways.filter((way) => leavesShare(job, way.wobble)),
    ).map((way) => solveStrength(job, way));
  const first = solved(liked);
  const [likedMost] = first;
  if (likedMost !== undefined && isTooMuchAtLeast(job, likedMost)) return coolDown(job, usual, likedMost);
  const all = [...first, ...solved(further)];
  return all.length === 0 ? null : firstOfTied(all);
}

/** Least colour never takes more heat than reaching the back does: where it would, it goes the same way, eased. */
function searchCoolest(job: WeldJob, usual: WobbleChoice): Candidate | null {
  const searched = searchWays(job, usual);
  const reaching = searchWays({ ...job, aim: { kind: 'reach' } }, usual);
  if (searched === null || reaching === null || searched.forecast.heat <= reaching.forecast.heat)
    return searched;
  const eased = solvePower(job, reaching.setting);
  return eased.forecast.heat <= reaching.forecast.heat ? eased : rated(job, reaching.setting);
}

/** A melt can be stopped short of the back only where the sheet is no thinner than its bead is wide. */
function leavesShare(job: WeldJob, wobble: WeldSetting['wobble']): boolean {
  if (job.aim.kind !== 'share') return true;
  return jointThermal(weldPass(job).joint).thickness >= plainBead(job, { wobble });
}

/** A tack's pace is its own, and a feeder's range makes one pace of many. */
function onceEach(job: WeldJob, ways: readonly Way[]): readonly Omit<WeldSetting, 'power'>[] {
  const seen = new Set<string>();
  return ways.flatMap((way) => {
    const pace = paceFor(job, way);
    const key = `${pace.by === 'hand' ? pace.travel : pace.wireSpeed} ${way.wobble.shape === 'none' ? 0 : way.wobble.width}`;
    if (seen.has(key)) return [];
    seen.add(key);
    return [{ duty: fullDuty, wobble: way.wobble, pace }];
  });
}

const fullDuty = fraction(1);

function firstOfTied(candidates: readonly Candidate[]): Candidate {
  const least = Math.min(...candidates.map(({ loss }) => loss));
  return candidates.find(({ loss }) => loss <= least + lossTie) as Candidate;
}

function isTooMuchAtLeast(job: WeldJob, { setting, forecast }: Candidate): boolean {
  const isLeast = setting.power <= job.machine.power.least && setting.duty >= 1;
  return isLeast && forecast.expectedReach > forecast.aimed.fullFrom;
}

/** Quicker as far as a hand goes, then less duty: the first of those within a tie of the best. */
function coolDown(job: WeldJob, usual: WobbleChoice, start: Candidate): Candidate {
  if (job.joint.kind === 'tack') return withLessDuty(job, start);
  const quicker = onceEach(job, quickerWays(job, usual)).map((rest) => solvePower(job, rest));
  const best = firstOfTied([start, ...quicker]);
  if (!isTooMuchAtLeast(job, best)) return best;
  const quickest = quicker[quicker.length - 1] ?? best;
  return withLessDuty(job, quickest);
}

function withLessDuty(job: WeldJob, candidate: Candidate): Candidate {
  const { duty } = job.machine;
  if (duty === undefined) return candidate;
  const eased = solveDuty(job, duty, candidate.setting);
  return eased.loss < candidate.loss ? eased : candidate;
}

/** Power at full duty, or duty at full power where the shop's school wants that on a reflective metal. */
function solveStrength(job: WeldJob, rest: Omit<WeldSetting, 'power'>): Candidate {
  const { duty, power } = job.machine;
  const isReflective = job.metal.lightNote !== null;
  if (!isReflective || duty === undefined || job.practice?.reflective !== 'fullPeak') {
    return solvePower(job, rest);
  }
  const trimmed = solveDuty(job, duty, { power: power.most, wobble: rest.wobble, pace: rest.pace });
  return trimmed.setting.duty <= duty.least + 1e-9 ? lessPeak(job, duty, trimmed) : trimmed;
}

/** Where the least duty at full peak is still too much, the peak comes down too. */
function lessPeak(job: WeldJob, duty: KnobRange<Fraction>, trimmed: Candidate): Candidate {
  const lower = solvePower(job, { ...trimmed.setting, duty: duty.least });
  return lower.loss < trimmed.loss ? lower : trimmed;
}

/**
 * The pace of a way: the hand's, or the wire speed that lays down what the pass takes at it. A feeder that cannot go so
 * slow drives the gun, as far as a hand follows.
 */
function paceFor(job: WeldJob, { travel, wobble }: Way): Pace {
  const { wireDiameter, machine, joint } = job;
  // A tack is timed, and made of the edges alone.
  if (joint.kind === 'tack') return { by: 'hand', travel: tackTravel(joint) };
  if (wireDiameter === null || machine.wireSpeed === null) return { by: 'hand', travel };
  const even = wireForTravel(wireDiameter, travel, passFill(job, { wobble }));
  // Wire that would race holds the gun back instead.
  const wanted = mmPerSecond(Math.min(inMmPerSecond(even), inMmPerSecond(racingWire)));
  return { by: 'wire', diameter: wireDiameter, wireSpeed: snapToKnob(machine.wireSpeed, wanted) };
}

/** Whether a wire drives the gun faster than a hand holds, even at the feeder's least. */
export function isDrivenTooFast(job: WeldJob, { wobble, pace }: WeldSetting): boolean {
  return pace.by === 'wire' && wireTravel(job, wobble, pace) > handBand.fastest * (1 + 1e-9);
}

/** Whether a wire fills the joint so slowly that no hand holds the pace. */
export function isHeldUp(job: WeldJob, { wobble, pace }: WeldSetting): boolean {
  return pace.by === 'wire' && wireTravel(job, wobble, pace) < slowestHeldBack;
}

/** The setting that this shop's even coupons stand behind, the most of them first; null where there is none. */
function provenSetting(job: WeldJob): Found | null {
  const proven = (job.evidence?.tried ?? [])
    .filter(({ setting, even, against }) => even >= provenBy && against === 0 && isOnMachine(job, setting))
    .map((tried) => ({ ...rated(job, tried.setting), keptFor: tried.even }));
  if (proven.length === 0) return null;
  return proven.reduce((best, next) => (next.loss < best.loss - lossTie ? next : best));
}
