import { gapBorne, seamOf } from '../joint/index.js';
import { fraction, watt } from '../quantity/index.js';
import { fillersFor } from '../wire/index.js';
import { aimedReach } from './aimedReach.js';
import { repeatsHole } from './holedSettings.js';
import { jointMissed } from './jointMissed.js';
import { plainBead } from './meltInputOf.js';
import { isDrivenTooFast, isHeldUp, lossTie, type Found } from './searchSetting.js';
import type { WeldJob } from './WeldJob.js';

/** What may stand in the way of the best setting of a machine; its words are {@link obstacleWords}'. */
export type Obstacle =
  /** No wire joins the two metals. */
  | 'metals'
  /** Their mix turns hard without wire. */
  | 'brittleMix'
  /** It opens into a hole before it closes, or leaves little room between the two. */
  | 'openGap'
  /** More than the wire carries across. */
  | 'wideGap'
  | 'coldWire'
  | 'drivingWire'
  | 'slowWire'
  | 'tooShallow'
  /** Hotter would reach, and hotter made a hole. */
  | 'holeAbove'
  /** Through only without a sweep, which misses the joint. */
  | 'bareSpot'
  | 'tooMuch';

/**
 * What stands in the way where what is asked is not expected of the best setting, or where no setting helps; null where
 * nothing does.
 */
export function findObstacle(job: WeldJob, best: Found): Obstacle | null {
  const { prediction, expectedReach, aimed } = best.forecast;
  const first = metalsInTheWay(job) ?? gapInTheWay(job, best);
  if (first !== null) return first;
  if (prediction.wireShare >= 1) return 'coldWire';
  if (isDrivenTooFast(job, best.setting)) return 'drivingWire';
  if (isHeldUp(job, best.setting)) return 'slowWire';
  const short = expectedReach < aimed.fullFrom ? shortBecause(job, best) : null;
  if (short !== null) return short;
  if (jointMissed(plainBead(job, best.setting)) > mostMissed) return 'bareSpot';
  return expectedReach > aimed.hotFrom && isLeast(job, best) ? 'tooMuch' : null;
}

/**
 * Why a weld is kept short of the back; null where nothing keeps it so but doubt: where a spread is wide, the least
 * loss leans to the side that costs less, and a hotter setting would only blow through more often.
 */
function shortBecause(job: WeldJob, best: Found): Obstacle | null {
  if (hasLittleRoom(job, best)) return 'openGap';
  if (isMost(job, best) && doesPowerHelp(job, best)) return 'tooShallow';
  return isBelowHole(job, best) ? 'holeAbove' : null;
}

/** Whether more power would make it cost less: where doubt alone costs that much, none does. */
function doesPowerHelp(job: WeldJob, { forecast }: Found): boolean {
  return forecast.loss > aimedReach(job, forecast).loss + lossTie;
}

/** Whether neither power nor duty can be turned up. */
function isMost({ machine: { power, duty } }: WeldJob, { setting }: Found): boolean {
  const canRaise = duty !== undefined && setting.duty < duty.most - 1e-9;
  return setting.power + power.step > power.most && !canRaise;
}

/** Whether a step more repeats what made a hole. */
function isBelowHole(job: WeldJob, { setting }: Found): boolean {
  const { power, duty } = job.machine;
  const stepOfDuty = { ...setting, duty: fraction(setting.duty + (duty?.step ?? 0)) };
  return (
    repeatsHole(job, { ...setting, power: watt(setting.power + power.step) }) || repeatsHole(job, stepOfDuty)
  );
}

/** A bead that misses its joint more often than this is no answer. */
const mostMissed = 0.3;

/** Two metals that no wire joins, or that need one. */
function metalsInTheWay({ pair, wireDiameter }: WeldJob): Obstacle | null {
  if (pair === undefined) return null;
  const advice = fillersFor(...pair);
  if (advice.options.length === 0) return 'metals';
  return wireDiameter === null && advice.withoutWire === 'no' ? 'brittleMix' : null;
}

function gapInTheWay(job: WeldJob, { forecast }: Found): Obstacle | null {
  if (forecast.limits.hotFrom <= forecast.limits.fullFrom) return 'openGap';
  if (job.aim.kind !== 'fillGap' || job.wireDiameter === null) return null;
  const { bridged } = gapBorne(job.joint, job.wireDiameter);
  return bridged !== null && seamOf(job.joint).gap <= bridged ? null : 'wideGap';
}

/** Of the room between even and hot so much is left where a gap is borne; less, and cold is the lesser evil. */
const leastRoom = 0.6 * 0.35;

/** Whether an open gap, and not the machine, is why the weld is kept short. */
function hasLittleRoom({ joint }: WeldJob, { forecast }: Found): boolean {
  const { fullFrom, hotFrom } = forecast.limits;
  return seamOf(joint).gap > gapBorne(joint, null).plain && hotFrom - fullFrom < leastRoom;
}

/** Whether neither power nor duty can be turned down. */
function isLeast({ machine }: WeldJob, { setting }: Found): boolean {
  const canTrim = machine.duty !== undefined && setting.duty > machine.duty.least + 1e-9;
  return setting.power <= machine.power.least && !canTrim;
}
