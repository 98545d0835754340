import { backLooks, firmEvidence, type BackLook, type Coupon, type Machine } from '@lone-heron/contract';
import {
  calibration,
  couponInfluence,
  shopEvidence,
  shopOffset,
  type CalibrationBin,
  type EvidenceCoupon,
  type MetalFamily,
  type Practice,
  type ShopOffset,
} from '@lone-heron/core';
import { countingEvidence } from '../../shared/evidence/countingEvidence.js';

/** What the coupons say of a machine on a family of metals. */
export interface KnownOffset {
  readonly machineId: string;
  readonly family: MetalFamily;
  readonly coupons: number;
  readonly offset: ShopOffset;
  /** The coupons that moved it most, with how far each did, per cent of depth. */
  readonly movedBy: readonly { readonly couponId: string; readonly percent: number }[];
}

/** Coupons that are named for having moved an answer. */
const movers = 3;

/** What the coupons say, machine by machine and family by family; what says nothing is counted by why. */
export function whatIsKnown(
  coupons: readonly Coupon[],
  machines: readonly Machine[],
  practice: Pick<Practice, 'otherWorkshops'>,
) {
  const evidence = firmEvidence(coupons, machines);
  const pairs = new Map<string, EvidenceCoupon[]>();
  for (const each of evidence) {
    const key = `${each.weld.machineId} ${each.weld.melt.metal.family}`;
    pairs.set(key, [...(pairs.get(key) ?? []), each]);
  }
  const offsets = [...pairs.values()].flatMap((mine) => knownOffset(mine, evidence, practice));
  return { offsets: offsets.toSorted((a, b) => b.coupons - a.coupons), leftOut: leftOutOf(evidence) };
}

function knownOffset(
  mine: readonly EvidenceCoupon[],
  evidence: readonly EvidenceCoupon[],
  practice: Pick<Practice, 'otherWorkshops'>,
): readonly KnownOffset[] {
  const [question] = mine;
  if (question === undefined) return [];
  const { machineId, melt } = question.weld;
  const shop = shopEvidence(question.weld, countingEvidence(evidence, question.weld, practice));
  const offset = shopOffset(shop, machineId, melt.metal.family);
  if (offset === null) return [];
  const movedBy = couponInfluence(shop, question.weld)
    .slice(0, movers)
    .map(({ id, lnShift }) => ({ couponId: couponOf(id), percent: Math.expm1(lnShift) * 100 }));
  return [{ machineId, family: melt.metal.family, coupons: mine.length, offset, movedBy }];
}

/** A stretch of a coupon is a reading of its own, under the coupon's id. */
function couponOf(readingId: string): string {
  return readingId.split('/')[0] ?? readingId;
}

function leftOutOf(evidence: readonly EvidenceCoupon[]): Readonly<Record<'slip' | 'hardlyMelted', number>> {
  const [first] = evidence;
  const leftOut = first === undefined ? [] : shopEvidence(first.weld, evidence).leftOut;
  const of = (wanted: string) => leftOut.filter(({ why }) => why === wanted).length;
  return { slip: of('slip'), hardlyMelted: of('hardlyMelted') };
}

/** Sizes of chance that are told apart. */
const bins = 5;

/**
 * Whether what was stated came about: of every coupon each of the five looks with its stated chance. Slips and coupons
 * from before the odds were kept are left out.
 */
export function oddsAgainstResults(coupons: readonly Coupon[]): {
  readonly coupons: number;
  readonly bins: readonly CalibrationBin[];
} {
  const stated = coupons.filter(({ stated: odds, slip }) => odds !== undefined && slip === undefined);
  const chances = stated.flatMap(({ stated: odds, back }) =>
    backLooks.map((look: BackLook) => ({ chance: odds?.[look] ?? 0, cameAbout: look === back })),
  );
  return { coupons: stated.length, bins: calibration(chances, bins) };
}

/** The family of a metal in the shop's words. */
export const familyWords: Readonly<Record<MetalFamily, string>> = {
  steel: 'steel',
  stainless: 'stainless',
  aluminium: 'aluminium',
  copperAlloy: 'copper and brass',
  titanium: 'titanium',
  nickel: 'nickel alloys',
};
