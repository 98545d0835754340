import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';

/** Light for the bench, dusk for the booth, or as the device says. */
const themes = ['device', 'marsh', 'dusk'] as const;
export type Theme = (typeof themes)[number];

/** What this browser remembers of the person at the desk. */
export const deskSchema = z.object({
  personId: z.string().nullable(),
  theme: z.enum(themes),
  /** Address of the joint last dialled, so that Dial opens where it was left. */
  dialSearch: z.string().max(2000),
});
export type Desk = z.infer<typeof deskSchema>;

const initialState: Desk = { personId: null, theme: 'device', dialSearch: '' };

export const deskSlice = createSlice({
  name: 'desk',
  initialState,
  reducers: {
    personPicked: (state, { payload }: PayloadAction<string>) => {
      state.personId = payload;
    },
    themePicked: (state, { payload }: PayloadAction<Theme>) => {
      state.theme = payload;
    },
    dialMoved: (state, { payload }: PayloadAction<string>) => {
      state.dialSearch = payload;
    },
  },
  selectors: {
    selectPersonId: (state) => state.personId,
    selectTheme: (state) => state.theme,
    selectDialSearch: (state) => state.dialSearch,
  },
});

export const { personPicked, themePicked, dialMoved } = deskSlice.actions;
export const { selectPersonId, selectTheme, selectDialSearch } = deskSlice.selectors;
