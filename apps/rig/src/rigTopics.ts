import { topicMapSchema, type TopicMap } from '@lone-heron/contract';
import type { LinkKey } from '@lone-heron/core';
import { alarms, alarmCodes, type AlarmCode } from './RigMachine.js';

/** Where in its message each value stands. */
const places = [
  ['lightOn', 'light.on'],
  ['realPower', 'light.watts'],
  ['gasOn', 'gas.on'],
  ['gasFlow', 'gas.flow'],
  ['coolant', 'water'],
  ['windowHolder', 'holder'],
  ['keyOn', 'states.key'],
  ['interlocksClosed', 'states.interlocks'],
  ['workClamped', 'states.clamp'],
  ['emissionReady', 'states.ready'],
  ['alarm', 'alarm'],
  ['lightSeconds', 'counted'],
] as const satisfies readonly (readonly [LinkKey, string])[];

/** What its alarms answer, as the fault finder asks it. */
const means: Readonly<Record<AlarmCode, TopicMap['alarms'][number]['means']>> = {
  11: ['noLight', 'interlocks'],
  12: ['noLight', 'workClamp'],
  21: ['coolantReading'],
  22: ['coolantReading'],
  31: ['gasAtTheGun'],
  41: ['hotNozzle'],
};

/** On which topic the stand-in says it, and what its alarms mean: a map like any machine’s. */
export const rigTopics: TopicMap = topicMapSchema.parse({
  format: 'lone-heron-topics',
  version: 1,
  name: 'the stand-in',
  topics: [
    {
      topic: 'stand-in/said',
      time: 'at',
      points: places.map(([key, path]) => ({ key, path, scale: 1, offset: 0 })),
    },
  ],
  alarms: alarmCodes.map((code) => ({ code, said: alarms[code], means: ['alarm', ...means[code]] })),
});

/** A message as its topic map places it: names with dots between become objects. */
export function messageOf(value: (key: LinkKey) => number, at: number): Record<string, unknown> {
  const message: Record<string, unknown> = { at };
  for (const [key, path] of places) {
    const names = path.split('.');
    const last = names.pop() ?? path;
    const place = names.reduce((so, name) => (so[name] ??= {}) as Record<string, unknown>, message);
    place[last] = Math.round(value(key) * 100) / 100;
  }
  return message;
}
