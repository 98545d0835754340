import type { JobLine } from '@lone-heron/contract';
import { boardOf } from './board.js';
import { whenDone } from './whenDone.js';

/** A Wednesday at three in the afternoon. */
const now = new Date(2026, 11, 2, 15, 0);
const job = (number: number, dueOn: string | null, changes: Partial<JobLine> = {}): JobLine => ({
  ...{ id: `j${number}`, number, state: 'planned', revision: 1, madeBy: 'ines', withdrawnAt: null, dueOn },
  ...{
    madeAt: now.toISOString(),
    changedAt: now.toISOString(),
    name: `job ${number}`,
    reference: '',
    customer: '',
  },
  ...{ quantity: 1, machineId: 'bench', seams: 10, settled: 0, lightOnS: 0 },
  ...changes,
});
const done = (jobs: readonly JobLine[], minutes: readonly number[]) => {
  const found = whenDone(jobs, new Map(jobs.map(({ id }, i) => [id, minutes[i] ?? 0])), now);
  return jobs.map(({ id }) => [found.get(id)?.day, found.get(id)?.isLate]);
};

describe('when jobs would be done', () => {
  it('fills today, then whole days, and no weekend', () => {
    expect(done([job(1, null)], [110])).toEqual([['2026-12-02', false]]);
    expect(done([job(1, null)], [130])).toEqual([['2026-12-03', false]]);
    expect(done([job(1, null)], [120 + 480 * 2 + 1])).toEqual([['2026-12-07', false]]);
  });

  it('works them in the order they are due on each machine, and says early which will be late', () => {
    const jobs = [
      job(1, '2026-12-04'),
      job(2, '2026-12-02'),
      job(3, null),
      job(4, '2026-12-02', { machineId: 'barrow' }),
    ];
    expect(done(jobs, [300, 200, 60, 100])).toEqual([
      ['2026-12-03', false],
      ['2026-12-03', true],
      ['2026-12-03', false],
      ['2026-12-02', false],
    ]);
  });

  it('leaves out what is not worked out yet', () => {
    expect(whenDone([job(1, null)], new Map(), now).size).toBe(0);
  });
});

describe('the board', () => {
  it('puts jobs by their day, late ones first, done and taken back ones nowhere', () => {
    const jobs = [
      job(1, '2026-12-20'),
      job(2, '2026-12-01'),
      job(3, '2026-12-02'),
      job(4, null),
      job(5, '2026-12-02', { state: 'done' }),
      job(6, '2026-12-02', { withdrawnAt: now.toISOString() }),
      job(7, '2026-12-05'),
    ];
    expect(
      boardOf(jobs, now).map(({ name, jobs: found }) => [name, found.map(({ number }) => number)]),
    ).toEqual([
      ['Late', [2]],
      ['Today', [3]],
      ['The next seven days', [7]],
      ['Later', [1]],
      ['No day said', [4]],
    ]);
  });
});
