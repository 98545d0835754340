import type { Job } from '@lone-heron/contract';
import { jobDraft, jobWeld, weldRunDraft } from '@lone-heron/contract/testing';
import { benchPlace, lastWelded, type GoHere } from './seamNow.js';

const id = '019a0000-0000-7000-8000-000000000001';
const job = (changes: Partial<Job> = {}): Job => ({
  ...{
    id,
    number: 1,
    state: 'released',
    revision: 1,
    madeBy: 'ines',
    withdrawnAt: null,
    runs: [],
    checks: [],
    claims: [],
    windows: [],
  },
  ...{ madeAt: '2026-11-28T08:00:00.000Z', changedAt: '2026-11-28T08:00:00.000Z' },
  draft: jobDraft({ welds: [jobWeld('W1', { count: 2 }), jobWeld('W2')], quantity: 2 }),
  ...changes,
});
const run = (
  mark: string,
  seam: number,
  outcome: 'welded' | 'slipped' = 'welded',
  minute = 0,
): Job['runs'][number] => ({
  ...weldRunDraft(id, mark, {
    seam,
    outcome,
    weldedAt: `2026-11-28T09:${String(minute).padStart(2, '0')}:00.000Z`,
  }),
  ...{
    id: `019a0000-0000-7000-8000-0000000001${String(minute).padStart(2, '0')}`,
    personId: 'ines',
    windowId: null,
  },
  ...{ recordedAt: '2026-11-28T09:00:00.000Z', withdrawnAt: null },
});
const order = ['W2', 'W1'];
const placeOf = (one: Job, here: readonly GoHere[] = [], personId: string | null = 'ines') => {
  const { now, settled, elsewhere } = benchPlace(one, { order, here, personId, wanted: null });
  return [now === null ? null : `${now.mark} ${now.seam}`, settled, elsewhere];
};

describe('the seam that is next at the bench', () => {
  it('goes piece by piece in the order of the welds', () => {
    const { seams } = benchPlace(job(), { order, here: [], personId: null, wanted: null });
    expect(seams.map(({ mark, seam, piece }) => `${piece}: ${mark} ${seam}`)).toEqual([
      ...['1: W2 1', '1: W1 1', '1: W1 2', '2: W2 2', '2: W1 3', '2: W1 4'],
    ]);
  });

  it('goes through all pieces with one weld where the job says so', () => {
    const one = job({ draft: { ...job().draft, rhythm: 'weldByWeld' } });
    const { seams } = benchPlace(one, { order, here: [], personId: null, wanted: null });
    expect(seams.map(({ mark, seam }) => `${mark} ${seam}`)).toEqual([
      'W2 1',
      'W2 2',
      'W1 1',
      'W1 2',
      'W1 3',
      'W1 4',
    ]);
  });

  it('is the first that is not settled; a slip stays to do again', () => {
    expect(placeOf(job())).toEqual(['W2 1', 0, 0]);
    expect(placeOf(job({ runs: [run('W2', 1), run('W1', 1, 'slipped', 1)] }))).toEqual(['W1 1', 1, 0]);
    expect(
      placeOf(job({ runs: [run('W2', 1), run('W1', 1, 'slipped', 1), run('W1', 1, 'welded', 2)] })),
    ).toEqual([...['W1 2', 2, 0]]);
  });

  it('counts what waits in this browser', () => {
    const here: GoHere[] = [{ mark: 'W2', seam: 1, outcome: 'welded' }];
    expect(placeOf(job(), here)).toEqual(['W1 1', 1, 0]);
    expect(placeOf(job({ runs: [run('W2', 1)] }), [{ mark: 'W2', seam: 1, outcome: 'skipped' }])).toEqual([
      'W1 1',
      1,
      0,
    ]);
  });

  it('passes over what somebody else has in hand, and not over one’s own', () => {
    const claims = [{ mark: 'W2', seam: 1, personId: 'maren', at: '2026-11-28T09:00:00.000Z' }];
    expect(placeOf(job({ claims }))).toEqual(['W1 1', 0, 1]);
    expect(placeOf(job({ claims }), [], 'maren')).toEqual(['W2 1', 0, 0]);
  });

  it('is none once all are settled, and the one that was asked for while one is', () => {
    const all: GoHere[] = ['W2 1', 'W2 2', 'W1 1', 'W1 2', 'W1 3', 'W1 4'].map((key) => {
      const [mark = '', seam] = key.split(' ');
      return { mark, seam: Number(seam), outcome: 'welded' };
    });
    expect(placeOf(job(), all)).toEqual([null, 6, 0]);
    const wanted = { mark: 'W1', seam: 2, piece: 1 };
    expect(benchPlace(job(), { order, here: all, personId: 'ines', wanted }).now).toEqual(wanted);
  });
});

describe('what was welded last', () => {
  const skipped: GoHere = { mark: 'W2', seam: 2, outcome: 'skipped' };

  it('is nothing before the first, and no seam that was left out', () => {
    expect(lastWelded(job(), [])).toBeNull();
    expect(lastWelded(job(), [skipped])).toBeNull();
  });

  it('is the newest go of anybody, and what waits here once it is not known there', () => {
    const runs = [run('W2', 1), run('W1', 1, 'slipped', 1)];
    expect(lastWelded(job({ runs }), [])).toBe('W1');
    expect(lastWelded(job({ runs }), [{ mark: 'W2', seam: 1, outcome: 'welded' }])).toBe('W1');
    expect(lastWelded(job({ runs }), [{ mark: 'W2', seam: 2, outcome: 'welded' }, skipped])).toBe('W2');
  });

  it('is none of another machine’s', () => {
    expect(lastWelded(job({ runs: [{ ...run('W2', 1), machineId: 'barrow' }] }), [])).toBeNull();
  });
});
