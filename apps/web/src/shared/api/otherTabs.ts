import { isFulfilled, type Dispatch, type Middleware } from '@reduxjs/toolkit';
import { everything, heronApi } from './heronApi.js';

const channelName = 'lone-heron';

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(channelName);

/** After every acknowledged write, tells the other tabs of this browser to ask again. */
export const tellOtherTabs: Middleware = () => (next) => (action) => {
  if (isFulfilled(action) && action.type.startsWith(`${heronApi.reducerPath}/executeMutation`)) {
    channel?.postMessage('changed');
  }
  return next(action);
};

/** Asks the server again when another tab has written. */
export function listenToOtherTabs(dispatch: Dispatch): void {
  channel?.addEventListener('message', () => dispatch(heronApi.util.invalidateTags([...everything])));
}
