import type { MachineUpkeep, UpkeepTask } from '@lone-heron/contract';
import { isDue, standingTasks } from './upkeepDue.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const inDays = (days: number) => new Date(now.getTime() + days * 86_400_000).toISOString();
const task = (id: string, interval: UpkeepTask['interval'] = { by: 'date', days: 30 }): UpkeepTask => ({
  ...{ id, title: id, how: '', part: null, record: null, reads: '', interval },
});
const upkeep = (
  machineId: string,
  rows: readonly (readonly [UpkeepTask, share: number | null, dueAt: string | null])[],
): MachineUpkeep => ({
  plan: { machineId, revision: 1, tasks: rows.map(([each]) => each) },
  standings: rows.map(([{ id }, share, dueAt]) => ({ taskId: id, done: [], share, dueAt })),
});

describe('what is to be done', () => {
  const all = standingTasks(
    [
      upkeep('bench', [
        [task('fine'), 0.2, inDays(24)],
        [task('seen', { by: 'condition' }), null, null],
        [task('due later'), 1.1, inDays(-3)],
        [task('never'), null, null],
      ]),
      upkeep('barrow', [
        [task('missed'), 2.4, inDays(-42)],
        [task('due longer'), 1.4, inDays(-12)],
        [task('soon'), 0.9, inDays(3)],
      ]),
    ],
    now,
  );

  it('comes in the order of how much it presses, over all machines', () => {
    expect(all.map(({ task: { id } }) => id)).toEqual([
      ...['missed', 'due longer', 'due later', 'soon', 'never', 'seen', 'fine'],
    ]);
    expect(all[0]?.machineId).toBe('barrow');
  });

  it('is due where it is over or missed, and not where it is only near', () => {
    expect(all.filter(isDue).map(({ task: { id } }) => id)).toEqual(['missed', 'due longer', 'due later']);
  });

  it('leaves out a task that stands nowhere yet', () => {
    const [plan] = [upkeep('bench', [[task('new'), null, null]])];
    expect(standingTasks([{ ...plan, standings: [] }] as MachineUpkeep[], now)).toEqual([]);
  });
});
