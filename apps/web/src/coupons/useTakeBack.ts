import type { Coupon } from '@lone-heron/contract';
import { toast } from 'sonner';
import { useRestoreCouponMutation, useWithdrawCouponMutation } from '../shared/api/couponsApi.js';
import { problemOf } from '../shared/api/problemOf.js';

/** Takes a coupon out of the lists, with the way back in the toast; its record stays. */
export function useTakeBack(): (coupon: Pick<Coupon, 'id' | 'number'>) => Promise<void> {
  const [withdraw] = useWithdrawCouponMutation();
  const [restore] = useRestoreCouponMutation();
  const putBack = async (id: string, number: number) => {
    const answer = await restore(id);
    if (answer.error !== undefined)
      toast.error(`Coupon ${number} is still out. ${problemOf(answer.error).message}`);
  };
  return async ({ id, number }) => {
    const answer = await withdraw(id);
    if (answer.error !== undefined) {
      toast.error(`Coupon ${number} is still there. ${problemOf(answer.error).message}`);
      return;
    }
    toast(`Coupon ${number} was taken back.`, {
      action: { label: 'Undo', onClick: () => void putBack(id, number) },
    });
  };
}
