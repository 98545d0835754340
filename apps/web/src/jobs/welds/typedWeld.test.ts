import { jobWeld } from '@lone-heron/contract/testing';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { readWeld, typedWeld } from './typedWeld.js';

const was = jobWeld('W2', { lengthMm: 41.275, after: ['W1'] });
const context = {
  edited: { parts: [], welds: [jobWeld('W1'), was, jobWeld('W3')], order: null },
  machine: sampleMachine,
};
const read = (changes: Partial<ReturnType<typeof typedWeld>>) =>
  readWeld({ ...typedWeld(was), ...changes }, was, context);

describe('a weld that is changed', () => {
  it('stays what it was where nobody touched it, to the last digit', () => {
    expect(read({}).weld).toEqual(was);
  });

  it('takes a joint said anew, and keeps what that leaves out', () => {
    expect(read({ joint: '2 to 3 lap' }).weld).toMatchObject({
      ...{ mark: 'W2', lengthMm: 41.275 },
      joint: { kind: 'lap', metal: 'stainless304', firstThicknessMm: 2, secondThicknessMm: 3 },
    });
  });

  it.each<[Partial<ReturnType<typeof typedWeld>>, string]>([
    [{ mark: 'w3' }, 'mark “w3”: allowed is a mark that no other weld has.'],
    [{ after: 'W9' }, 'after “W9”: allowed is marks of other welds of this job.'],
    [{ after: 'W2' }, 'after “W2”: allowed is marks of other welds of this job.'],
    [{ joint: 'butter' }, 'words butter: allowed is'],
    [{ mark: '' }, 'Allowed is a mark of 1 to 12 letters'],
  ])('%j is refused with what is allowed', (changes, said) => {
    const { weld, problems } = read(changes);
    expect(weld).toBeNull();
    expect(problems.join(' ')).toContain(said);
  });

  it('is not taken while a figure cannot be read', () => {
    expect(read({ length: '' }).weld).toBeNull();
    expect(read({ length: 'long' }).weld).toBeNull();
    expect(read({ count: '0' }).count).toEqual({
      fault: expect.stringContaining('allowed is a whole number') as string,
    });
    expect(read({ gap: '0.3', after: 'w1, w3' }).weld).toMatchObject({ mostGapMm: 0.3, after: ['W1', 'W3'] });
  });
});
