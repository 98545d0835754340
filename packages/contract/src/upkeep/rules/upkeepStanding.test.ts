import {
  doneLiesAt,
  upkeepDraftSchema,
  upkeepStandings,
  upkeepState,
  usualUpkeep,
  startingProfiles,
  type MachineRuns,
  type ShopRecord,
  type UpkeepTask,
} from '../../index.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const ago = (days: number) => new Date(now.getTime() - days * 86_400_000).toISOString();
const task = (interval: UpkeepTask['interval'], changes: Partial<UpkeepTask> = {}): UpkeepTask => ({
  ...{ id: 'it', title: 'It', how: '', part: null, record: null, reads: '', interval },
  ...changes,
});
const record = (days: number, detail: ShopRecord['detail']): ShopRecord => ({
  ...{ id: `r${days}`, machineId: 'bench', note: '', at: ago(days), personId: 'ines', withdrawnAt: null },
  detail,
});
const done = (days: number, value = '') =>
  record(days, { kind: 'upkeep', taskId: 'it', value, photoId: null });
const standing = (
  of: UpkeepTask,
  records: readonly ShopRecord[],
  runs: MachineRuns = { light: [], starts: [] },
) => {
  const [found] = upkeepStandings({ machineId: 'bench', revision: 1, tasks: [of] }, records, runs, now);
  if (found === undefined) throw new Error('the task stands nowhere');
  return found;
};

describe('where a task stands', () => {
  it('goes by the last time it was done, with how much of the interval had run each time', () => {
    const found = standing(task({ by: 'date', days: 30 }), [done(70), done(10), done(34)]);
    expect(found.done.map(({ share }) => share)).toEqual([
      expect.closeTo(0.8, 6),
      expect.closeTo(1.2, 6),
      null,
    ]);
    expect(found.share).toBeCloseTo(1 / 3, 6);
    expect(found.dueAt?.slice(0, 10)).toBe('2026-12-15');
    expect(found.done.map(doneLiesAt)).toEqual(['onTime', 'onTime', 'first']);
  });

  it('goes by light as it runs of late, and has no day where the machine stands', () => {
    const light = [50, 40, 8, 4].map((days) => ({ at: ago(days), hours: 3 }));
    const of = task({ by: 'lightHours', hours: 8 });
    const found = standing(of, [done(20)], { light, starts: [] });
    expect(found.share).toBeCloseTo(0.75, 9);
    expect(found.dueAt?.slice(0, 10)).toBe('2026-12-05');
    expect(standing(of, [done(20)])).toMatchObject({ share: 0, dueAt: null });
  });

  it('goes by the days the machine was started', () => {
    const starts = [30, 9, 5, 1].map(ago);
    expect(standing(task({ by: 'count', count: 4 }), [done(10)], { light: [], starts }).share).toBeCloseTo(
      0.75,
      9,
    );
  });

  it('takes a record from elsewhere as done where it is told to, and a failed test as not', () => {
    const of = task({ by: 'date', days: 30 }, { record: 'interlockTest' });
    expect(standing(of, [record(3, { kind: 'interlockTest', passed: true })]).share).toBeCloseTo(0.1, 9);
    expect(standing(of, [record(3, { kind: 'interlockTest', passed: false })]).done).toEqual([]);
    const water = task({ by: 'date', days: 30 }, { record: 'waterChange2' });
    expect(standing(water, [record(3, { kind: 'waterChange', circuit: 1 })]).done).toEqual([]);
    expect(standing(water, [record(3, { kind: 'waterChange', circuit: 2 })]).done).toHaveLength(1);
  });

  it('is soon within a week, due on its day, missed when a whole interval is over, and never by a condition', () => {
    const of = task({ by: 'date', days: 30 });
    const stateAfter = (days: number) => upkeepState(of, standing(of, [done(days)]), now);
    expect([2, 22, 24, 31, 61].map(stateAfter)).toEqual(['fine', 'fine', 'soon', 'due', 'missed']);
    expect(upkeepState(of, standing(of, []), now)).toBe('never');
    const seen = task({ by: 'condition' });
    expect(upkeepState(seen, standing(seen, [done(400)]), now)).toBe('condition');
  });
});

describe('the usual upkeep', () => {
  it('is a plan that can be stored, with a task for each circuit and none for a feeder that is not there', () => {
    for (const { profile } of startingProfiles) {
      const tasks = [...usualUpkeep(profile)];
      expect(upkeepDraftSchema.parse({ tasks, note: '' }).tasks).toEqual(tasks);
      expect(tasks.filter(({ part }) => part === 'water')).toHaveLength(profile.coolant.length);
      expect(tasks.some(({ part }) => part === 'liner')).toBe(profile.wireSpeedMmS !== null);
    }
  });
});
