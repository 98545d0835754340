import type { WeldRunDraft } from '@lone-heron/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Something that waits in this browser for the server, as it is told on the screen. */
export interface WaitingLine {
  readonly id: string;
  readonly kind: 'coupon' | 'photo' | 'run' | 'shopPhoto' | 'trial';
  readonly personId: string;
  /** ms since 1970 */
  readonly at: number;
  readonly words: string;
  /** Why the server would not take it; null while it only waits. */
  readonly refused: string | null;
  /** The server did not take it at once, so that somebody wants to hear when it has. */
  readonly isHeldUp: boolean;
  /** Which seam of which job a go was at. */
  readonly seam?: Pick<WeldRunDraft, 'jobId' | 'mark' | 'seam' | 'outcome'>;
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
