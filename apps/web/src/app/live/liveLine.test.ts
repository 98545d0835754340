import type { LiveMachine } from '@lone-heron/contract';
import { liveLine, type LiveLine } from './liveLine.js';
import { wrongAddress } from './wrongAddress.js';

const now = new Date('2026-11-24T10:00:00.000Z');
const ago = (seconds: number) => new Date(now.getTime() - 1000 * seconds).toISOString();

const live = (changes: Partial<LiveMachine> = {}): LiveMachine => ({
  ...{
    machineId: 'bench',
    heardAt: ago(1),
    values: [],
    lit: null,
    alarm: null,
    last: null,
    brokerPort: 1883,
  },
  ...{ away: '', faults: { jumps: 0, late: 0, unread: 0, lastUnread: '' } },
  ...changes,
});

describe('a machine in a line', () => {
  const values = (ready: number): LiveMachine['values'] => [
    { key: 'gasFlow', value: 0, at: ago(1) },
    { key: 'coolant', value: 24.3, at: ago(1) },
    { key: 'emissionReady', value: ready, at: ago(1) },
  ];

  it.each<[string, Partial<LiveMachine>, string, LiveLine['mood']]>([
    ['at rest', { values: values(0) }, 'no light, gas off, coolant 24.3 °C', 'quiet'],
    ['armed', { values: values(1) }, 'armed, no light, gas off, coolant 24.3 °C', 'quiet'],
    ['welding', { lit: { since: ago(3), litS: 3 }, values: [] }, 'light on 3 s', 'lit'],
    ['silent', { heardAt: ago(300), lit: { since: ago(300), litS: 3 } }, 'last heard 5 min ago', 'quiet'],
    [
      'switched off with an alarm',
      { heardAt: ago(7200), alarm: { code: 31, said: 'no gas', means: [], since: ago(7300) } },
      'last heard 2 h ago, with an alarm then: no gas',
      'quiet',
    ],
    [
      'with one topic that fell silent',
      { values: [{ key: 'coolant', value: 24, at: ago(600) }] },
      'no light',
      'quiet',
    ],
    ['never heard', { heardAt: null }, 'not heard yet', 'quiet'],
    ['away', { away: 'the broker is away' }, 'not heard: look at its connection', 'trouble'],
    [
      'in alarm',
      { away: 'the broker is away', alarm: { code: 31, said: 'no gas', means: [], since: ago(9) } },
      'no gas',
      'trouble',
    ],
  ])('%s', (_, changes, words, mood) => expect(liveLine(live(changes), now)).toEqual({ words, mood }));
});

it('an alarm opens the fault finder with what it answers', () => {
  const alarm = { code: 12, said: 'no clamp', means: ['noLight', 'workClamp'], since: ago(1) };
  expect(wrongAddress('bench', alarm)).toBe('/optics/wrong?machine=bench&yes=noLight.workClamp');
  expect(wrongAddress('bench', { ...alarm, means: [] })).toBe('/optics/wrong?machine=bench');
});
