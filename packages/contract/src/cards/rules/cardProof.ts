import {
  judgeAcceptance,
  type AcceptanceCriterion,
  type CriterionVerdict,
  type SaidUnits,
} from '@lone-heron/core';
import type { CardContent } from '../card.js';
import type { Coupon } from '../../coupons/coupon.js';
import type { CouponTest } from '../../inspection/couponTest.js';
import { inspectionFound } from '../../inspection/rules/inspectionFound.js';
import type { Joint } from '../../joint/joint.js';
import type { Setting } from '../../joint/setting.js';

/** Two sizes are the same where they differ by less than a rule can tell, as a share. */
const sameSize = 0.02;
/** A knob stands where the card says within this share: about a step of most panels. */
const sameKnob = 0.05;

/** What makes a coupon one of another joint or setting than the card's, in words; empty where it was welded by the card. */
export function proofDifferences(
  card: Pick<CardContent, 'machineId' | 'joint' | 'setting'>,
  coupon: Coupon,
): readonly string[] {
  return [
    ...(coupon.machineId === card.machineId ? [] : ['another machine']),
    ...jointDifferences(card.joint, coupon.joint),
    ...settingDifferences(card.setting, coupon.setting),
    ...(coupon.slip === undefined ? [] : ['the hand slipped']),
    ...(coupon.withdrawnAt === null ? [] : ['it was taken back']),
  ];
}

/** Whether two joints are welded alike: of one kind, metal and size. */
export function areWeldedAlike(one: Joint, other: Joint): boolean {
  return jointDifferences(one, other).length === 0;
}

function jointDifferences(one: Joint, other: Joint): readonly string[] {
  const metals = ({ metal, secondMetal = metal }: Joint) => [metal, secondMetal].sort().join(' ');
  return [
    ...(one.kind === other.kind ? [] : ['another joint']),
    ...(metals(one) === metals(other) ? [] : ['another metal']),
    ...(areClose(one.firstThicknessMm, other.firstThicknessMm, sameSize) &&
    areClose(one.secondThicknessMm, other.secondThicknessMm, sameSize)
      ? []
      : ['another thickness']),
    ...(Math.abs(one.gapMm - other.gapMm) < 0.1 ? [] : ['another gap']),
    ...(JSON.stringify(shapeOf(one)) === JSON.stringify(shapeOf(other))
      ? []
      : ['another leg, radius, hole, bevel, tack or number of sides']),
  ];
}

/** What only some kinds of joint have, and how many sides are welded. */
function shapeOf(joint: Joint) {
  return {
    leg: 'legMm' in joint ? joint.legMm : null,
    radius: 'tubeRadiusMm' in joint ? joint.tubeRadiusMm : null,
    hole: 'holeDiameterMm' in joint ? joint.holeDiameterMm : null,
    bevel: 'bevel' in joint ? (joint.bevel ?? null) : null,
    tack: joint.tack ?? null,
    sides: joint.sides ?? 1,
  };
}

function settingDifferences(one: Setting, other: Setting): readonly string[] {
  return [
    ...(areClose(one.powerW, other.powerW, sameKnob) ? [] : [`power ${other.powerW} W`]),
    ...(areClose(one.dutyPercent, other.dutyPercent, sameKnob) ? [] : [`duty ${other.dutyPercent} %`]),
    ...(isSameWobble(one.wobble, other.wobble) ? [] : ['another wobble']),
    ...(isSamePace(one.pace, other.pace) ? [] : ['another pace or wire']),
    ...(one.gas === other.gas ? [] : ['another gas']),
  ];
}

function isSameWobble(one: Setting['wobble'], other: Setting['wobble']): boolean {
  if (one.shape === 'none' || other.shape === 'none') return one.shape === other.shape;
  return (
    one.shape === other.shape &&
    areClose(one.widthMm, other.widthMm, sameKnob) &&
    areClose(one.frequencyHz, other.frequencyHz, sameKnob)
  );
}

function isSamePace(one: Setting['pace'], other: Setting['pace']): boolean {
  if (one.by === 'hand') return other.by === 'hand' && areClose(one.travelMmS, other.travelMmS, sameKnob);
  return (
    other.by === 'wire' &&
    one.wireDiameterMm === other.wireDiameterMm &&
    areClose(one.wireSpeedMmS, other.wireSpeedMmS, sameKnob)
  );
}

function areClose(one: number, other: number, share: number): boolean {
  return Math.abs(one - other) <= share * Math.max(Math.abs(one), Math.abs(other));
}

/**
 * What the coupons of a version show together, thing by thing of the level: not met where one of them is not, met where
 * one is and none is not.
 */
export function cardVerdicts(
  { level }: Pick<CardContent, 'level'>,
  proofs: readonly { readonly coupon: Coupon; readonly tests: readonly CouponTest[] }[],
  saidIn?: SaidUnits,
): readonly CriterionVerdict[] {
  const byCriterion = new Map<AcceptanceCriterion, CriterionVerdict>();
  const nobody = judgeAcceptance(level, nothingFound, saidIn);
  for (const verdict of nobody) byCriterion.set(verdict.criterion, verdict);
  for (const { coupon, tests } of proofs) {
    for (const verdict of judgeAcceptance(level, inspectionFound(coupon, tests), saidIn)) {
      const before = byCriterion.get(verdict.criterion);
      if (before === undefined || weight[verdict.verdict] > weight[before.verdict])
        byCriterion.set(verdict.criterion, verdict);
    }
  }
  return [...byCriterion.values()];
}

const weight = { notTested: 0, met: 1, notMet: 2 } as const;
const nothingFound = {
  ...{ reach: null, undercut: null, crown: null, misalignment: null },
  ...{ bends: [], indication: null, isTight: null },
};
