import { z } from 'zod';

/** What of a shop can have changed, as far as a screen has to know. */
export const newsKinds = [
  'backup',
  'card',
  'change',
  'clearance',
  'coupon',
  'couponTest',
  'day',
  'house',
  'job',
  'ladder',
  'light',
  'live',
  'machine',
  'part',
  'person',
  'photo',
  'procedure',
  'record',
  'slot',
  'stock',
  'supply',
  'trial',
  /** Stored, and shown by no page: a session that was seen. */
  'unseen',
  'upkeep',
  'weld',
  'window',
  'workshop',
] as const;
export type NewsKind = (typeof newsKinds)[number];

/** What is told to every page that listens, once something was stored. It says what to ask for anew, and nothing of it. */
export const newsSchema = z.strictObject({
  kinds: z.enum(newsKinds).array(),
  /** Saves of the shop so far: a page that missed some has to ask for everything anew. */
  saves: z.int().nonnegative(),
  /** The page that did it, by what it calls itself; empty where it was none. */
  page: z.string(),
});
export type News = z.infer<typeof newsSchema>;
