import { gapBorne, seamOf } from '../joint/index.js';
import { saidLength, saidSpeed } from '../quantity/index.js';
import { expectedDepth } from './expectedDepth.js';
import type { Obstacle } from './findObstacle.js';
import { wireTravel } from './meltInputOf.js';
import type { Suggestion } from './suggestSetting.js';
import type { WeldJob } from './WeldJob.js';

/**
 * What stands in the way, in one sentence; empty where nothing does.
 *
 * @example
 * obstacleWords(sampleJob(), suggestSetting(sampleJob())) // => ''
 */
export function obstacleWords(job: WeldJob, best: Suggestion): string {
  return best.obstacle === null ? '' : wordsOf(job, best, best.obstacle);
}

function wordsOf(job: WeldJob, best: Suggestion, obstacle: Obstacle): string {
  switch (obstacle) {
    case 'metals':
      return `${namesOf(job)} do not weld by melting: braze, screw or rivet, or make both sides of one metal.`;
    case 'brittleMix':
      return `${namesOf(job)} without wire turn hard or crack where they mix.`;
    case 'openGap':
      return openGap(job, best);
    case 'wideGap':
      return wideGap(job);
    case 'coldWire':
      return 'The cold wire takes all the heat this machine gives: nothing is left for the sheets.';
    case 'drivingWire':
      return `Even at the feeder’s least the wire would drive the gun at ${paceOfWire(job, best, 0)}: this joint takes too little metal for it.`;
    case 'slowWire':
      return `This wire fills the joint only at ${paceOfWire(job, best, 1)}, slower than a hand holds steady.`;
    case 'tooShallow':
      return tooShallow(job, best);
    case 'holeAbove':
      return `Hotter the same way made a hole here, and ${best.setting.power} W goes only ${percentReached(best)} % of the way through by what is known: look for what differed before scrap is spent.`;
    case 'bareSpot':
      return 'Only a bare spot reaches through here, and without a sweep a hand misses the joint about every second time.';
    case 'tooMuch':
      return tooMuch(job, best);
  }
}

function namesOf({ pair, metal }: WeldJob): string {
  return (pair ?? [metal]).map(({ name }) => name).join(' and ');
}

function gapSaid({ joint, saidIn }: WeldJob): string {
  return `A gap of ${saidLength(seamOf(joint).gap, saidIn, 2)}`;
}

function openGap(job: WeldJob, { forecast: { limits } }: Suggestion): string {
  return limits.hotFrom <= limits.fullFrom
    ? `${gapSaid(job)} is half the sheet or more: it opens into a hole before it closes.`
    : `${gapSaid(job)} leaves little room between too cold and a hole: nothing lands surely across it.`;
}

function wideGap(job: WeldJob): string {
  const { bridged } = gapBorne(job.joint, job.wireDiameter);
  const carried = bridged === null ? '' : ` (${saidLength(bridged, job.saidIn, 2)})`;
  return `${gapSaid(job)} is more than this wire carries across${carried}.`;
}

function paceOfWire(job: WeldJob, { setting: { wobble, pace } }: Suggestion, decimals: number): string {
  const travel = pace.by === 'wire' ? wireTravel(job, wobble, pace) : pace.travel;
  return saidSpeed(travel, job.saidIn, decimals);
}

function tooShallow({ saidIn }: WeldJob, best: Suggestion): string {
  const depth = saidLength(expectedDepth(best.forecast), saidIn);
  return `At its full ${best.setting.power} W this machine melts ${depth}, ${percentReached(best)} % of the way through.`;
}

function percentReached({ forecast }: Suggestion): number {
  return Math.round(forecast.expectedReach * 100);
}

function tooMuch({ saidIn }: WeldJob, { setting, forecast }: Suggestion): string {
  const duty = setting.duty < 1 ? ` at ${Math.round(setting.duty * 100)} % duty` : '';
  return `Even at ${setting.power} W${duty} and ${saidSpeed(forecast.travel, saidIn)} this machine melts too much.`;
}
