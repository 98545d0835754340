import type { z } from 'zod';

/** A map out of its text, as its schema has it; or why it is none. */
export function readJsonText(
  text: string,
  schema: z.ZodType,
): { readonly value: unknown } | { readonly fault: string } {
  if (text.trim() === '') return { fault: 'The map is wanted: open its file, or paste it.' };
  try {
    const value: unknown = JSON.parse(text);
    const { success, error } = schema.safeParse(value);
    if (success) return { value };
    const [first] = error.issues;
    return { fault: `The map, ${first?.path.join('.') ?? ''}: ${first?.message ?? ''}.` };
  } catch (fault) {
    return { fault: `The map is no JSON: ${fault instanceof Error ? fault.message : ''}` };
  }
}
