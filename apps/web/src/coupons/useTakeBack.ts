import type { Coupon } from '@lone-heron/contract';
import { useRestoreCouponMutation, useWithdrawCouponMutation } from '../shared/api/couponsApi.js';
import { sayFailed, sayUndoable } from '../shared/save/sayUndoable.js';

/** Takes a coupon out of the lists, with the way back in the toast; its record stays. */
export function useTakeBack(): (coupon: Pick<Coupon, 'id' | 'number'>) => Promise<void> {
  const [withdraw] = useWithdrawCouponMutation();
  const [restore] = useRestoreCouponMutation();
  return async ({ id, number }) => {
    const { error } = await withdraw(id);
    if (error !== undefined) {
      sayFailed(error, `Coupon ${number} is still there.`);
      return;
    }
    sayUndoable(`Coupon ${number} was taken back.`, {
      undo: () => restore(id),
      stays: `Coupon ${number} is still out.`,
    });
  };
}
