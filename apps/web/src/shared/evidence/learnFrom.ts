import {
  firmEvidence,
  triedOf,
  usualGunAngle,
  weldedWhere,
  type Coupon,
  type Joint,
  type Machine,
} from '@lone-heron/contract';
import {
  borrowedEvidence,
  disagreement,
  evidenceWeldOf,
  shopEvidence,
  type BorrowedEvidence,
  type JobEvidence,
  type Practice,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';
import { countingEvidence } from './countingEvidence.js';

/** What the shop's coupons say of a job, with the numbers of those that contradict the rest. */
export interface LearnedEvidence extends JobEvidence {
  readonly disagreeing: readonly number[];
  /** What of it is owed to other workshops of the firm; null where nothing is. */
  readonly borrowed: BorrowedEvidence | null;
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
 *
 * @param practice whether coupons of the firm's other workshops count
 */
export function learnFrom(
  coupons: readonly Coupon[],
  machines: readonly Machine[],
  practice: Pick<Practice, 'otherWorkshops'>,
): Learn {
  const numbers = new Map(coupons.map(({ id, number }) => [id, number]));
  const evidence = firmEvidence(coupons, machines);
  const isOfSeveral = new Set(machines.map(({ workshopId }) => workshopId)).size > 1;
  return (job, setting, machineId, joint) => {
    if (evidence.length === 0) return null;
    const where = weldedWhere(machineId, machines);
    const question = { ...evidenceWeldOf(job, setting), ...where, gunAngle: usualGunAngle };
    const counting = countingEvidence(evidence, where, practice);
    if (counting.length === 0) return null;
    const shop = shopEvidence(question, counting);
    const borrowed = isOfSeveral ? borrowedEvidence(question, counting, shop) : null;
    const ids = (disagreement(shop)?.ids ?? []).map((id) => id.split('/')[0] ?? id);
    const tried = joint === undefined ? [] : triedOf(coupons, { joint, machineId }, job.aim);
    const disagreeing = [...new Set(ids)].flatMap((id) => numbers.get(id) ?? []);
    return { shop, ...where, gas: question.gas, gunAngle: usualGunAngle, tried, disagreeing, borrowed };
  };
}
