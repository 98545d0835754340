import { describeRange, type AllowedRange } from '@lone-heron/core';
import { z } from 'zod';

/**
 * Schemas whose message is what is allowed, so that every refusal can say it.
 * The range carries the quantity's name and unit.
 */
export function boundedNumber(range: AllowedRange) {
  const error = `a number from ${describeRange(range)}`;
  return z.number({ error }).min(range.min, { error }).max(range.max, { error });
}

/** One of a few words. */
export function oneOf<const Words extends readonly [string, ...string[]]>(words: Words) {
  return z.enum(words, { error: `one of ${words.join(', ')}` });
}

/** A line or a few of text, trimmed; empty is allowed. */
export function shortText(longest: number) {
  const error = `text of up to ${longest} characters`;
  return z.string({ error }).trim().max(longest, { error });
}

/** An id made by the client, so that a retried save is the same save. */
export const clientId = z.uuidv7({ error: 'a UUID of version 7' });

/** A moment in UTC, such as 2026-11-24T09:30:00.000Z. */
export const moment = z.iso.datetime({ error: 'a moment in UTC such as 2026-11-24T09:30:00.000Z' });

export function distinctOf<const Words extends readonly [string, ...string[]]>(words: Words) {
  const error = { error: `each of ${words.join(', ')} at most once` };
  return z.array(oneOf(words), error).refine((all) => new Set(all).size === all.length, error);
}
