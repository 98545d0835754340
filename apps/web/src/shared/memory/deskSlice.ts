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
  /** Joints that were dialled on this device, newest first. */
  recentJoints: z.array(z.object({ title: z.string().max(200), search: z.string().max(2000) })).default([]),
  /** The numbers that stand on Dial's plate, SI by knob, what was said and how many coupons were heard when they came. */
  plate: z
    .object({
      said: z.string().max(2000),
      numbers: z.record(z.string(), z.number()),
      heard: z.number().int().nonnegative(),
    })
    .nullable()
    .default(null),
});
export type Desk = z.infer<typeof deskSchema>;

const initialState: Desk = { theme: 'device', dialSearch: '', recentJoints: [], plate: null };

const mostRecent = 8;

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
    plateStood: (state, { payload }: PayloadAction<NonNullable<Desk['plate']>>) => {
      state.plate = payload;
    },
    jointDialled: (state, { payload }: PayloadAction<Desk['recentJoints'][number]>) => {
      const others = state.recentJoints.filter(({ title }) => title !== payload.title);
      state.recentJoints = [payload, ...others].slice(0, mostRecent);
    },
  },
  selectors: {
    selectTheme: (state) => state.theme,
    selectDialSearch: (state) => state.dialSearch,
    selectPlate: (state) => state.plate,
    selectRecentJoints: (state) => state.recentJoints,
  },
});

export const { themePicked, dialMoved, plateStood, jointDialled } = deskSlice.actions;
export const { selectTheme, selectDialSearch, selectPlate, selectRecentJoints } = deskSlice.selectors;
