import { jobWeld } from '@lone-heron/contract/testing';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { readWeld, typedWeld, withWords } from './typedWeld.js';

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

  const words = { ...typedWeld(was).words, first: '2', second: '3', kind: 'lap', run: 'stitched' };

  it('takes its joint as the sentence says it, stitches and all, and keeps the rest', () => {
    expect(read({ words }).weld).toMatchObject({
      ...{ mark: 'W2', lengthMm: 41.275 },
      joint: {
        ...{ kind: 'lap', metal: 'stainless304', firstThicknessMm: 2, secondThicknessMm: 3 },
        conditions: { stitches: { lengthMm: 20, pitchMm: 60, offsetMm: 0 } },
      },
    });
  });

  it('is not taken while a word of the sentence is to be mended, and says at the word what is allowed', () => {
    const { weld, reading } = read({ words: { ...words, first: 'butter' } });
    expect(weld).toBeNull();
    expect(reading?.faults.first).toContain('“butter”');
  });

  it('goes past its start where its kind goes round from now on, and no more where it no longer does', () => {
    const typed = typedWeld(was);
    const round = withWords(typed, { kind: 'tubeToPlate' });
    expect(round).toMatchObject({ words: { kind: 'tubeToPlate' }, end: 'closed' });
    expect(read(round).weld?.closing).toEqual({ lapMm: 5, rampDownS: 0.3 });
    expect(withWords({ ...typed, ...round }, { kind: 'tee' }).end).toBe('open');
    expect(withWords(typed, { gap: '0.2' }).end).toBe('open');
  });

  it.each<[Partial<ReturnType<typeof typedWeld>>, string]>([
    [{ mark: 'w3' }, 'mark “w3”: allowed is a mark that no other weld has.'],
    [{ after: 'W9' }, 'after “W9”: allowed is marks of other welds of this job.'],
    [{ after: 'W2' }, 'after “W2”: allowed is marks of other welds of this job.'],
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
