import {
  startingProfiles,
  usualSequence,
  type Day,
  type DayEntry,
  type MachineProfile,
} from '@lone-heron/contract';
import { dayInWords, isForgotten, isReady, shopInWords } from './dayWords.js';

const { startUp, shutDown } = usualSequence(startingProfiles[0]?.profile as MachineProfile);
const now = new Date('2026-11-25T12:00:00');
const done = (stepId: string, isMet = true): DayEntry => ({
  id: stepId,
  stepId,
  outcome: 'done',
  reading: { reads: 'none' },
  reason: '',
  isMet,
  words: '',
  at: now.toISOString(),
  personId: 'ines',
});
const dayWith = (entries: DayEntry[], changes: Partial<Day> = {}): Day => ({
  id: 'd',
  machineId: 'bench',
  sequenceRevision: 0,
  startUp,
  shutDown,
  openedAt: new Date('2026-11-25T06:10:00').toISOString(),
  openedBy: 'ines',
  closedAt: null,
  entries,
  ...changes,
});
const started = startUp.map(({ id }) => done(id));
const yesterday = { openedAt: new Date('2026-11-24T21:00:00').toISOString() };

describe('a day in a few words', () => {
  it.each<[string, Day | undefined, string, boolean]>([
    ['none', undefined, 'not opened', false],
    ['just opened', dayWith([]), `0 of ${startUp.length} checked`, false],
    ['half started', dayWith(started.slice(0, 4)), `4 of ${startUp.length} checked`, false],
    ['held by a step', dayWith([done('eyewear', false)]), 'stopped', false],
    ['open', dayWith(started), 'open today 06:10', true],
    ['open since yesterday', dayWith(started, yesterday), 'open overnight', true],
    ['shutting down', dayWith([...started, done('laser-off')]), `1 of ${shutDown.length} shut`, false],
    ['closed', dayWith(started, { closedAt: now.toISOString() }), 'not opened', false],
  ])('%s', (_, day, words, ready) => {
    expect(dayInWords(day, now)).toBe(words);
    expect(isReady(day)).toBe(ready);
  });

  it('is called forgotten after a long shift', () => {
    expect(isForgotten(dayWith(started), now)).toBe(false);
    expect(isForgotten(dayWith(started, yesterday), now)).toBe(false);
    expect(isForgotten(dayWith(started, yesterday), new Date('2026-11-25T13:01:00'))).toBe(true);
  });

  it.each<[string, Day[], string[], string]>([
    ['a shop without machines', [], [], ''],
    ['one machine', [dayWith(started)], ['bench'], 'open today 06:10'],
    ['two, one of them open', [dayWith(started)], ['bench', 'barrow'], '1 of 2 open'],
    ['two, one of them stopped', [dayWith([done('eyewear', false)])], ['bench', 'barrow'], '1 stopped'],
  ])('of %s', (_, days, machines, words) => {
    expect(shopInWords(days, machines, now)).toBe(words);
  });
});
