import type { Store } from '@reduxjs/toolkit';
import { openLogKey, readKept } from './browserMemory.js';
import { logOpened, type CouponDraftSliceState } from './couponDraftSlice.js';
import { openLogSchema } from './openLogSchema.js';

/** Opens the half-typed coupon that this tab kept over a reload, unless another was opened meanwhile. */
export function openKeptLog(store: Store<CouponDraftSliceState>): void {
  const kept = readKept(sessionStorage, openLogKey, openLogSchema);
  if (kept !== null && store.getState().couponDraft.open === null) store.dispatch(logOpened(kept));
}
