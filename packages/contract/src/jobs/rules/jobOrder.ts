import { meanPowerW } from '../../joint/rules/meanPowerW.js';
import {
  diffusivity,
  joule,
  kelvinDifference,
  mm,
  neighbourWait,
  orderCost,
  planWeldOrder,
  type OrderInput,
} from '@lone-heron/core';
import type { JobRates } from '../../house/house.js';
import type { JobDraft } from '../job.js';
import { weldsBefore } from '../jobLinks.js';
import type { JobWeld } from '../jobWeld.js';
import { seamsInPiece } from './jobSeams.js';
import { nozzleRests } from './nozzleRests.js';
import { samePose } from './samePose.js';
import { weldedMm } from './weldedLength.js';
import type { WeldAnswer } from './weldAnswer.js';

/** What is changed between one weld and the next, and the minutes each costs. */
type ChangeKind = 'nozzle' | 'wire' | 'gas' | 'setting' | 'turn' | 'cool' | 'rest';
export interface OrderChange {
  readonly kind: ChangeKind;
  readonly minutes: number;
}

/** A weld in its place, with what is changed for it. */
interface OrderStep {
  readonly mark: string;
  readonly changes: readonly OrderChange[];
}

/** Welds one after the other, and what they lose between them. */
export interface WeldedOrder {
  readonly steps: readonly OrderStep[];
  /** Minutes lost between welds in one go through them, without what the nozzle rests. */
  readonly minutes: number;
}

/** The order a job is welded in. */
export interface JobOrder extends WeldedOrder {
  /** No order loses less; equal to the minutes where this one is proved best. */
  readonly leastMinutes: number;
  /** Whether somebody made it. */
  readonly isByHand: boolean;
  /** The computed order, beside one that was made by hand; null where it is that. */
  readonly computed: WeldedOrder | null;
}

/** A rise of this much beside a seam is let be: warm, and no longer warping what is welded next. */
const letBe = kelvinDifference(80);
/** What passes anyway from one weld to the next, s. */
const passesAnyway = 20;

/**
 * The order of a job's welds: the computed one, or the one that somebody made with what it costs. Minutes are the shop's own for
 * each change; a turn is counted where the pose differs, and the wait beside a warm seam where both are placed on a picture that was measured.
 *
 * @param kept marks that come first in this order, the rest behind them as is best; empty for none
 * @throws RangeFault for kept marks that break a link
 */
export function jobOrder(
  job: JobDraft,
  answers: readonly WeldAnswer[],
  rates: JobRates,
  kept: readonly string[] = [],
): JobOrder {
  const { welds } = job;
  const between = betweenWelds(job, answers, rates);
  const links = weldsBefore(job);
  const first = welds.map(() => 0);
  const minutes = welds.map((from) => welds.map((to) => (from === to ? 0 : sumOf(between(from, to)))));
  const input: OrderInput = { minutes, first, before: links };
  const best = planWeldOrder({ ...input, before: withKept(links, welds, kept) });
  const isByHand = job.order !== null && kept.length === 0;
  const order = isByHand ? (job.order ?? []).map((mark) => indexOf(welds, mark)) : best.order;
  const cost = isByHand ? orderCost(input, order) : best.cost;
  const stepsOf = (indices: readonly number[]) =>
    rested(
      indices.map((at, i) => stepAt(welds, indices, at, i, between)),
      { job, answers, rates },
    );
  return {
    steps: stepsOf(order),
    ...{ minutes: cost, leastMinutes: best.lowerBound, isByHand },
    computed: isByHand ? { steps: stepsOf(best.order), minutes: best.cost } : null,
  };
}

/** From this share of the machine's most on, a nozzle gets hot. */
const nearLimit = 0.8;

/** With the rests of the nozzle, which hang on all that went before and so are no part of what the order is chosen by. */
function rested(
  steps: readonly OrderStep[],
  { job, answers, rates }: { job: JobDraft; answers: readonly WeldAnswer[]; rates: JobRates },
): readonly OrderStep[] {
  const hot = steps.map(({ mark, changes }) => {
    const answer = answers.find((each) => each.mark === mark);
    const weld = job.welds.find((each) => each.mark === mark);
    const lightS =
      answer === undefined || weld === undefined
        ? 0
        : (weldedMm(weld) * answer.forecast.pass.passes) / 1000 / answer.forecast.travel;
    return {
      isNear: answer !== undefined && shareOfMost(answer) >= nearLimit,
      lightS,
      seams: weld === undefined ? 0 : seamsInPiece(weld, job.parts),
      liningUpS: lightS * (100 / rates.lightSharePercent - 1),
      changesMin: sumOf(changes),
      isOtherNozzle: changes.some(({ kind }) => kind === 'nozzle'),
    };
  });
  const rests = nozzleRests(hot, { after: rates.nozzleLightS, minutes: rates.nozzleRestMin });
  return steps.map(({ mark, changes }, i) => {
    const minutes = rests[i] ?? 0;
    return { mark, changes: minutes === 0 ? changes : [...changes, { kind: 'rest', minutes }] };
  });
}

/** Mean power of a setting over the most that its machine gives. */
function shareOfMost({ content: { setting }, job }: WeldAnswer): number {
  return meanPowerW(setting) / job.machine.power.most;
}

type Between = (from: JobWeld, to: JobWeld) => readonly OrderChange[];

function stepAt(
  welds: readonly JobWeld[],
  order: readonly number[],
  at: number,
  i: number,
  between: Between,
): OrderStep {
  const weld = welds[at] as JobWeld;
  const before = i === 0 ? undefined : welds[order[i - 1] as number];
  return { mark: weld.mark, changes: before === undefined ? [] : between(before, weld) };
}

/** The kept ones one after the other, and everything else behind them. */
function withKept(
  links: OrderInput['before'],
  welds: readonly JobWeld[],
  kept: readonly string[],
): OrderInput['before'] {
  if (kept.length === 0) return links;
  const at = kept.map((mark) => indexOf(welds, mark));
  return links.map((before, i) => {
    const place = at.indexOf(i);
    const earlier = place === -1 ? at : at.slice(0, place);
    return [...new Set([...before, ...earlier])];
  });
}

const indexOf = (welds: readonly JobWeld[], mark: string) => welds.findIndex((each) => each.mark === mark);
const sumOf = (changes: readonly OrderChange[]) => changes.reduce((sum, { minutes }) => sum + minutes, 0);

function betweenWelds(job: JobDraft, answers: readonly WeldAnswer[], rates: JobRates): Between {
  const byMark = new Map(answers.map((answer) => [answer.mark, answer]));
  return (from, to) => {
    const [one, other] = [byMark.get(from.mark), byMark.get(to.mark)];
    return [
      ...(one === undefined || other === undefined ? [] : setUpChanges(one, other, rates)),
      ...(samePose(from.pose, to.pose) ? [] : [{ kind: 'turn' as const, minutes: rates.turnMin }]),
      ...(one === undefined ? [] : coolChange(job, from, to, one)),
    ];
  };
}

/** What is changed on the gun and on the panel from one setting to another. */
function setUpChanges(from: WeldAnswer, to: WeldAnswer, rates: JobRates): readonly OrderChange[] {
  const [one, other] = [setUpOf(from), setUpOf(to)];
  // Wire that is not fed stays where it is.
  const isOtherWire = one.wire !== null && other.wire !== null && one.wire !== other.wire;
  return [
    ...(one.nozzle === other.nozzle ? [] : [{ kind: 'nozzle' as const, minutes: rates.nozzleMin }]),
    ...(isOtherWire ? [{ kind: 'wire' as const, minutes: rates.wireMin }] : []),
    ...(one.gas === other.gas ? [] : [{ kind: 'gas' as const, minutes: rates.gasMin }]),
    ...(one.dialled === other.dialled ? [] : [{ kind: 'setting' as const, minutes: rates.slotMin }]),
  ];
}

/** What is on the gun and on the panel for a weld, each as something that is the same or another. */
function setUpOf({ content: { nozzle, setting }, filler }: WeldAnswer) {
  const { gas, pace, powerW, dutyPercent, wobble } = setting;
  const speed = pace.by === 'wire' ? pace.wireSpeedMmS : pace.travelMmS;
  return {
    nozzle: `${nozzle.shape} ${nozzle.isGrooved} ${nozzle.boreMm}`,
    wire: pace.by === 'wire' ? `${filler} ${pace.wireDiameterMm}` : null,
    gas,
    dialled: JSON.stringify([powerW, dutyPercent, wobble, speed]),
  };
}

/** The wait beside a seam that was just welded, beyond what passes anyway. */
function coolChange(job: JobDraft, from: JobWeld, to: JobWeld, answer: WeldAnswer): readonly OrderChange[] {
  const distanceMm = distanceBetween(job, from, to);
  if (distanceMm === null) return [];
  const { metal } = answer.job;
  const { prediction, heat } = answer.forecast;
  const wait = neighbourWait({
    heat: joule((prediction.absorptivity * heat * weldedMm(from)) / 1000),
    conductivity: metal.conductivity,
    diffusivity: diffusivity(metal),
    thickness: mm(Math.min(from.joint.firstThicknessMm, from.joint.secondThicknessMm)),
    distance: mm(distanceMm),
    rise: letBe,
  });
  const minutes = Math.max(0, wait - passesAnyway) / 60;
  return minutes < 0.1 ? [] : [{ kind: 'cool', minutes: Math.min(minutes, 30) }];
}

/** Between the middles of two seams on one picture that was measured, mm; null where that is not known. */
function distanceBetween(
  { pictures }: Pick<JobDraft, 'pictures'>,
  from: JobWeld,
  to: JobWeld,
): number | null {
  if (from.place === null || to.place === null || from.place.photoId !== to.place.photoId) return null;
  const { photoId } = from.place;
  const picture = pictures.find((each) => each.photoId === photoId);
  if (picture?.widthMm == null) return null;
  const middle = ({ from: a, to: b }: NonNullable<JobWeld['place']>) => ({
    x: (a.x + b.x) / 2,
    y: (a.y + b.y) / 2,
  });
  const [one, other] = [middle(from.place), middle(to.place)];
  return Math.hypot(one.x - other.x, (one.y - other.y) * picture.heightShare) * picture.widthMm;
}
