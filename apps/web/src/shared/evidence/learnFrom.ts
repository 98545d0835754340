import { couponEvidence, usualGunAngle, type Coupon, type Machine } from '@lone-heron/contract';
import {
  evidenceWeldOf,
  shopEvidence,
  type JobEvidence,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';

/** What the shop's coupons say of a job; null where there are none, or they have not been fetched yet. */
export type Learn = (job: WeldJob, setting: WeldSetting, machineId: string) => JobEvidence | null;

/**
 * What the shop's coupons say of any job. A coupon whose machine is gone says nothing; each is read with its machine
 * as it stands now.
 */
export function learnFrom(coupons: readonly Coupon[], machines: readonly Machine[]): Learn {
  const profiles = new Map(machines.map(({ id, profile }) => [id, profile]));
  const evidence = coupons.flatMap((coupon) => {
    const profile = profiles.get(coupon.machineId);
    return profile === undefined ? [] : couponEvidence(coupon, profile);
  });
  return (job, setting, machineId) => {
    if (evidence.length === 0) return null;
    const question = { ...evidenceWeldOf(job, setting), machineId, gunAngle: usualGunAngle };
    const shop = shopEvidence(question, evidence);
    return { shop, machineId, gas: question.gas, gunAngle: usualGunAngle };
  };
}
