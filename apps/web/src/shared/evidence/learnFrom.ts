import {
  couponEvidence,
  triedOf,
  usualGunAngle,
  type Coupon,
  type Joint,
  type Machine,
} from '@lone-heron/contract';
import {
  disagreement,
  evidenceWeldOf,
  shopEvidence,
  type JobEvidence,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';

/** What the shop's coupons say of a job, with the numbers of those that contradict the rest. */
export interface LearnedEvidence extends JobEvidence {
  readonly disagreeing: readonly number[];
}

/** What the shop's coupons say of a job; null where there are none, or they have not been fetched yet. */
export type Learn = (
  job: WeldJob,
  setting: WeldSetting,
  machineId: string,
  joint?: Joint,
) => LearnedEvidence | null;

/**
 * What the shop's coupons say of any job. A coupon whose machine is gone says nothing; each is read with its machine
 * as it stands now. With the joint as it is recorded, also what came of the settings that it was welded with.
 */
export function learnFrom(coupons: readonly Coupon[], machines: readonly Machine[]): Learn {
  const profiles = new Map(machines.map(({ id, profile }) => [id, profile]));
  const numbers = new Map(coupons.map(({ id, number }) => [id, number]));
  const evidence = coupons.flatMap((coupon) => {
    const profile = profiles.get(coupon.machineId);
    return profile === undefined ? [] : couponEvidence(coupon, profile);
  });
  return (job, setting, machineId, joint) => {
    if (evidence.length === 0) return null;
    const question = { ...evidenceWeldOf(job, setting), machineId, gunAngle: usualGunAngle };
    const shop = shopEvidence(question, evidence);
    const ids = (disagreement(shop)?.ids ?? []).map((id) => id.split('/')[0] ?? id);
    const tried = joint === undefined ? [] : triedOf(coupons, { joint, machineId }, job.aim);
    const disagreeing = [...new Set(ids)].flatMap((id) => numbers.get(id) ?? []);
    return { shop, machineId, gas: question.gas, gunAngle: usualGunAngle, tried, disagreeing };
  };
}
