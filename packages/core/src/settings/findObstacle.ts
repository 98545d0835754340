import { gapBorne, seamOf } from '../joint/index.js';
import { inMm, inMmPerSecond } from '../quantity/index.js';
import { fillersFor } from '../wire/index.js';
import { expectedDepth } from './expectedDepth.js';
import { wireTravel } from './meltInputOf.js';
import { isDrivenTooFast, isHeldUp, type Found } from './searchSetting.js';
import type { WeldJob } from './WeldJob.js';

/** Why the best setting of a machine does not land. */
export interface Obstacle {
  readonly kind:
    | 'metals'
    | 'brittleMix'
    | 'openGap'
    | 'wideGap'
    | 'coldWire'
    | 'drivingWire'
    | 'slowWire'
    | 'tooShallow'
    | 'tooMuch';
  /** In one sentence. */
  readonly words: string;
}

/**
 * What stands in the way where what is asked is not expected of the best setting, or where no setting helps; null where
 * nothing does.
 */
export function findObstacle(job: WeldJob, best: Found): Obstacle | null {
  const { prediction, expectedReach, aimed } = best.forecast;
  const first = metalsInTheWay(job) ?? gapInTheWay(job, best);
  if (first !== null) return first;
  if (prediction.wireShare >= 1) {
    return {
      kind: 'coldWire',
      words: 'The cold wire takes all the heat this machine gives: nothing is left for the sheets.',
    };
  }
  if (isDrivenTooFast(job, best.setting)) return wireDrives(job, best);
  if (isHeldUp(job, best.setting)) return wireHoldsUp(job, best);
  if (expectedReach < aimed.fullFrom) return littleRoom(job, best) ?? tooShallow(job, best);
  if (expectedReach > aimed.hotFrom && isLeast(job, best)) return tooMuch(best);
  return null;
}

/** Two metals that no wire joins, or that need one. */
function metalsInTheWay({ pair, wireDiameter }: WeldJob): Obstacle | null {
  if (pair === undefined) return null;
  const advice = fillersFor(...pair);
  const [first, second] = pair;
  if (advice.options.length === 0) {
    const words = advice.warnings[0] ?? `${first.name} and ${second.name} do not weld by melting.`;
    return { kind: 'metals', words: `${words} Braze, screw or rivet, or make both sides of one metal.` };
  }
  if (wireDiameter !== null || advice.withoutWire !== 'no') return null;
  return {
    kind: 'brittleMix',
    words: `${first.name} and ${second.name} without wire turn hard or crack where they mix.`,
  };
}

function gapInTheWay(job: WeldJob, { forecast }: Found): Obstacle | null {
  const { gap } = seamOf(job.joint);
  const said = `A gap of ${inMm(gap).toFixed(2)} mm`;
  if (forecast.limits.hotFrom <= forecast.limits.fullFrom) {
    return {
      kind: 'openGap',
      words: `${said} is half the sheet or more: it opens into a hole before it closes.`,
    };
  }
  if (job.aim.kind !== 'fillGap' || job.wireDiameter === null) return null;
  const { bridged } = gapBorne(job.joint, job.wireDiameter);
  if (bridged !== null && gap <= bridged) return null;
  const carried = bridged === null ? '' : ` (${inMm(bridged).toFixed(2)} mm)`;
  return { kind: 'wideGap', words: `${said} is more than this wire carries across${carried}.` };
}

function wireDrives(job: WeldJob, { setting }: Found): Obstacle {
  const { wobble, pace } = setting;
  const driven = pace.by === 'wire' ? inMmPerSecond(wireTravel(job, wobble, pace)) : 0;
  return {
    kind: 'drivingWire',
    words: `Even at the feeder’s least the wire would drive the gun at ${driven.toFixed(0)} mm/s: this joint takes too little metal for it.`,
  };
}

function wireHoldsUp(job: WeldJob, { setting }: Found): Obstacle {
  const { wobble, pace } = setting;
  const held = pace.by === 'wire' ? inMmPerSecond(wireTravel(job, wobble, pace)) : 0;
  return {
    kind: 'slowWire',
    words: `This wire fills the joint only at ${held.toFixed(1)} mm/s, slower than a hand holds steady.`,
  };
}

/** Of the room between even and hot so much is left where a gap is borne; less, and cold is the lesser evil. */
const leastRoom = 0.6 * 0.35;

/** An open gap, where it and not the machine is why the weld is kept short. */
function littleRoom({ joint }: WeldJob, { forecast }: Found): Obstacle | null {
  const { gap } = seamOf(joint);
  const { fullFrom, hotFrom } = forecast.limits;
  if (gap <= gapBorne(joint, null).plain || hotFrom - fullFrom >= leastRoom) return null;
  const said = inMm(gap).toFixed(2);
  return {
    kind: 'openGap',
    words: `A gap of ${said} mm leaves little room between too cold and a hole: nothing lands surely across it.`,
  };
}

function tooShallow(job: WeldJob, { setting, forecast }: Found): Obstacle {
  const percent = Math.round(forecast.expectedReach * 100);
  const depth = inMm(expectedDepth(forecast)).toFixed(1);
  const isFull = setting.power >= job.machine.power.most && setting.duty >= 1;
  const at = isFull ? `At its full ${setting.power} W this machine` : 'The best that this machine does here';
  return { kind: 'tooShallow', words: `${at} melts ${depth} mm, ${percent} % of the way through.` };
}

/** Whether neither power nor duty can be turned down. */
function isLeast({ machine }: WeldJob, { setting }: Found): boolean {
  const canTrim = machine.duty !== undefined && setting.duty > machine.duty.least + 1e-9;
  return setting.power <= machine.power.least && !canTrim;
}

function tooMuch({ setting, forecast }: Found): Obstacle {
  const duty = setting.duty < 1 ? ` at ${Math.round(setting.duty * 100)} % duty` : '';
  return {
    kind: 'tooMuch',
    words: `Even at ${setting.power} W${duty} and ${inMmPerSecond(forecast.travel).toFixed(0)} mm/s this machine melts too much.`,
  };
}
