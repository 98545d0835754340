import { useEffect } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { toast } from '../say/toast.js';
import { useAddPhotoMutation } from '../api/photosApi.js';
import { useAddShopPhotoMutation } from '../api/shopPhotosApi.js';
import { useLogCouponMutation } from '../api/couponsApi.js';
import { heronApi } from '../api/heronApi.js';
import { useLogTrialMutation } from '../api/trialsApi.js';
import { useWriteRunMutation } from '../api/weldRunsApi.js';
import { problemOf } from '../api/problemOf.js';
import { usePersonAtDesk } from '../door/usePersonAtDesk.js';
import { useLatest } from '../form/useLatest.js';
import { isAway, wantsSignIn } from './isAway.js';
import { outboxRead, selectWaiting } from './outboxSlice.js';
import { forget, keepHeldUp, keepRefusal, waitingItems, type OutboxItem } from './outboxStore.js';
import { sendInOrder, type SendEnd } from './sendInOrder.js';

/** How often it is tried while something waits, ms. */
const tryEvery = 4000;

/** Without a screen of its own: sends what waits in this browser as soon as the server takes it, one tab at a time. */
export default function OutboxSender() {
  const waiting = useSelector(selectWaiting);
  const read = useReadOutbox();
  const tryNow = useSendWaiting(read);
  useEffect(() => void read(), [read]);
  const isSending = waiting.some(({ refused }) => refused === null);
  useEffect(() => {
    if (!isSending) return undefined;
    void tryNow();
    const again = setInterval(() => void tryNow(), tryEvery);
    return () => clearInterval(again);
  }, [isSending, tryNow]);
  return null;
}

/** Puts what the browser's store holds on the screen. */
export function useReadOutbox(): () => Promise<void> {
  const dispatch = useDispatch();
  return useLatest(async () => {
    const lines = (await waitingItems()).map(
      ({ id, kind, personId, at, words, refused, isHeldUp, seam }) => ({
        ...{ id, kind, personId, at, words, refused, isHeldUp },
        ...(seam === undefined ? {} : { seam }),
      }),
    );
    dispatch(outboxRead(lines));
  });
}

function useSendWaiting(read: () => Promise<void>): () => Promise<void> {
  const dispatch = useDispatch();
  const person = usePersonAtDesk();
  const [logCoupon] = useLogCouponMutation();
  const [addPhoto] = useAddPhotoMutation();
  const [writeRun] = useWriteRunMutation();
  const [logTrial] = useLogTrialMutation();
  const [addShopPhoto] = useAddShopPhotoMutation();
  const post = (item: OutboxItem) => {
    if (item.kind === 'coupon') return logCoupon({ id: item.id, draft: item.draft });
    if (item.kind === 'run') return writeRun({ id: item.id, draft: item.draft });
    if (item.kind === 'trial') return logTrial({ id: item.id, draft: item.draft });
    if (item.kind === 'shopPhoto')
      return addShopPhoto({
        id: item.id,
        machineId: item.machineId,
        subject: item.subject,
        picture: item.picture,
      });
    return addPhoto({ id: item.id, couponId: item.couponId, subject: item.subject, picture: item.picture });
  };
  const send = async (item: OutboxItem): Promise<SendEnd> => {
    const { error } = await post(item);
    if (error === undefined) return { kind: 'taken' };
    if (wantsSignIn(error)) {
      // Who is signed in is asked again, so that the door is opened once and not at every try.
      dispatch(heronApi.util.invalidateTags(['Session']));
      return { kind: 'later' };
    }
    if (isAway(error)) return { kind: 'later' };
    return { kind: 'refused', why: problemOf(error).message };
  };
  return useLatest(() =>
    oneTabAtATime(async () => {
      const taken = await sendInOrder(await waitingItems(), person?.id ?? null, {
        send,
        forget,
        keepRefusal,
        keepHeldUp,
      });
      await read();
      // What was only just put here and taken at once was never held up: nobody is told of it.
      if (taken.some(({ isHeldUp }) => isHeldUp))
        toast(`The server is back: ${taken.length} that waited ${taken.length === 1 ? 'is' : 'are'} stored.`);
    }),
  );
}

/** Two tabs that send at once would do no harm, but twice the work. Without locks in the browser each does. */
async function oneTabAtATime(work: () => Promise<void>): Promise<void> {
  // Locks are missing on plain HTTP away from this machine.
  if (!('locks' in navigator)) return work();
  await navigator.locks.request('lone-heron.outbox', { ifAvailable: true }, (lock) =>
    lock === null ? undefined : work(),
  );
}
