import { seamKinds } from '@lone-heron/core';
import { dialOutcomeOf } from '../../testing/dialOutcomeOf.js';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { allKnobs } from '../allKnobs.js';
import { newNumbers } from './newNumbers.js';

describe('numbers that stand on the plate', () => {
  const cases = seamKinds.flatMap((kind) => ['none', '0.8'].map((wire) => ({ kind, wire })));

  it.each(cases)('are the very setting they were computed as: $kind, wire $wire', (change) => {
    const computed = dialOutcomeOf(change);
    const again = dialOutcomeOf(change, allKnobs(computed.computed));
    expect(again.setting).toEqual(computed.setting);
    expect(newNumbers(again)).toBe('');
  });

  it('stay where other ones are computed by now, and are what is logged', () => {
    const { computed } = dialOutcomeOf({});
    const before = { ...allKnobs(computed), power: computed.power - 90 };
    const outcome = dialOutcomeOf({}, before);
    expect(outcome.setting.power).toBe(before.power);
    expect(outcome.recorded.powerW).toBe(before.power);
    expect(outcome.computed).toEqual(computed);
  });

  it('are held against the panel’s own figures', () => {
    const { computed } = dialOutcomeOf({});
    const { powerUnit, configuredPowerW } = sampleMachine.profile;
    const before = { ...allKnobs(computed), power: computed.power - 90 };
    const share = `${((100 * computed.power) / configuredPowerW).toFixed(0)} %`;
    const said = powerUnit === '%' ? `power ${share} (${computed.power} W)` : `power ${computed.power} W`;
    expect(newNumbers(dialOutcomeOf({}, before))).toBe(said);
    expect(newNumbers(dialOutcomeOf({}, { ...before, power: computed.power + 0.001 }))).toBe('');
  });

  it('that a machine can no longer take do not stand', () => {
    const { computed } = dialOutcomeOf({});
    expect(dialOutcomeOf({}, { power: 90_000 }).setting).toEqual(computed);
  });
});
