import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface Kept {
  /** When the oldest of what is shown was given by the server, ISO 8601; null while the server answers. */
  readonly since: string | null;
}

const initialState: Kept = { since: null };

/** Whether what is shown is what the server last said before it went away. */
export const keptSlice = createSlice({
  name: 'kept',
  initialState,
  reducers: {
    keptShown: ({ since }, { payload }: PayloadAction<string>) => ({
      since: since === null || payload < since ? payload : since,
    }),
    freshShown: () => initialState,
  },
  selectors: { selectKeptSince: ({ since }) => since },
});

export const { keptShown, freshShown } = keptSlice.actions;
export const { selectKeptSince } = keptSlice.selectors;
