import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { TypedCoupon } from '../coupons/log/TypedCoupon.js';
import type { OpenLog } from './openLogSchema.js';

/** Null while no coupon is being logged. */
interface State {
  open: OpenLog | null;
}
export interface CouponDraftSliceState {
  couponDraft: State;
}

const initialState: State = { open: null };

export const couponDraftSlice = createSlice({
  name: 'couponDraft',
  initialState,
  reducers: {
    logOpened: (state, { payload }: PayloadAction<OpenLog>) => {
      state.open = payload;
    },
    logTyped: (state, { payload }: PayloadAction<Partial<TypedCoupon>>) => {
      if (state.open !== null) Object.assign(state.open, payload);
    },
    /** Closes the log of that id; a later one that was opened meanwhile stays. */
    logClosed: (state, { payload }: PayloadAction<string>) => {
      if (state.open?.id === payload) state.open = null;
    },
  },
  selectors: { selectOpenLog: (state) => state.open },
});

export const { logOpened, logTyped, logClosed } = couponDraftSlice.actions;
export const { selectOpenLog } = couponDraftSlice.selectors;
