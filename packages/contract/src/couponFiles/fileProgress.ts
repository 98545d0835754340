import { z } from 'zod';

/** How far a file has come that is being read in. */
export const fileProgressSchema = z.strictObject({
  /** Waiting for its turn, its rows being read, held against what is stored, its pictures looked at, or stored. */
  phase: z.enum(['waiting', 'reading', 'comparing', 'pictures', 'storing']),
  /** Rows of this phase that are done, of how many; both 0 where nobody has counted yet. */
  done: z.int().nonnegative(),
  of: z.int().nonnegative(),
});
export type FileProgress = z.infer<typeof fileProgressSchema>;
