import {
  everyFaultCheck,
  everyFaultSymptom,
  linkKeys,
  type FaultCheckName,
  type FaultSymptom,
} from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf, shortText } from '../wire/bounded.js';

/** What the fault finder asks, and an alarm can answer. */
type FaultAnswer = FaultSymptom | FaultCheckName;
const faultAnswers = [...everyFaultSymptom, ...everyFaultCheck] as [FaultAnswer, ...FaultAnswer[]];

const figure = (quantity: string) => boundedNumber({ quantity, min: -1e9, max: 1e9, unit: '' });
/** Names with dots between; empty for a message that is nothing but the value. */
const path = shortText(120).regex(/^$|^[^.\s]+(\.[^.\s]+)*$/, {
  error: 'names with dots between, such as gas.flow, or nothing',
});
/** One topic: what a machine says on many is many. */
const topicName = shortText(200).regex(/^[^\s+#$][^+#\s]*$/, {
  error: 'a topic such as shop/bench/said, without + or #',
});

const topicPointSchema = z
  .strictObject(
    { key: oneOf(linkKeys), path, scale: figure('scale'), offset: figure('offset') },
    { error: 'a point with key, path, scale and offset' },
  )
  .refine(({ scale }) => scale !== 0, { path: ['scale'], error: 'a scale that is not 0' });

const topicSchema = z.strictObject(
  {
    topic: topicName,
    /** Where a message says when it was said: ms since 1970, or a moment in UTC; empty where it does not. */
    time: path,
    points: z
      .array(topicPointSchema, { error: 'a list of points' })
      .min(1, { error: 'one point or more' })
      .max(linkKeys.length, { error: `up to ${linkKeys.length} points` }),
  },
  { error: 'a topic with topic, time and points' },
);

const mapAlarmSchema = z.strictObject(
  {
    code: z.int({ error: 'a whole number from 1 to 65535' }).min(1).max(65535),
    said: shortText(80).min(1, { error: 'what the alarm means, in up to 80 characters' }),
    /** What the fault finder takes as answered by it. */
    means: z.array(oneOf(faultAnswers), { error: 'symptoms and checks by name' }).max(4),
  },
  { error: 'an alarm with code, said and means' },
);
export type MapAlarm = z.infer<typeof mapAlarmSchema>;

const mostTopics = 20;
const mostAlarms = 200;

/** What a machine says over MQTT, and on which topics: data, so that another machine is another map. */
export const topicMapSchema = z
  .strictObject(
    {
      format: z.literal('lone-heron-topics', { error: 'lone-heron-topics, a machine’s topic map' }),
      version: z.literal(1, { error: '1' }),
      name: shortText(60).min(1, { error: 'a name of up to 60 characters' }),
      topics: z
        .array(topicSchema, { error: 'a list of topics' })
        .min(1, { error: 'one topic or more' })
        .max(mostTopics, { error: `up to ${mostTopics} topics` }),
      alarms: z
        .array(mapAlarmSchema, { error: 'a list of alarms' })
        .max(mostAlarms, { error: `up to ${mostAlarms} alarms` }),
    },
    { error: 'a map with format, version, name, topics and alarms' },
  )
  .check(({ value: { topics, alarms }, issues }) => {
    const seen = new Set<string | number>();
    const once = (what: string | number, path: (string | number)[], message: string) => {
      if (seen.has(what)) issues.push({ code: 'custom', path, input: what, message });
      seen.add(what);
    };
    topics.forEach(({ topic, points }, at) => {
      once(`topic ${topic}`, ['topics', at, 'topic'], 'each topic once');
      points.forEach(({ key }, point) => {
        once(`key ${key}`, ['topics', at, 'points', point, 'key'], 'each key once');
      });
    });
    alarms.forEach(({ code }, at) => once(code, ['alarms', at, 'code'], 'each alarm once'));
  });
export type TopicMap = z.infer<typeof topicMapSchema>;
