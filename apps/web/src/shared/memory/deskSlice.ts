import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';

/** Light for the bench, dusk for the booth, or as the device says. */
const themes = ['device', 'marsh', 'dusk'] as const;
export type Theme = (typeof themes)[number];

/** What this browser remembers of its desk. */
export const deskSchema = z.object({
  theme: z.enum(themes),
  /** Address of the joint last dialled, so that Dial opens where it was left. */
  dialSearch: z.string().max(2000),
});
export type Desk = z.infer<typeof deskSchema>;

const initialState: Desk = { theme: 'device', dialSearch: '' };

export const deskSlice = createSlice({
  name: 'desk',
  initialState,
  reducers: {
    themePicked: (state, { payload }: PayloadAction<Theme>) => {
      state.theme = payload;
    },
    dialMoved: (state, { payload }: PayloadAction<string>) => {
      state.dialSearch = payload;
    },
  },
  selectors: {
    selectTheme: (state) => state.theme,
    selectDialSearch: (state) => state.dialSearch,
  },
});

export const { themePicked, dialMoved } = deskSlice.actions;
export const { selectTheme, selectDialSearch } = deskSlice.selectors;
