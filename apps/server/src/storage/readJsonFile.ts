import { existsSync, readFileSync } from 'node:fs';
import type { z } from 'zod';

/** What a small file of ours says; null where it is not there or cannot be read, which says nothing. */
export function readJsonFile<T>(path: string, schema: z.ZodType<T>): T | null {
  if (!existsSync(path)) return null;
  try {
    return schema.parse(JSON.parse(readFileSync(path, 'utf8')));
  } catch {
    return null;
  }
}
