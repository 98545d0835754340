import { machineOf } from '@lone-heron/contract/testing';
import { inUse } from './inUse.js';

describe('machines in use', () => {
  const [bench, barrow] = [machineOf('bench'), machineOf('barrow')];

  it('are those that were not retired, and the same list for the same machines', () => {
    const all = [bench, { ...barrow, retiredAt: '2026-11-28T10:00:00.000Z' }];
    expect(inUse(all)).toEqual([bench]);
    expect(inUse(all)).toBe(inUse(all));
  });

  it('are the list itself where none is retired', () => {
    const all = [bench, barrow];
    expect(inUse(all)).toBe(all);
  });
});
