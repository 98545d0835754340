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
  /** Number of the request, where something went wrong on the server’s side: its log has more under it. */
  request: z.string().optional(),
});
export type Problem = z.infer<typeof problemSchema>;

const longestGiven = 120;

/**
 * The refused fields of a failed parse. Every schema here says in its message what is allowed.
 *
 * @param input the value that was parsed
 */
export function fieldProblems(error: z.ZodError, input: unknown): FieldProblem[] {
  return error.issues.map((issue) => {
    const field = issue.path.map(String).join('.');
    if (issue.code === 'unrecognized_keys') {
      const keys = issue.keys.join(', ');
      // What lies under a key that nobody knows may be a PIN that was meant for another.
      return { field, given: `a field called ${keys}`, allowed: `no field called ${keys}` };
    }
    const isBarePin = issue.code === 'invalid_type' && issue.expected === 'object' && isDigits(input);
    const given = isBarePin ? 'digits alone' : givenAt(input, issue.path);
    return { field, given, allowed: issue.message };
  });
}

/** A PIN or a passphrase is never said back, however wrong and however deep: answers end up in logs and on screens. */
function isSecret(key: PropertyKey): boolean {
  return /pin$|passphrase$/i.test(String(key));
}

function givenAt(input: unknown, path: readonly PropertyKey[]): string {
  if (isSecret(path.at(-1) ?? '')) return 'kept to yourself';
  return describeGiven(valueAt(input, path));
}

/** A whole body that is no object may be a PIN by itself. */
function isDigits(body: unknown): boolean {
  return (typeof body === 'string' || typeof body === 'number') && /^\d+$/.test(String(body));
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
  const text = JSON.stringify(value, (key, held: unknown) => (isSecret(key) ? 'kept to yourself' : held));
  return text.length > longestGiven ? `${text.slice(0, longestGiven)}…` : text;
}
