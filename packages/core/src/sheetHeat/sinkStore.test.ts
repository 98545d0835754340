import { meshLine } from '../field/index.js';
import type { SheetProblem } from './SheetProblem.js';
import { sinkStore } from './sinkStore.js';

const even = (count: number) => meshLine(Float64Array.from({ length: count + 1 }, (_, i) => i));
/** Four by three, without metal at the second place of the middle row. */
const sheet = { x: even(4), y: even(3), metal: Uint8Array.of(1, 1, 1, 1, 1, 0, 1, 1, 1, 1, 1, 1) };
const under = (from: [number, number], to: [number, number], rise = 0) =>
  sinkStore(sheet as unknown as SheetProblem, { from, to, contact: 1, capacity: 1, rise });

describe('what lies against a sheet', () => {
  it('touches the metal whose middle lies under it, whichever corner it is said from', () => {
    expect([...under([0, 1], [3, 2]).places]).toEqual([4, 6]);
    expect([...under([3, 2], [0, 1]).places]).toEqual([4, 6]);
    expect([...under([0.5, 0.5], [1.5, 0.5]).places]).toEqual([0, 1]);
    expect([...under([0.6, 0], [1.4, 3]).places]).toEqual([]);
    expect([...under([0, 0], [4, 3]).places]).toHaveLength(11);
  });

  it('is as warm everywhere as it was laid on', () => {
    expect([...under([0, 0], [2, 1], 40).rise]).toEqual([40, 40]);
  });
});
