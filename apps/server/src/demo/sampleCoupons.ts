import {
  coreJob,
  couponEvidence,
  handSlips,
  recordedSetting,
  lookedAtOf,
  seenAt,
  type BackLook,
  type CouponDraft,
  type Machine,
} from '@lone-heron/contract';
import {
  evidenceWeldOf,
  forecastWeld,
  inMm,
  meltInputOf,
  mmPerSecond,
  predictMelt,
  shieldingGasFor,
  shopEvidence,
  suggestSetting,
  type EvidenceCoupon,
  type MetalFamily,
  type WeldForecast,
  type WeldJob,
  type WeldSetting,
  normalDraw,
  randomStream,
  type RandomStream,
} from '@lone-heron/core';
import { sampleDialIns, sampleDriftingDialIns, type DialIn, type SamplePast } from './sampleDialIns.js';
import { sampleMachines } from './sampleWorkshop.js';
import { atWork } from './workingHours.js';

/**
 * What is true in the sample workshop and nobody there knows: how much deeper than the book each machine and metal
 * weld, how coupons scatter, and that a hand nobody times is quick on the barrow.
 */
export const hiddenTruth = {
  machine: { bench: -0.05, barrow: 0.08 } as Readonly<Record<string, number>>,
  family: { stainless: 0.04, steel: 0, aluminium: -0.06 } as Readonly<Partial<Record<MetalFamily, number>>>,
  scatter: 0.08,
  timedHand: 0.06,
  untimedHand: 0.15,
  untimedHaste: { bench: 0, barrow: 0.15 } as Readonly<Record<string, number>>,
} as const;

/** A coupon with who welded it, and how deep it really went. */
export interface SampleCoupon {
  readonly draft: CouponDraft;
  readonly personId: string;
  readonly realDepthMm: number;
  readonly realWidthMm: number;
}

const day = 24 * 3600 * 1000;
const betweenCoupons = 4 * 60 * 1000;
const shareUntimed = 0.22;
const shareSlips = 0.06;
const driftSeed = 7;

/**
 * The workshop's coupons, oldest first: the setting from the model, what was seen from the hidden truth.
 *
 * @param now ms since 1970
 */
export function sampleCoupons(past: SamplePast, now: number, random: RandomStream): readonly SampleCoupon[] {
  const all = [
    ...couponsOfAll(sampleDialIns(past, random), now, random),
    ...couponsOfAll(sampleDriftingDialIns(past), now, randomStream(driftSeed)),
  ];
  return all.toSorted((one, other) => Date.parse(one.draft.weldedAt) - Date.parse(other.draft.weldedAt));
}

/** Coupons of runs in their order, each run knowing what those before it showed. */
function couponsOfAll(
  dialIns: readonly DialIn[],
  now: number,
  random: RandomStream,
): readonly SampleCoupon[] {
  const evidence: EvidenceCoupon[] = [];
  return dialIns.flatMap((dialIn) => {
    const machine = sampleMachines.find(({ id }) => id === dialIn.machineId) as Machine;
    const coupons = couponsOf(dialIn, machine, now, evidence, random);
    for (const { draft } of coupons) {
      const id = `sample ${evidence.length}`;
      evidence.push(...couponEvidence({ ...draft, id, section: null }, machine.profile));
    }
    return coupons;
  });
}

/** The coupons of a run. What Dial would have said before it goes with each. */
function couponsOf(
  dialIn: DialIn,
  machine: Machine,
  now: number,
  evidence: readonly EvidenceCoupon[],
  random: RandomStream,
): readonly SampleCoupon[] {
  const { joint, wireDiameterMm, daysAgo, personId } = dialIn;
  const plain = coreJob(joint, wireDiameterMm, machine.profile, { kind: 'reach' });
  const best = suggestSetting(plain).setting;
  const job = withEvidence(plain, best, machine.id, evidence);
  return dialIn.powerShares.map((share, index) => {
    const setting = { ...best, power: powerNear(best.power * share, machine) } as WeldSetting;
    const { gas, flowLitresPerMinute } = shieldingGasFor(job.metal);
    const forecast = forecastWeld(job, setting);
    const real = realWeld(job, setting, forecast, machine.id, random, dialIn.depthShare ?? 1);
    const isSlip = random() < shareSlips;
    const isSeenBehind = seenAt(joint) !== 'toes';
    const draft: CouponDraft = {
      machineId: machine.id,
      joint,
      setting: recordedSetting(setting, gas, flowLitresPerMinute),
      back: isSlip ? 'none' : isSeenBehind ? lookOf(real.reach, forecast) : toesOf(real.reach, forecast),
      lightOnS: real.lightOnS,
      runLengthMm: real.runLengthMm,
      remark: dialIn.remarks[index] ?? '',
      weldedAt: new Date(atWork(now - daysAgo * day, now) + index * betweenCoupons).toISOString(),
      ...(isSlip ? { slip: handSlips[Math.floor(random() * handSlips.length)] ?? 'paused' } : {}),
      ...lookedAtOf(joint),
      ...(isSeenBehind ? { stated: statedOdds(forecast) } : {}),
    };
    return { draft, personId, realDepthMm: real.depthMm, realWidthMm: real.widthMm };
  });
}

function withEvidence(
  job: WeldJob,
  setting: WeldSetting,
  machineId: string,
  evidence: readonly EvidenceCoupon[],
): WeldJob {
  if (evidence.length === 0) return job;
  const question = { ...evidenceWeldOf(job, setting), machineId };
  const { gas, gunAngle } = question;
  return { ...job, evidence: { shop: shopEvidence(question, evidence), machineId, gas, gunAngle } };
}

function powerNear(wantedW: number, { profile }: Machine): number {
  const { least, most, step } = profile.powerW;
  return Math.max(least, Math.min(most, least + Math.round((wantedW - least) / step) * step));
}

/** How a weld really went: the model at the hand's real pace, moved by what nobody knows. */
function realWeld(
  job: WeldJob,
  setting: WeldSetting,
  forecast: WeldForecast,
  machineId: string,
  random: RandomStream,
  depthShare: number,
) {
  const truth = hiddenTruth;
  const isTimed = random() >= shareUntimed;
  const hand = isTimed
    ? truth.timedHand * normalDraw(random)
    : (truth.untimedHaste[machineId] ?? 0) + truth.untimedHand * normalDraw(random);
  const travelMmS = forecast.travel * 1000 * Math.exp(hand);
  const melt = predictMelt(meltInputOf(job, setting, mmPerSecond(travelMmS)));
  const offset = (truth.machine[machineId] ?? 0) + (truth.family[job.metal.family] ?? 0);
  const factor = depthShare * Math.exp(offset + truth.scatter * normalDraw(random));
  const lightOnS = Math.round((9 + 3 * random()) * 10) / 10;
  return {
    reach: melt.reach * factor,
    depthMm: inMm(melt.depth) * factor,
    widthMm: inMm(melt.width),
    lightOnS: isTimed ? lightOnS : null,
    runLengthMm: isTimed ? Math.round(lightOnS * travelMmS) : null,
  };
}

function lookOf(reach: number, { limits }: WeldForecast): BackLook {
  if (reach < limits.coldBelow) return 'none';
  if (reach < limits.fullFrom) return 'faint';
  if (reach < limits.hotFrom) return 'even';
  return reach < limits.holeFrom ? 'heavy' : 'hole';
}

/** Toes and far side, in the same five steps; a bead beside its line is another matter than depth. */
function toesOf(reach: number, { limits }: WeldForecast): BackLook {
  if (reach < limits.coldBelow) return 'none';
  if (reach < limits.holeFrom) return 'even';
  return reach < limits.holeFrom * 1.15 ? 'heavy' : 'hole';
}

function statedOdds({ sheetOdds: odds }: WeldForecast): NonNullable<CouponDraft['stated']> {
  const rounded = (chance: number) => Math.round(chance * 1e4) / 1e4;
  return {
    none: rounded(odds.cold),
    faint: rounded(odds.part),
    even: rounded(odds.full),
    heavy: rounded(odds.hot),
    hole: rounded(odds.hole),
  };
}
