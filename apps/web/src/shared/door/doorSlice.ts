import { createSlice } from '@reduxjs/toolkit';

/** Whether the door is asked for: somebody wants to sign in, or the server wants to know who it is. */
export const doorSlice = createSlice({
  name: 'door',
  initialState: { isAsked: false },
  reducers: {
    signInAsked: (state) => {
      state.isAsked = true;
    },
    signInLeft: (state) => {
      state.isAsked = false;
    },
  },
  selectors: { selectSignInAsked: (state) => state.isAsked },
});

export const { signInAsked, signInLeft } = doorSlice.actions;
export const { selectSignInAsked } = doorSlice.selectors;
