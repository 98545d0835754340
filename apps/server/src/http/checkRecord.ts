import { fieldProblems } from '@lone-heron/contract';
import type { z } from 'zod';

/** A record as it was read, or why it is none. */
export interface CheckedRecord<T> {
  readonly record: T | null;
  readonly reasons: string[];
}

/**
 * Holds what was read against its schema.
 *
 * @param nameOf what the file calls a field
 */
export function checkRecord<T>(
  schema: z.ZodType<T>,
  read: unknown,
  nameOf: (field: string) => string = (field) => field,
): CheckedRecord<T> {
  const parsed = schema.safeParse(read);
  if (parsed.success) return { record: parsed.data, reasons: [] };
  const reasons = fieldProblems(parsed.error, read).map(
    ({ field, given, allowed }) =>
      `${field === '' ? 'the row' : nameOf(field)} is ${given}; allowed is ${allowed}`,
  );
  return { record: null, reasons };
}
