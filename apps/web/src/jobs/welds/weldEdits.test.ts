import { jobDraftSchema, type JobDraft } from '@lone-heron/contract';
import { jobDraft, jobWeld } from '@lone-heron/contract/testing';
import {
  changed,
  copied,
  filledDown,
  freeMark,
  moved,
  without,
  withWelds,
  type EditedWelds,
} from './weldEdits.js';

const job = (): EditedWelds => ({
  parts: [],
  welds: [jobWeld('W1', { pose: 'front' }), jobWeld('W2', { after: ['W1'] }), jobWeld('W3')],
  order: ['W3', 'W1', 'W2'],
});
const marks = ({ welds }: EditedWelds) => welds.map(({ mark }) => mark);
const problems = (edited: EditedWelds) =>
  jobDraftSchema.safeParse({ ...jobDraft(), ...edited } satisfies JobDraft).error?.issues ?? [];

describe('editing a list of welds', () => {
  it('copies one behind itself under a free mark, also in an order by hand', () => {
    const edited = copied(job(), 'W1');
    expect(marks(edited)).toEqual(['W1', 'W4', 'W2', 'W3']);
    expect(edited.order).toEqual(['W3', 'W1', 'W4', 'W2']);
    expect(freeMark([jobWeld('B11')], 'B10')).toBe('B12');
  });

  it('takes one out with every link to it, renames one with every link to it', () => {
    const gone = without(job(), 'W1');
    expect([marks(gone), gone.welds[0]?.after, gone.order]).toEqual([['W2', 'W3'], [], ['W3', 'W2']]);
    const renamed = changed(job(), 'W1', jobWeld('A1'));
    expect([marks(renamed), renamed.welds[1]?.after, renamed.order]).toEqual([
      ['A1', 'W2', 'W3'],
      ['A1'],
      ['W3', 'A1', 'W2'],
    ]);
  });

  it('moves one up or down, and no further than the ends', () => {
    expect(marks(moved(job(), 'W3', -1))).toEqual(['W1', 'W3', 'W2']);
    expect(moved(job(), 'W1', -1)).toEqual(job());
  });

  it('fills what one says down to those below it', () => {
    expect(filledDown(job(), 'W1', 'pose').welds.map(({ pose }) => pose)).toEqual([
      'front',
      'front',
      'front',
    ]);
    expect(filledDown(job(), 'W2', 'pose').welds.map(({ pose }) => pose)).toEqual(['front', '', '']);
  });

  it('never leaves a job that would be refused', () => {
    for (const edited of [
      copied(job(), 'W2'),
      without(job(), 'W1'),
      moved(job(), 'W1', 1),
      changed(job(), 'W1', jobWeld('A1')),
      withWelds(job(), [jobWeld('W9')]),
      filledDown(job(), 'W1', 'pose'),
    ])
      expect(problems(edited)).toEqual([]);
  });
});
