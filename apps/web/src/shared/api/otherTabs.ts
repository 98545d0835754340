import type { Dispatch, Middleware } from '@reduxjs/toolkit';
import { heronApi } from './heronApi.js';

const channelName = 'lone-heron';
const { logCoupon, withdrawCoupon, restoreCoupon, changeWindow, undoWindowChange, reviseMachine } =
  heronApi.endpoints;
const writes = [logCoupon, withdrawCoupon, restoreCoupon, changeWindow, undoWindowChange, reviseMachine];

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(channelName);

/** After every acknowledged write, tells the other tabs of this browser to ask again. */
export const tellOtherTabs: Middleware = () => (next) => (action) => {
  if (writes.some((endpoint) => endpoint.matchFulfilled(action))) channel?.postMessage('changed');
  return next(action);
};

/** Asks the server again when another tab has written. */
export function listenToOtherTabs(dispatch: Dispatch): void {
  channel?.addEventListener('message', () =>
    dispatch(heronApi.util.invalidateTags(['Coupon', 'Machine', 'Window'])),
  );
}
