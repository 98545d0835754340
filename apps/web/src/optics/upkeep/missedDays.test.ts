import type { UpkeepStanding, UpkeepTask } from '@lone-heron/contract';
import { missedDays } from './missedDays.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const task: UpkeepTask = {
  ...{ id: 'rolls', title: 'Clean the rolls', how: '', part: null, record: null, reads: '' },
  interval: { by: 'date', days: 30 },
};
const doneOn = (...days: string[]): UpkeepStanding => ({
  ...{ taskId: 'rolls', share: null, dueAt: null },
  done: days.map((day) => ({
    at: `${day}T12:00:00.000Z`,
    personId: 'ines',
    value: '',
    photoId: null,
    share: null,
  })),
});
const missed = (standing: UpkeepStanding, of = task) =>
  missedDays(of, standing, now).map((day) => day.toISOString().slice(0, 10));

describe('days that were missed', () => {
  it('are those that were due once more before it was done', () => {
    expect(missed(doneOn('2026-11-20', '2026-07-01'))).toEqual(['2026-07-31', '2026-08-30', '2026-09-29']);
  });

  it('are none where it was only late, and none before the first record', () => {
    expect(missed(doneOn('2026-11-20', '2026-10-05'))).toEqual([]);
    expect(missed(doneOn())).toEqual([]);
  });

  it('count up to now, and only for what goes by the calendar', () => {
    expect(missed(doneOn('2026-09-01'))).toEqual(['2026-10-01']);
    expect(missed(doneOn('2026-09-01'), { ...task, interval: { by: 'lightHours', hours: 3 } })).toEqual([]);
  });
});
