import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Something that waits in this browser for the server, as it is told on the screen. */
export interface WaitingLine {
  readonly id: string;
  readonly kind: 'coupon' | 'photo';
  readonly personId: string;
  /** ms since 1970 */
  readonly at: number;
  readonly words: string;
  /** Why the server would not take it; null while it only waits. */
  readonly refused: string | null;
}

const initialState: { waiting: readonly WaitingLine[] } = { waiting: [] };

/** What waits, read from the browser's own store whenever that changes. */
export const outboxSlice = createSlice({
  name: 'outbox',
  initialState,
  reducers: {
    outboxRead: (_, { payload }: PayloadAction<readonly WaitingLine[]>) => ({ waiting: payload }),
  },
  selectors: { selectWaiting: (state) => state.waiting },
});

export const { outboxRead } = outboxSlice.actions;
export const { selectWaiting } = outboxSlice.selectors;
