import type { Machine, MachineUpkeep, UpkeepTask } from '@lone-heron/contract';
import fc from 'fast-check';
import ICAL from 'ical.js';
import { sampleMachines } from '../demo/sampleWorkshop.js';
import { calendarFeed } from './calendarFeed.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const inDays = (days: number) => new Date(now.getTime() + days * 86_400_000).toISOString();
const task = (id: string, changes: Partial<UpkeepTask> = {}): UpkeepTask => ({
  ...{ id, title: 'Look at the seal', how: 'No nick.', interval: { by: 'date', days: 30 } },
  ...{ part: null, record: null, reads: '' },
  ...changes,
});
const upkeepOf = (
  tasks: readonly { readonly task: UpkeepTask; readonly dueAt: string | null; readonly share: number }[],
): MachineUpkeep => ({
  plan: { machineId: 'bench', revision: 1, tasks: tasks.map((each) => each.task) },
  standings: tasks.map((each) => ({ taskId: each.task.id, done: [], share: each.share, dueAt: each.dueAt })),
});
const bench = sampleMachines[0] as Machine;
const read = (upkeep: MachineUpkeep) =>
  new ICAL.Component(ICAL.parse(calendarFeed([bench], [upkeep], now)) as unknown[])
    .getAllSubcomponents('vevent')
    .map((each) => new ICAL.Event(each));

describe('the calendar feed', () => {
  it('says whatever a task is called, as it is called, and lets nobody write lines of their own', () => {
    const words = fc.oneof(
      fc.string({ minLength: 1, maxLength: 80 }),
      fc.constantFrom(
        'a; b, c\\d',
        'BEGIN:VEVENT',
        'größer als ½″ — ja',
        'x'.repeat(80),
        'two\r\nSUMMARY:lines',
      ),
    );
    fc.assert(
      fc.property(words, words, (title, how) => {
        const trimmed = title.trim() === '' ? 'x' : title.trim();
        const events = read(
          upkeepOf([{ task: task('one', { title: trimmed, how }), dueAt: inDays(9), share: 0.5 }]),
        );
        expect(events).toHaveLength(1);
        expect(events[0]?.uid).toBe('bench-one@lone-heron');
        const plain = (text: string) =>
          text
            .replace(/[\r\n]+/g, '\n')
            .replace(/[^\S\n]+/g, ' ')
            .trim();
        expect(plain(events[0]?.summary ?? '')).toBe(plain(`${trimmed}, the bench unit`));
      }),
      { numRuns: 200 },
    );
  });

  it('reminds days ahead as RFC 5545 writes it, and folds lines at 75 octets', () => {
    const title = 'größer als ½″ — ja, '.repeat(8).trim();
    const text = calendarFeed(
      [bench],
      [upkeepOf([{ task: task('one', { title }), dueAt: inDays(9), share: 0.5 }])],
      now,
    );
    expect(text).toMatch(/TRIGGER(;VALUE=DURATION)?:-P3D\r\n/);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
  });

  it('puts what is over on today and says since when, and leaves out what has no day', () => {
    const events = read(
      upkeepOf([
        { task: task('over'), dueAt: inDays(-5), share: 1.2 },
        { task: task('missed'), dueAt: inDays(-40), share: 2.3 },
        { task: task('open'), dueAt: null, share: 0.4 },
        { task: task('soon'), dueAt: inDays(20), share: 0.3 },
      ]),
    );
    const dayOf = (id: string) =>
      events.find(({ uid }) => uid === `bench-${id}@lone-heron`)?.startDate.toString();
    expect(dayOf('over')).toBe('2026-11-25');
    expect(dayOf('soon')).toBe('2026-12-15');
    expect(dayOf('open')).toBeUndefined();
    const missed = events.find(({ uid }) => uid === 'bench-missed@lone-heron');
    expect(missed?.summary).toContain('(missed)');
    expect(missed?.description).toContain('Due since 2026-10-16.');
  });

  it('is a calendar that can be read where nothing is due, and knows no machine that is gone', () => {
    expect(read(upkeepOf([]))).toEqual([]);
    const gone = upkeepOf([{ task: task('one'), dueAt: inDays(2), share: 0.9 }]);
    expect(calendarFeed([], [gone], now)).toContain('BEGIN:VCALENDAR');
    expect(calendarFeed([], [gone], now)).not.toContain('VEVENT');
  });
});
