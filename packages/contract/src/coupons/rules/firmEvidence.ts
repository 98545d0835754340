import type { EvidenceCoupon } from '@lone-heron/core';
import type { Machine } from '../../machines/machine.js';
import type { Coupon } from '../coupon.js';
import { couponEvidence } from './couponEvidence.js';

/** Where something is welded, as the evidence tells apart: the machine, and its workshop where the firm has some. */
export interface WeldedWhere {
  readonly machineId: string;
  readonly workshopId?: string;
}

/** A machine with the workshop that it stands in. */
export function weldedWhere(machineId: string, machines: readonly Machine[]): WeldedWhere {
  const workshopId = machines.find(({ id }) => id === machineId)?.workshopId;
  return { machineId, ...(workshopId === undefined ? {} : { workshopId }) };
}

/**
 * Coupons of a whole firm as the evidence takes them: each with its machine as it stands now, and in the workshop that its machine
 * stands in now, since the next weld is made there. A coupon whose machine is gone says nothing.
 */
export function firmEvidence(
  coupons: readonly Coupon[],
  machines: readonly Machine[],
): readonly EvidenceCoupon[] {
  const known = new Map(machines.map((machine) => [machine.id, machine]));
  return coupons.flatMap((coupon) => {
    const machine = known.get(coupon.machineId);
    if (machine === undefined) return [];
    const where = weldedWhere(machine.id, [machine]);
    return couponEvidence(coupon, machine.profile).map((each) => ({
      ...each,
      weld: { ...each.weld, ...where },
    }));
  });
}
