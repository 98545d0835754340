import type { OpenLog } from '../../memory/openLogSchema.js';
import type { CouponDraft, Person } from '@lone-heron/contract';
import { useRef, useState } from 'react';
import { useDispatch } from 'react-redux';
import { signInAsked } from '../../door/doorSlice.js';
import { toast } from '../../say/toast.js';
import { useLogCouponMutation, useWithdrawCouponMutation } from '../../api/couponsApi.js';
import { problemOf } from '../../api/problemOf.js';
import type { TakenPhoto } from './PhotosTaken.js';
import { logClosed } from '../../memory/couponDraftSlice.js';
import { sayUndoable } from '../../save/sayUndoable.js';
import { isAway, whyItWaits } from '../../outbox/isAway.js';
import { useReadOutbox } from '../../outbox/OutboxSender.js';
import { keepForLater } from '../../outbox/outboxStore.js';
import { jointInWords } from '../../sentences/settingInWords.js';

/**
 * Sends the coupon under its own id, so that a retry is the same save; a second tap before the answer sends nothing.
 * Where the server is away, coupon and photos wait in this browser; where nobody is signed in, the door is opened.
 */
export function useSaveCoupon(log: OpenLog, photos: readonly TakenPhoto[]) {
  const dispatch = useDispatch();
  const [logCoupon, { isLoading, error }] = useLogCouponMutation();
  const readOutbox = useReadOutbox();
  const offerUndo = useUndo();
  const isUnderWay = useRef(false);
  const [hindrance, setHindrance] = useState<string | null>(null);
  const later = async (draft: CouponDraft, personId: string, isCouponStored: boolean) => {
    const words = jointInWords(draft.joint);
    const common = { personId, refused: null, isHeldUp: !isCouponStored, words };
    const at = Date.now();
    if (!isCouponStored) await keepForLater({ ...common, kind: 'coupon', id: log.id, at, draft });
    for (const [index, { id, subject, picture }] of photos.entries()) {
      const photo = { kind: 'photo', id, couponId: log.id, subject, picture } as const;
      await keepForLater({ ...common, ...photo, words: `photo of ${words}`, at: at + 1 + index });
    }
    await readOutbox();
  };
  const finish = async (draft: CouponDraft, personId: string) => {
    const answer = await logCoupon({ id: log.id, draft });
    if (answer.data === undefined && !isAway(answer.error)) return;
    // Photos always go by way of the outbox: they are large, and a tab may be closed while they are sent.
    await later(draft, personId, answer.data !== undefined);
    dispatch(logClosed(log.id));
    if (answer.data !== undefined) offerUndo(answer.data);
    else
      toast(`${whyItWaits(answer.error)} The coupon waits in this browser and is sent as soon as it can be.`);
  };
  const save = async (draft: CouponDraft, person: Person | null) => {
    if (isUnderWay.current) return;
    if (person === null) {
      setHindrance('Sign in first. Nothing was stored, and nothing typed is lost.');
      dispatch(signInAsked());
      return;
    }
    isUnderWay.current = true;
    setHindrance(null);
    try {
      await finish(draft, person.id);
    } catch (fault) {
      const why = fault instanceof Error ? fault.message : String(fault);
      setHindrance(
        `This browser cannot keep it for later either (${why}). Leave the log open and try again.`,
      );
    } finally {
      isUnderWay.current = false;
    }
  };
  const refusal = error === undefined || isAway(error) ? null : problemOf(error).message;
  return { save, isSaving: isLoading, failure: hindrance ?? refusal };
}

function useUndo() {
  const [withdraw] = useWithdrawCouponMutation();
  return ({ id, number, windowNumber }: { id: string; number: number; windowNumber: number }) =>
    sayUndoable(`Coupon ${number} is logged, through window ${windowNumber}.`, {
      undo: () => withdraw(id),
      undone: `Coupon ${number} was taken back.`,
      stays: `Coupon ${number} is still there.`,
    });
}
