import { observedKeys, realTravelMmS, type Coupon, type CouponDraft, meanPowerW } from '@lone-heron/contract';
import type { CouponEntity, Observed } from './coupon.entity.js';

/** Columns that a draft is put together of; the others say once more what is in them. */
const draftKeys = [
  'machineId',
  'joint',
  'setting',
  'back',
  'lightOnS',
  'runLengthMm',
  'remark',
  'weldedAt',
  'observed',
] as const;

/** What the client sent, out of a stored row. */
export function draftFromRow(row: Pick<CouponEntity, (typeof draftKeys)[number]>): CouponDraft {
  const { machineId, joint, setting, back, lightOnS, runLengthMm, remark, weldedAt, observed } = row;
  return { machineId, joint, setting, back, lightOnS, runLengthMm, remark, weldedAt, ...observed };
}

/** The columns that a draft fills, what lists go by among them. */
export function rowFromDraft(draft: CouponDraft) {
  const { machineId, joint, setting, back, lightOnS, runLengthMm, remark, weldedAt } = draft;
  return {
    ...{ machineId, joint, setting, back, lightOnS, runLengthMm, remark, weldedAt },
    observed: observedOf(draft),
    metal: joint.metal,
    kind: joint.kind,
    thicknessMm: joint.firstThicknessMm,
    powerW: setting.powerW,
    travelMmS: realTravelMmS(draft),
    meanPowerW: meanPowerW(setting),
    gas: setting.gas,
    gunAngleDeg: draft.gunAngleDeg ?? null,
    hasSlip: draft.slip !== undefined,
    ladderId: draft.rung?.ladderId ?? null,
  };
}

function observedOf(draft: CouponDraft): Observed {
  return Object.fromEntries(
    observedKeys.flatMap((key) => (draft[key] === undefined ? [] : [[key, draft[key]]])),
  );
}

/** Columns that a coupon is put together of. */
export const couponKeys = [
  ...draftKeys,
  'id',
  'personId',
  'number',
  'machineRevision',
  'windowId',
  'recordedAt',
  'withdrawnAt',
  'revision',
  'section',
] as const;

/** A stored row as the client sees it, with the number of its window. */
export function couponFromRow(
  row: Pick<CouponEntity, (typeof couponKeys)[number]>,
  windowNumber: number,
): Coupon {
  const { id, personId, number, machineRevision, windowId, recordedAt, withdrawnAt, revision, section } = row;
  return {
    ...draftFromRow(row),
    id,
    personId,
    number,
    machineRevision,
    windowId,
    windowNumber,
    recordedAt,
    withdrawnAt,
    revision,
    section,
  };
}
