import {
  cleanFigures,
  cubicMetre,
  cutFigures,
  joule,
  mm,
  second,
  seamCost,
  type SeamCost,
  type SeamUse,
} from '@lone-heron/core';
import type { HouseContent } from '../../house/house.js';
import type { Machine } from '../../machines/machine.js';
import type { ModeSetting } from '../modeSetting.js';
import type { ModeWork } from '../modeWork.js';
import { cleanHeadOf, cutHeadOf } from './heads.js';
import { meanPowerOf } from './meanPowerOf.js';
import { cleanJobOf, cleanSettingOf, cutJobOf, cutSettingOf } from './modeJobs.js';

/** What work of a mode takes, once. */
interface ModeUse {
  readonly use: SeamUse;
  readonly cost: SeamCost;
  readonly lightOnS: number;
  /** The hands' time, lining up included, by the shop's share of light. */
  readonly handsS: number;
}

/** Where the plug's efficiency is not known. */
const usualWallPlug = 0.3;
/** Air that a compressor makes takes about so much at the plug, J per m3; other gases are bought. */
const airEnergy = 0.4e6;

/** Light, time, gas, glass and money of work under a setting; null where its machine does not do it, or its power is not known. */
export function modeUse(
  work: ModeWork,
  setting: ModeSetting,
  { profile }: Machine,
  { prices, jobRates }: Pick<HouseContent, 'prices' | 'jobRates'>,
): ModeUse | null {
  const meanPower = meanPowerOf(setting, profile);
  const light = lightOf(work, setting, profile);
  if (meanPower === null || light === null) return null;
  const { lightOnS, gasM3 } = light;
  const handsS = (lightOnS * 100) / jobRates.lightSharePercent;
  const efficiency = (profile.mains?.wallPlugPercent ?? usualWallPlug * 100) / 100;
  const isBought = work.mode === 'cut' && work.gas !== 'air';
  const use: SeamUse = {
    length: mm('lengthMm' in work ? work.lengthMm : 1),
    lightOn: second(lightOnS),
    labour: second(handsS),
    gas: cubicMetre(isBought ? gasM3 : 0),
    wire: 0,
    mains: joule((meanPower / efficiency) * lightOnS + (isBought ? 0 : gasM3 * airEnergy)),
    windowShare: (meanPower * lightOnS) / (prices.windowHours * 3600 * 1000),
  };
  const cost = seamCost(use, { ...prices, overheadPerHour: jobRates.overheadPerHour });
  return { use, cost, lightOnS, handsS };
}

function lightOf(work: ModeWork, setting: ModeSetting, profile: Machine['profile']) {
  if (work.mode === 'clean' && setting.mode === 'clean') {
    const head = cleanHeadOf(profile);
    if (head === null) return null;
    return { lightOnS: cleanFigures(cleanJobOf(work, head), cleanSettingOf(setting)).lightOn, gasM3: 0 };
  }
  if (work.mode === 'cut' && setting.mode === 'cut') {
    const head = cutHeadOf(profile);
    if (head === null) return null;
    const { lightOn, flow } = cutFigures(cutJobOf(work, head, profile), cutSettingOf(setting));
    return { lightOnS: lightOn, gasM3: flow * lightOn };
  }
  if (work.mode === 'seam' && setting.mode === 'seam')
    return { lightOnS: work.lengthMm / setting.paceMmS, gasM3: 0 };
  // A spot is one pulse; its machine's light counts while it pulses.
  return setting.mode === 'spot' ? { lightOnS: 1 / setting.rateHz, gasM3: 0 } : null;
}
