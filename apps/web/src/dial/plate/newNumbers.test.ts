import { houseStarts } from '@lone-heron/contract';
import { seamKinds } from '@lone-heron/core';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { allKnobs } from '../allKnobs.js';
import { readAddress } from '../dialAddress.js';
import { dialOutcome, noHand, suggestFor, type Hand } from '../dialOutcome.js';
import type { DialWords } from '../dialWords.js';
import { handMath } from '../handMath.js';
import { readSentence } from '../readSentence.js';
import { newNumbers } from './newNumbers.js';

const { words } = readAddress(new URLSearchParams()).address;

function outcomeOf(change: Partial<DialWords>, standing: Hand['turns'] | null = null) {
  const { said } = readSentence({ ...words, ...change }, [sampleMachine], 'mm');
  if (said === null) throw new Error('not understood');
  const answer = dialOutcome(
    suggestFor(said, houseStarts, { learn: null, math: handMath }),
    noHand,
    standing,
  );
  if ('refusal' in answer) throw new Error(answer.refusal);
  return answer.outcome;
}

describe('numbers that stand on the plate', () => {
  const cases = seamKinds.flatMap((kind) => ['none', '0.8'].map((wire) => ({ kind, wire })));

  it.each(cases)('are the very setting they were computed as: $kind, wire $wire', (change) => {
    const computed = outcomeOf(change);
    const again = outcomeOf(change, allKnobs(computed.computed));
    expect(again.setting).toEqual(computed.setting);
    expect(newNumbers(again)).toBe('');
  });

  it('stay where other ones are computed by now, and are what is logged', () => {
    const { computed } = outcomeOf({});
    const before = { ...allKnobs(computed), power: computed.power - 90 };
    const outcome = outcomeOf({}, before);
    expect(outcome.setting.power).toBe(before.power);
    expect(outcome.recorded.powerW).toBe(before.power);
    expect(outcome.computed).toEqual(computed);
  });

  it('are held against the panel’s own figures', () => {
    const { computed } = outcomeOf({});
    const { powerUnit, configuredPowerW } = sampleMachine.profile;
    const before = { ...allKnobs(computed), power: computed.power - 90 };
    const share = `${((100 * computed.power) / configuredPowerW).toFixed(0)} %`;
    const said = powerUnit === '%' ? `power ${share} (${computed.power} W)` : `power ${computed.power} W`;
    expect(newNumbers(outcomeOf({}, before))).toBe(said);
    expect(newNumbers(outcomeOf({}, { ...before, power: computed.power + 0.001 }))).toBe('');
  });

  it('that a machine can no longer take do not stand', () => {
    const { computed } = outcomeOf({});
    expect(outcomeOf({}, { power: 90_000 }).setting).toEqual(computed);
  });
});
