import { linkPoints, type LinkKey, type LinkValues } from '@lone-heron/core';
import type { TopicMap } from '../topicMap.js';

/** What a message says: values, when it was said by the machine's clock, and what of it could not be read. */
interface ReadMessage {
  readonly values: LinkValues;
  /** ms since 1970; null where it does not say. */
  readonly own: number | null;
  readonly faults: readonly string[];
}

/**
 * Reads a message by a machine's map.
 *
 * @returns what cannot be read in words, nothing thrown: a machine goes on talking whatever we make of it
 */
export function readMessage(map: TopicMap, topic: string, payload: string): ReadMessage {
  const place = map.topics.find((each) => each.topic === topic);
  if (place === undefined) return unread(`${topic}: the map has no such topic`);
  const message = parsed(payload);
  if (message === undefined) return unread(`${topic}: neither a number nor JSON`);
  const values: Partial<Record<LinkKey, number>> = {};
  const faults: string[] = [];
  for (const { key, path, scale, offset } of place.points) {
    const found = numberAt(message, path);
    if (found === undefined) continue;
    const { said, unit, is, least, most } = linkPoints[key];
    const value = found * scale + offset;
    // A meter's volts are a state by the map's scale and offset: on from a half upwards.
    if (is === 'state') values[key] = value >= 0.5 ? 1 : 0;
    else if (value >= least && value <= most) values[key] = value;
    else faults.push(`${topic}: ${said} ${value} ${unit} is not ${least} to ${most}`);
  }
  if (Object.keys(values).length === 0 && faults.length === 0)
    faults.push(`${topic}: nothing of what the map places is in it`);
  return { values, own: place.time === '' ? null : timeAt(message, place.time), faults };
}

function unread(fault: string): ReadMessage {
  return { values: {}, own: null, faults: [fault] };
}

function parsed(payload: string): unknown {
  try {
    return JSON.parse(payload) as unknown;
  } catch {
    return undefined;
  }
}

function at(message: unknown, path: string): unknown {
  if (path === '') return message;
  return path
    .split('.')
    .reduce<unknown>(
      (so, name) =>
        typeof so === 'object' && so !== null && Object.hasOwn(so, name)
          ? (so as Record<string, unknown>)[name]
          : undefined,
      message,
    );
}

function numberAt(message: unknown, path: string): number | undefined {
  const found = at(message, path);
  if (typeof found === 'boolean') return Number(found);
  return typeof found === 'number' && Number.isFinite(found) ? found : undefined;
}

function timeAt(message: unknown, path: string): number | null {
  const found = at(message, path);
  if (typeof found === 'number' && Number.isFinite(found)) return found;
  const moment = typeof found === 'string' ? Date.parse(found) : Number.NaN;
  return Number.isNaN(moment) ? null : moment;
}
