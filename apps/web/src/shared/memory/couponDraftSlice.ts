import { backLooks, clientId, jointSchema, settingSchema } from '@lone-heron/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';

/** A coupon being logged: what was welded is fixed when the log is opened, what was seen is typed. */
export const couponDraftStateSchema = z.object({
  /** Made once, so that a save tried twice is the same save. */
  id: clientId,
  machineId: z.string(),
  joint: jointSchema,
  setting: settingSchema,
  weldedAt: z.string(),
  back: z.enum(backLooks).nullable(),
  lightOn: z.string().max(40),
  runLength: z.string().max(40),
  remark: z.string().max(1200),
});
export type CouponDraftState = z.infer<typeof couponDraftStateSchema>;

/** What can be typed into an open log. */
export type CouponDraftEntry = Partial<Pick<CouponDraftState, 'back' | 'lightOn' | 'runLength' | 'remark'>>;

/** Null while no coupon is being logged. */
interface State {
  open: CouponDraftState | null;
}

const initialState: State = { open: null };

export const couponDraftSlice = createSlice({
  name: 'couponDraft',
  initialState,
  reducers: {
    logOpened: (state, { payload }: PayloadAction<CouponDraftState>) => {
      state.open = payload;
    },
    logTyped: (state, { payload }: PayloadAction<CouponDraftEntry>) => {
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
