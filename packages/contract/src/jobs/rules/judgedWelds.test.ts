import { houseStarts, judgedWelds, type WeldCheck, type WeldRun } from '../../index.js';
import { jobDraft, jobWeld, weldCheckDraft, weldRunDraft } from '../../testing/index.js';

const jobId = '019a0000-0000-7000-8000-000000000001';
const [sealed, , eye] = houseStarts.acceptance;
if (sealed === undefined || eye === undefined) throw new Error('a shop starts with levels');
const draft = jobDraft({
  level: eye,
  welds: [jobWeld('W1'), jobWeld('W2', { level: sealed, tests: ['pressure'] })],
});

const run = (mark: string, hour: number, changes: Partial<WeldRun> = {}): WeldRun => ({
  ...weldRunDraft(jobId, mark, { weldedAt: at(hour) }),
  ...{
    id: `019a0000-0000-7000-8000-0000000001${hour}`,
    personId: 'ines',
    recordedAt: at(hour),
    windowId: null,
  },
  withdrawnAt: null,
  ...changes,
});
const check = (mark: string, hour: number, changes: Partial<WeldCheck> = {}): WeldCheck => ({
  ...weldCheckDraft(jobId, mark, { doneAt: at(hour) }),
  ...{
    id: `019a0000-0000-7000-8000-0000000002${hour}`,
    personId: 'ines',
    recordedAt: at(hour),
    withdrawnAt: null,
  },
  ...changes,
});
const at = (hour: number) => `2026-11-28T${hour}:00:00.000Z`;
const judged = (runs: readonly WeldRun[], checks: readonly WeldCheck[]) =>
  judgedWelds({ draft, runs, checks });
const standings = (runs: readonly WeldRun[], checks: readonly WeldCheck[]) =>
  judged(runs, checks).map(({ standing, open }) => [standing, open.map(({ kind }) => kind)]);

describe('welds that are judged', () => {
  it('are open until what is asked for was done', () => {
    expect(standings([], [])).toEqual([
      ['notWelded', ['look']],
      ['notWelded', ['look', 'dye', 'leak', 'pressure']],
    ]);
    expect(standings([run('W1', 10)], [check('W1', 11)])[0]).toEqual(['accepted', []]);
    expect(standings([run('W1', 10)], [check('W1', 11, { result: 'unclear' })])[0]).toEqual([
      'open',
      ['look'],
    ]);
    expect(standings([run('W1', 10)], [check('W1', 11, { withdrawnAt: at(12) })])[0]).toEqual([
      'open',
      ['look'],
    ]);
  });

  it('take a pressure test for tight, and a dye for its indication', () => {
    const checks = [
      check('W2', 11),
      check('W2', 12, { kind: 'dye', indicationMm: 0 }),
      check('W2', 13, { kind: 'pressure' }),
    ];
    expect(standings([run('W2', 10)], checks)[1]).toEqual(['accepted', []]);
    const leaks = [...checks.slice(0, 2), check('W2', 13, { kind: 'pressure', result: 'fails' })];
    expect(standings([run('W2', 10)], leaks)[1]?.[0]).toBe('failed');
  });

  it('fail by a figure beyond the level, whatever was said of it', () => {
    // 0.15 of 1.5 mm is 0.225 mm of undercut.
    expect(standings([run('W1', 10)], [check('W1', 11, { undercutMm: 0.2 })])[0]?.[0]).toBe('accepted');
    const [first] = judged([run('W1', 10)], [check('W1', 11, { undercutMm: 0.3 })]);
    expect(first?.standing).toBe('failed');
    expect(first?.verdicts.find(({ criterion }) => criterion === 'undercut')?.verdict).toBe('notMet');
  });

  it('name the seams that wait for a test, and those that were left out', () => {
    const runs = [
      run('W1', 9),
      run('W1', 10, { seam: 2 }),
      run('W1', 11, { seam: 3, outcome: 'skipped', remark: 'does not fit up' }),
      run('W1', 12, { seam: 4 }),
    ];
    const [w1] = judged(runs, [check('W1', 13, { seam: 2 })]);
    expect(w1).toMatchObject({ welded: 3, leftOut: [3], standing: 'open' });
    expect(w1?.open[0]).toEqual({ kind: 'look', seams: [1, 4] });
  });

  it('are open again after a repair', () => {
    const runs = [run('W1', 10), run('W1', 12, { isRepair: true, remark: 'undercut' })];
    const failed = check('W1', 11, { result: 'fails' });
    expect(standings(runs, [failed])[0]).toEqual(['open', ['look']]);
    expect(standings(runs, [failed, check('W1', 13)])[0]).toEqual(['accepted', []]);
  });

  it('are open while one of their seams was not looked at since it was welded', () => {
    const runs = [run('W1', 10), run('W1', 12, { seam: 2 })];
    const first = check('W1', 13, { seam: 1 });
    expect(standings(runs, [first])[0]).toEqual(['open', ['look']]);
    expect(standings(runs, [first, check('W1', 14, { seam: 2 })])[0]).toEqual(['accepted', []]);
    // A look at all of them before the second was welded did not see it.
    expect(standings(runs, [check('W1', 11)])[0]).toEqual(['open', ['look']]);
    expect(standings(runs, [check('W1', 13)])[0]).toEqual(['accepted', []]);
  });

  it('say how many seams of the batch nothing is said of yet', () => {
    const four = { ...draft, quantity: 4, welds: [jobWeld('W1', { part: null, count: 1 })] };
    const toWeld = (runs: readonly WeldRun[]) => judgedWelds({ draft: four, runs, checks: [] })[0]?.toWeld;
    expect(toWeld([])).toBe(4);
    expect(toWeld([run('W1', 10), run('W1', 11, { seam: 2, outcome: 'slipped' })])).toBe(3);
    expect(toWeld([run('W1', 10), run('W1', 11, { seam: 2, outcome: 'skipped' })])).toBe(2);
  });

  it('stay failed until the seam that failed is mended, whatever else is', () => {
    const runs = [run('W1', 10), run('W1', 10, { seam: 2 })];
    const failed = check('W1', 11, { seam: 2, result: 'fails' });
    const other = run('W1', 12, { isRepair: true, remark: 'undercut' });
    const own = run('W1', 12, { seam: 2, isRepair: true, remark: 'pores' });
    const seen = check('W1', 11, { seam: 1 });
    expect(standings([...runs, other], [failed])[0]?.[0]).toBe('failed');
    expect(standings([...runs, own], [failed, seen])[0]).toEqual(['open', ['look']]);
    const again = check('W1', 13, { seam: 2 });
    expect(standings([...runs, own], [failed, seen, again])[0]).toEqual(['accepted', []]);
  });
});
