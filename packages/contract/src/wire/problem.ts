import { z } from 'zod';

/** One refused value: where it is, what it was, what is allowed. */
const fieldProblemSchema = z.strictObject({
  /** Path in the body, such as joint.firstThicknessMm; empty for the body itself. */
  field: z.string(),
  /** The value as it came, as JSON, shortened; “nothing” where it was missing. */
  given: z.string(),
  allowed: z.string(),
});
export type FieldProblem = z.infer<typeof fieldProblemSchema>;

/** A refusal as RFC 9457 describes it, with the fields that caused it. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  errors: z.array(fieldProblemSchema).optional(),
});
export type Problem = z.infer<typeof problemSchema>;

const longestGiven = 120;

/**
 * The refused fields of a failed parse. Every schema here says in its message what is allowed.
 *
 * @param input the value that was parsed
 */
export function fieldProblems(error: z.ZodError, input: unknown): FieldProblem[] {
  return error.issues.map((issue) => ({
    field: issue.path.map(String).join('.'),
    given: isSecret(issue.path) ? 'kept to yourself' : describeGiven(valueAt(input, issue.path)),
    allowed: issue.code === 'unrecognized_keys' ? `no field called ${issue.keys.join(', ')}` : issue.message,
  }));
}

/** A PIN is never said back, however wrong: answers end up in logs and on screens. */
function isSecret(path: readonly PropertyKey[]): boolean {
  return /pin$/i.test(String(path.at(-1) ?? ''));
}

function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined,
    input,
  );
}

function describeGiven(value: unknown): string {
  if (value === undefined) return 'nothing';
  const text = JSON.stringify(value);
  return text.length > longestGiven ? `${text.slice(0, longestGiven)}…` : text;
}
