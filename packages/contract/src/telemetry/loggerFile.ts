import { z } from 'zod';
import { shortText } from '../wire/bounded.js';
import { lightSpellSchema } from './lightSpell.js';

/** Bytes of a data logger's file: two days at a row a second. */
export const largestLoggerFile = 10_000_000;

const column = shortText(80);
const number = (quantity: string, least: number, most: number) => {
  const error = `a number from ${least} to ${most} for the ${quantity}`;
  return z.coerce.number({ error }).min(least, { error }).max(most, { error });
};

/** How a data logger's file is read; a column that is left out is found by its name. */
export const loggerQuerySchema = z.strictObject({
  time: column.optional(),
  light: column.optional(),
  power: column.optional(),
  /** The light is on from here upwards, in what the logger wrote. */
  from: number('threshold', -1e9, 1e9).default(0.5),
  /** Of the logger's clock before the shop's. */
  aheadS: number('clock', -1e8, 1e8).default(0),
});
export type LoggerQuery = z.infer<typeof loggerQuerySchema>;

/** What a data logger's file holds. */
export const loggerReadSchema = z.strictObject({
  columns: z.array(z.string()),
  time: z.string(),
  light: z.string(),
  power: z.string().nullable(),
  rows: z.int().nonnegative(),
  /** Rows that could not be read, and the first of them with why; empty for none. */
  unread: z.int().nonnegative(),
  firstUnread: z.string(),
  /** The newest of its spells of light, and how many and how much they are in all. */
  newest: z.array(lightSpellSchema),
  spells: z.int().nonnegative(),
  litS: z.number().nonnegative(),
  /** How many of them the shop did not have yet. */
  isNew: z.int().nonnegative(),
});
export type LoggerRead = z.infer<typeof loggerReadSchema>;
