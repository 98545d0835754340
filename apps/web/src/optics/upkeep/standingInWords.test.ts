import type { StandingTask } from '../../shared/upkeep/upkeepDue.js';
import { standingInWords } from './standingInWords.js';

const now = new Date('2026-11-29T09:00:00');

function said(of: {
  state: StandingTask['state'];
  dueAt?: string;
  last?: { at: string; value: string };
  interval?: StandingTask['task']['interval'];
}): string {
  const task = { id: 'rolls', title: 'Clean the rolls', interval: of.interval ?? { by: 'date', days: 30 } };
  const standing = { dueAt: of.dueAt ?? null, done: of.last === undefined ? [] : [of.last] };
  return standingInWords(
    { machineId: 'bench', task, standing, state: of.state } as unknown as StandingTask,
    now,
  );
}

describe('how a task stands', () => {
  const last = { at: '2026-11-11T13:30:00', value: '' };

  it('names the day and how far it is, with the year where it is another', () => {
    expect(said({ state: 'fine', dueAt: '2026-12-11T00:00:00', last })).toBe(
      'due 11 Dec, in 12 days, every 30 days; last 11 Nov 13:30',
    );
    expect(said({ state: 'soon', dueAt: '2026-11-30T00:00:00', last })).toContain('due 30 Nov, in 1 day,');
    expect(said({ state: 'fine', dueAt: '2028-06-02T00:00:00', last })).toContain(
      'due 2 Jun 2028, in 551 days',
    );
  });

  it('says since when it is due or was missed, and what was found last', () => {
    const found = { at: '2026-10-18T14:18:00', value: '4.1 mm' };
    expect(said({ state: 'due', dueAt: '2026-11-29T00:00:00', last: found })).toBe(
      'due today, every 30 days; last 18 Oct 14:18, 4.1 mm',
    );
    expect(said({ state: 'missed', dueAt: '2026-10-27T00:00:00', last })).toContain('missed since 27 Oct');
  });

  it('says once that there is no day, and once that there is no record', () => {
    expect(said({ state: 'condition', interval: { by: 'condition' } })).toBe(
      'when it looks so; no record of it yet',
    );
    expect(said({ state: 'never', interval: { by: 'date', days: 14 } })).toBe(
      'never written down, every 14 days',
    );
  });
});
