import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { heronApi } from '../shared/api/heronApi.js';
import { doorSlice } from '../shared/door/doorSlice.js';
import { dialHistorySlice } from '../dial/history/dialHistorySlice.js';
import { deskSlice } from '../shared/memory/deskSlice.js';
import { couponDraftSlice } from '../shared/memory/couponDraftSlice.js';
import { keptSlice } from '../shared/kept/keptSlice.js';
import { outboxSlice } from '../shared/outbox/outboxSlice.js';
import { keepInBrowser, readFromBrowser } from '../shared/memory/browserMemory.js';

const reducer = combineReducers({
  [heronApi.reducerPath]: heronApi.reducer,
  [deskSlice.name]: deskSlice.reducer,
  [couponDraftSlice.name]: couponDraftSlice.reducer,
  [doorSlice.name]: doorSlice.reducer,
  [outboxSlice.name]: outboxSlice.reducer,
  [keptSlice.name]: keptSlice.reducer,
  [dialHistorySlice.name]: dialHistorySlice.reducer,
});

/** The store, with what this browser remembers. */
export function createStore() {
  const store = configureStore({
    reducer,
    middleware: (getDefault) => getDefault().concat(heronApi.middleware),
    preloadedState: readFromBrowser(),
  });
  setupListeners(store.dispatch);
  keepInBrowser(store);
  void import('../shared/memory/keptOpenLog.js').then(({ openKeptLog }) => openKeptLog(store));
  return store;
}
