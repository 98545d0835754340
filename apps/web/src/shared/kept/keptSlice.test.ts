import { freshShown, keptShown, keptSlice } from './keptSlice.js';

const after = (...actions: Parameters<typeof keptSlice.reducer>[1][]) =>
  actions.reduce(keptSlice.reducer, keptSlice.getInitialState()).since;

describe('what is shown', () => {
  it('is as old as the oldest of it, until the server answers', () => {
    const [nine, ten] = [keptShown('2026-11-28T09:00:00Z'), keptShown('2026-11-28T10:00:00Z')];
    expect(after(ten, nine, ten)).toBe('2026-11-28T09:00:00Z');
    expect(after(nine, freshShown())).toBeNull();
    expect(after(nine, freshShown(), ten)).toBe('2026-11-28T10:00:00Z');
  });
});
