import { snapToKnob } from '../machine/index.js';
import { hertz, metre, mmPerSecond } from '../quantity/index.js';
import { wireForTravel } from '../wire/index.js';
import { pacesOf } from './ways.js';
import { forecastWeld } from './forecastWeld.js';
import { lossForAim } from './lossForAim.js';
import { lossTie } from './searchSetting.js';
import { passFill } from './meltInputOf.js';
import { rated, solvePower, type Candidate } from './solveStrength.js';
import { knobs, turnKnob, type Knob } from './turnKnob.js';
import type { WeldJob } from './WeldJob.js';
import type { Pace, WeldSetting } from './WeldSetting.js';

/** Knobs that stay where the hand put them, in SI. */
export type HeldKnobs = Readonly<Partial<Record<Knob, number>>>;

/** Paces tried around the aim's own, mm/s: with the power held the pace has to make up for it. */
const paceStep = 0.5;

/** Shares of the wobble's width, and of its rate, that are tried. */
const widthShares = [1.5, 1.25, 1, 0.8, 0.6, 0.4];
const rateShares = [1, 0.75, 1.33];

/**
 * The setting of least expected loss with some knobs held: the others are searched anew, the power in the machine's own
 * steps where it is free, else pace (or wire), width and rate around it. Of settings that cost within 0.02 the one
 * nearest to the start is taken, so that nothing is turned without need.
 *
 * @param start the setting that would be suggested with nothing held
 * @param held values the machine can take; a knob that the setting does not have is left out
 * @throws RangeFault as {@link forecastWeld} for a held value outside what can be computed
 * @example
 * suggestHolding(sampleJob(), sampleSetting, { power: 1200 }).setting.power // => 1200
 */
export function suggestHolding(job: WeldJob, start: WeldSetting, held: HeldKnobs): Candidate {
  const from = knobs.reduce((setting, knob) => {
    const value = held[knob];
    return value === undefined ? setting : turnKnob(setting, knob, value);
  }, start);
  // The guarded forecast refuses a held value that cannot be computed before the search runs without guards.
  const forecast = forecastWeld(job, from);
  const first: Candidate = { setting: from, forecast, loss: lossForAim(job, from, forecast) };
  const candidates = settingsAround(job, from, held).map((setting) =>
    held.power === undefined ? solvePower(job, setting) : rated(job, setting),
  );
  return nearestOfTied(from, [first, ...candidates]);
}

function settingsAround(job: WeldJob, from: WeldSetting, held: HeldKnobs): readonly WeldSetting[] {
  return wobblesAround(job, from, held).flatMap((wobble) =>
    pacesAround(job, { ...from, wobble }, held).map((pace) => ({ ...from, wobble, pace })),
  );
}

function wobblesAround(
  job: WeldJob,
  { wobble }: WeldSetting,
  held: HeldKnobs,
): readonly WeldSetting['wobble'][] {
  if (wobble.shape === 'none') return [wobble];
  const { wobbleWidth, wobbleRate } = job.machine;
  const widths = held.wobbleWidth === undefined ? widthShares.map((by) => wobble.width * by) : [wobble.width];
  const rates =
    held.wobbleRate === undefined ? rateShares.map((by) => wobble.frequency * by) : [wobble.frequency];
  return widths.flatMap((width) =>
    rates.map((rate) => ({
      ...wobble,
      width: held.wobbleWidth === undefined ? aboveNought(wobbleWidth, width) : wobble.width,
      frequency: held.wobbleRate === undefined ? snapToKnob(wobbleRate, hertz(rate)) : wobble.frequency,
    })),
  );
}

/** A width the knob can take; the least above no wobble at all. */
function aboveNought(range: WeldJob['machine']['wobbleWidth'], width: number) {
  const snapped = snapToKnob(range, metre(width));
  return snapped > 0 ? snapped : metre(range.step);
}

function pacesAround(job: WeldJob, setting: WeldSetting, held: HeldKnobs): readonly Pace[] {
  const { pace } = setting;
  const isHeld = pace.by === 'hand' ? held.travel !== undefined : held.wireSpeed !== undefined;
  if (isHeld || job.joint.kind === 'tack') return [pace];
  const { slowest, fastest } = pacesOf(job);
  const count = Math.round((fastest - slowest) / paceStep) + 1;
  return Array.from({ length: count }, (_, i) => paceAt(job, setting, slowest + i * paceStep));
}

function paceAt(job: WeldJob, setting: WeldSetting, travelMmS: number): Pace {
  const { pace } = setting;
  const travel = mmPerSecond(travelMmS);
  const { wireSpeed } = job.machine;
  if (pace.by === 'hand' || wireSpeed === null) return { by: 'hand', travel };
  const wanted = wireForTravel(pace.diameter, travel, passFill(job, setting));
  return { ...pace, wireSpeed: snapToKnob(wireSpeed, wanted) };
}

function nearestOfTied(from: WeldSetting, candidates: readonly [Candidate, ...Candidate[]]): Candidate {
  const least = Math.min(...candidates.map(({ loss }) => loss));
  const tied = candidates.filter(({ loss }) => loss <= least + lossTie);
  return tied.reduce((best, next) => (turnedBetween(from, next) < turnedBetween(from, best) ? next : best));
}

/** How far a candidate is turned from a setting: the sum over its knobs of |ln(to/from)|. */
function turnedBetween(from: WeldSetting, { setting }: Candidate): number {
  const speedOf = ({ pace }: WeldSetting) => (pace.by === 'hand' ? pace.travel : pace.wireSpeed);
  const pairs: [number, number][] = [
    [from.power, setting.power],
    [speedOf(from), speedOf(setting)],
  ];
  if (from.wobble.shape !== 'none' && setting.wobble.shape !== 'none') {
    pairs.push([from.wobble.width, setting.wobble.width], [from.wobble.frequency, setting.wobble.frequency]);
  }
  return pairs.reduce((sum, [a, b]) => sum + Math.abs(Math.log(b / a)), 0);
}
