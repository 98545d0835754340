import { meanPowerW } from '../../joint/rules/meanPowerW.js';
import {
  eightyPercent,
  fillerTable,
  inMm,
  learnedRatio,
  mm,
  seamCost,
  seamWork,
  second,
  summedBand,
  watt,
  windowDose,
  degree,
  mmPerSecond,
  wireArea,
  type LearnedRatio,
  type SeamCost,
  type SeamUse,
  type Filler,
  type ShieldingGas,
  type SummedBand,
} from '@lone-heron/core';
import type { HouseContent } from '../../house/house.js';
import type { Machine } from '../../machines/machine.js';
import { modeUse } from '../../modes/rules/modeUse.js';
import type { JobDraft } from '../job.js';
import type { JobWeld } from '../jobWeld.js';
import type { RunTime } from '../weldRun.js';
import type { JobOrder } from './jobOrder.js';
import { seamsInPiece } from './jobSeams.js';
import { startsOf, weldedMm } from './weldedLength.js';
import type { WeldAnswer } from './weldAnswer.js';
import { weldTacks } from './weldTacks.js';

/** What one weld of a piece takes, all its seams together. */
interface WeldTakes {
  readonly mark: string;
  readonly seams: number;
  readonly use: SeamUse;
  readonly tacks: number;
  readonly dressMin: number;
}

/** What a job takes, a piece and the batch; times in minutes. */
export interface JobTakes {
  readonly welds: readonly WeldTakes[];
  readonly piece: TakesOf;
  readonly batch: TakesOf;
  /** How the hands' time over the light's is known. */
  readonly hands: LearnedRatio;
}

/** What so many pieces take. */
export interface TakesOf {
  readonly pieces: number;
  readonly lightMin: number;
  /** Everything a person spends on it, with the band that holds four in five. */
  readonly time: SummedBand;
  readonly parts: Readonly<Record<TimePart, number>>;
  readonly wire: readonly WireTaken[];
  readonly gas: readonly { readonly gas: ShieldingGas; readonly litres: number }[];
  /** Share of a protective window's life. */
  readonly windowShare: number;
  readonly kilowattHours: number;
  readonly cost: SeamCost;
  /** The same four in five for the money. */
  readonly total: SummedBand;
}

/** How much of a wire is used; which filler it is may be anybody's choice. */
interface WireTaken {
  readonly filler: Filler | null;
  readonly diameterMm: number;
  readonly metres: number;
  readonly kilograms: number;
}

/** What a person's time goes into. */
export type TimePart = 'light' | 'liningUp' | 'setUps' | 'turns' | 'cooling' | 'tacks' | 'dressing' | 'works';

/** The shop's guess counts for so many seams, and scatters so much. */
const handsGuess = { spread: 0.5, weight: 6 };
/** Where the machine's sheet does not say. */
const usualWallPlug = 0.3;

interface TakesContext {
  readonly house: HouseContent;
  readonly machine: Machine;
  /** Of the whole shop: cleaning and cutting may be another's. */
  readonly machines: readonly Machine[];
  /** Goes at seams of this shop, of any job: hands and light of each teach how long lining up takes. */
  readonly past: readonly RunTime[];
}

/** What a job takes at its settings in its order. Planning figures: a quote is the shop's own to make. */
export function jobTakes(
  job: JobDraft,
  answers: readonly WeldAnswer[],
  order: JobOrder,
  context: TakesContext,
): JobTakes {
  const { jobRates } = context.house;
  const middle = 100 / jobRates.lightSharePercent;
  const hands = learnedRatio(handsOverLight(context.past), { ...handsGuess, middle });
  const byMark = new Map(answers.map((answer) => [answer.mark, answer]));
  const welds = job.welds.flatMap((weld) => {
    const answer = byMark.get(weld.mark);
    return answer === undefined ? [] : [weldTakes(job, weld, answer, hands, context)];
  });
  const of = (pieces: number) => takesOf({ job, welds, byMark, order, hands, context }, pieces);
  return { welds, piece: of(1), batch: of(job.quantity), hands };
}

/** The hands' time over the light's, of goes that were timed. What took half an hour was no seam: somebody went to lunch. */
function handsOverLight(past: TakesContext['past']): readonly number[] {
  return past.flatMap(({ outcome, lightOnS, handsS }) =>
    outcome === 'welded' &&
    lightOnS !== null &&
    handsS !== null &&
    lightOnS > 0 &&
    handsS >= lightOnS &&
    handsS < 1800
      ? [handsS / lightOnS]
      : [],
  );
}

function weldTakes(
  job: JobDraft,
  weld: JobWeld,
  { content, filler, forecast, job: { metal } }: WeldAnswer,
  hands: LearnedRatio,
  { house, machine }: TakesContext,
): WeldTakes {
  const seams = seamsInPiece(weld, job.parts);
  const { setting, gunAngleDeg } = content;
  const { passes } = forecast.pass;
  const meanPower = watt(meanPowerW(setting));
  const lengthMm = weldedMm(weld) * seams * passes;
  const dose = windowDose({
    ...{ metal, lightOn: second(1), meanPower, gunAngle: degree(gunAngleDeg), zincCoat: 0 },
  });
  const use = seamWork({
    length: mm(lengthMm),
    travel: mmPerSecond(forecast.travel * 1000),
    starts: startsOf(weld) * seams * passes,
    gasLitresPerMinute: setting.gasFlowLMin,
    gasBefore: second(content.gasBeforeS ?? 0),
    gasAfter: second(content.gasAfterS ?? 0),
    wire:
      setting.pace.by === 'wire'
        ? {
            area: wireArea(mm(setting.pace.wireDiameterMm)),
            speed: setting.pace.wireSpeedMmS / 1000,
            density: filler === null ? metal.density : fillerTable[filler].density,
          }
        : null,
    input: meanPower / ((machine.profile.mains?.wallPlugPercent ?? usualWallPlug * 100) / 100),
    lightShare: Math.min(1, 1 / hands.middle),
    windowLife: second((house.prices.windowHours * 3600 * 1000) / dose.weighted),
  });
  return {
    ...{ mark: weld.mark, seams, use },
    tacks: weldTacks(weld, house).length * seams,
    dressMin: (house.jobRates.dressMinPerM * lengthMm) / 1000,
  };
}

interface Taken {
  readonly job: JobDraft;
  readonly welds: readonly WeldTakes[];
  readonly byMark: ReadonlyMap<string, WeldAnswer>;
  readonly order: JobOrder;
  readonly hands: LearnedRatio;
  readonly context: TakesContext;
}

function takesOf({ job, welds, byMark, order, hands, context }: Taken, pieces: number): TakesOf {
  const { prices, jobRates } = context.house;
  const sum = (of: (weld: WeldTakes) => number) =>
    welds.reduce((total, weld) => total + of(weld), 0) * pieces;
  const lightS = sum(({ use }) => use.lightOn);
  const works = worksOf(job, context, pieces);
  // One go through the welds for each piece, or one for the batch with each piece laid in again for each weld.
  const throughs = job.rhythm === 'pieceByPiece' ? pieces : 1;
  const lost = (kinds: readonly string[]) =>
    order.steps
      .flatMap(({ changes }) => changes)
      .reduce((total, { kind, minutes }) => total + (kinds.includes(kind) ? minutes : 0), 0);
  const atSeams = summedBand(seamLights(welds, pieces), hands);
  const fixed = {
    setUps: lost(['nozzle', 'wire', 'gas', 'setting']) * throughs,
    turns: lost(['turn']) * pieces,
    cooling: lost(['cool']) * throughs + lost(['rest']) * pieces,
    tacks: (sum(({ tacks }) => tacks) * jobRates.tackS) / 60,
    dressing: sum(({ dressMin }) => dressMin),
    works: works.handsS / 60,
  };
  const rest = Object.values(fixed).reduce((total, each) => total + each, 0);
  const time = timeOf(atSeams, rest);
  const use = {
    length: mm(sum(({ use: { length } }) => inMm(length))),
    lightOn: second(lightS),
    labour: second(time.middle * 60),
    gas: (sum(({ use: { gas } }) => gas) + works.gasM3) as SeamUse['gas'],
    wire: sum(({ use: { wire } }) => wire),
    mains: (sum(({ use: { mains } }) => mains) + works.mainsJ) as SeamUse['mains'],
    windowShare: sum(({ use: { windowShare } }) => windowShare),
  };
  const paid = { ...prices, overheadPerHour: jobRates.overheadPerHour };
  // Glass of another machine is paid for too, but is no part of this one's window.
  const withWorks = { ...use, windowShare: use.windowShare + works.windowShare };
  const cost = seamCost(withWorks, paid);
  const costAt = (each: number) => seamCost({ ...withWorks, labour: second(each * 60) }, paid).total;
  return {
    ...{ pieces, lightMin: lightS / 60, time, cost },
    parts: { light: lightS / 60, liningUp: Math.max(0, atSeams.middle - lightS) / 60, ...fixed },
    wire: wireOf(welds, byMark, pieces),
    gas: withGas(gasOf(welds, byMark, pieces), works.litres),
    windowShare: use.windowShare,
    kilowattHours: use.mains / 3.6e6,
    total: { middle: cost.total, least: costAt(time.least), most: costAt(time.most) },
  };
}

/** Cleaning, cutting and pulses of so many pieces, all together; work of a machine that is gone takes nothing that is known. */
function worksOf({ works = [] }: JobDraft, { house, machine, machines }: TakesContext, pieces: number) {
  const taken = { handsS: 0, gasM3: 0, mainsJ: 0, windowShare: 0, litres: new Map<ShieldingGas, number>() };
  for (const { machineId, work, setting, count } of works) {
    const own = machines.find(({ id }) => id === machineId) ?? machine;
    const found = modeUse(work, setting, own, house);
    if (found === null) continue;
    const times = count * pieces;
    taken.handsS += found.handsS * times;
    taken.gasM3 += found.use.gas * times;
    taken.mainsJ += found.use.mains * times;
    taken.windowShare += found.use.windowShare * times;
    if (work.mode === 'cut' && work.gas !== 'air')
      taken.litres.set(work.gas, (taken.litres.get(work.gas) ?? 0) + found.use.gas * 1000 * times);
  }
  return taken;
}

/** Gas of welds and of cuts, each sort once. */
function withGas(welded: TakesOf['gas'], cut: ReadonlyMap<ShieldingGas, number>): TakesOf['gas'] {
  const litres = new Map(welded.map((each) => [each.gas, each.litres]));
  for (const [gas, more] of cut) litres.set(gas, (litres.get(gas) ?? 0) + more);
  return [...litres].map(([gas, all]) => ({ gas, litres: all }));
}

/** How well the shop knows its times for set-ups, turns, tacks and dressing: standard deviation of the logarithm, of all together. */
const restSpread = 0.3;

/** Minutes at the seams and between them, with a band that holds four in five: what one does not know adds to the other in squares. */
function timeOf(atSeams: SummedBand, rest: number): SummedBand {
  const [middle, least, most] = [atSeams.middle / 60, atSeams.least / 60, atSeams.most / 60];
  const off = Math.exp(eightyPercent * restSpread);
  return {
    middle: middle + rest,
    least: Math.max(0, middle + rest - Math.hypot(middle - least, rest - rest / off)),
    most: middle + rest + Math.hypot(most - middle, rest * off - rest),
  };
}

/** Light of each seam by itself, s: what scatters from one to the next. */
function seamLights(welds: readonly WeldTakes[], pieces: number): readonly number[] {
  return welds.flatMap(({ use, seams }) => Array.from({ length: seams * pieces }, () => use.lightOn / seams));
}

function wireOf(
  welds: readonly WeldTakes[],
  byMark: ReadonlyMap<string, WeldAnswer>,
  pieces: number,
): TakesOf['wire'] {
  const found = new Map<string, WireTaken>();
  for (const { mark, use } of welds) {
    const answer = byMark.get(mark);
    const pace = answer?.content.setting.pace;
    if (answer === undefined || pace?.by !== 'wire') continue;
    const wire = { filler: answer.filler, diameterMm: pace.wireDiameterMm };
    const key = `${wire.filler ?? ''} ${wire.diameterMm}`;
    const before = found.get(key);
    found.set(key, {
      ...wire,
      metres: (before?.metres ?? 0) + (pace.wireSpeedMmS / 1000) * use.lightOn * pieces,
      kilograms: (before?.kilograms ?? 0) + use.wire * pieces,
    });
  }
  return [...found.values()];
}

function gasOf(
  welds: readonly WeldTakes[],
  byMark: ReadonlyMap<string, WeldAnswer>,
  pieces: number,
): TakesOf['gas'] {
  const found = new Map<ShieldingGas, number>();
  for (const { mark, use } of welds) {
    const gas = byMark.get(mark)?.content.setting.gas;
    if (gas !== undefined) found.set(gas, (found.get(gas) ?? 0) + use.gas * 1000 * pieces);
  }
  return [...found].map(([gas, litres]) => ({ gas, litres }));
}
