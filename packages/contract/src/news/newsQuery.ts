import { z } from 'zod';

/** Longer ago nobody asks, ms: two days. */
const longestAge = 2 * 24 * 3_600_000;

/** From when on a page wants to be told. */
export const newsQuerySchema = z.strictObject({
  /** So long ago the page began, or was told something last, ms: what was stored since is told first. Left out: nothing. */
  age: z.coerce
    .number({ error: `a whole number from 0 to ${longestAge}, ms` })
    .int()
    .min(0)
    .max(longestAge)
    .optional(),
});
export type NewsQuery = z.infer<typeof newsQuerySchema>;
