import { machineOf } from '@lone-heron/contract/testing';
import { onPanel } from './ladderKnobs.js';

const setting = {
  powerW: 800,
  dutyPercent: 100,
  gas: 'argon',
  gasFlowLMin: 15,
  wobble: { shape: 'none' },
  pace: { by: 'hand', travelMmS: 8 },
} as const;

describe('values of a ladder', () => {
  it('are what the panel can show: no rung lies between two of its steps', () => {
    const machine = machineOf('bench');
    const { step, least } = machine.profile.powerW;
    const [one = 0, other = 0] = onPanel('power', [672, 741], machine, setting);
    for (const value of [one, other])
      expect((value - least) / step).toBeCloseTo(Math.round((value - least) / step), 9);
    expect(Math.abs(one - 672)).toBeLessThanOrEqual(step / 2);
  });

  it('of a knob that the panel has not stay as they are', () => {
    expect(onPanel('travel', [7.3, 9.1], machineOf('bench'), { ...setting })).toHaveLength(2);
  });
});
