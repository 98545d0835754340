import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Addresses of Dial, so that every change can be undone; not kept over a reload. */
interface State {
  /** Oldest first. */
  past: string[];
  /** Undone, the next to be done again last. */
  future: string[];
  /** What the newest change was of, such as "word first": a run of keys in one word is one change; empty for a change of its own. */
  lastOf: string;
}

const initialState: State = { past: [], future: [], lastOf: '' };
const longestPast = 100;

export const dialHistorySlice = createSlice({
  name: 'dialHistory',
  initialState,
  reducers: {
    /** Something is about to be changed from an address. */
    dialChanged: (state, { payload: { from, of } }: PayloadAction<{ from: string; of: string }>) => {
      const isSameRun = of !== '' && of === state.lastOf && state.future.length === 0;
      state.lastOf = of;
      state.future = [];
      if (isSameRun) return;
      state.past = [...state.past, from].slice(-longestPast);
    },
    dialUndone: (state, { payload: from }: PayloadAction<string>) => {
      if (state.past.pop() !== undefined) state.future.push(from);
      state.lastOf = '';
    },
    dialRedone: (state, { payload: from }: PayloadAction<string>) => {
      if (state.future.pop() !== undefined) state.past.push(from);
      state.lastOf = '';
    },
  },
  selectors: {
    selectUndo: ({ past }) => past.at(-1) ?? null,
    selectRedo: ({ future }) => future.at(-1) ?? null,
  },
});

export const { dialChanged, dialUndone, dialRedone } = dialHistorySlice.actions;
export const { selectUndo, selectRedo } = dialHistorySlice.selectors;
