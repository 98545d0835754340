import { problemSchema, type FieldProblem } from '@lone-heron/contract';

/** A failed request in words, with the refused fields where there are any. */
export interface ShownProblem {
  readonly message: string;
  readonly fields: readonly FieldProblem[];
}

/**
 * What to tell a person about a failed request; every failure leaves what was typed where it is.
 *
 * @param error as RTK Query hands it on
 */
export function problemOf(error: unknown): ShownProblem {
  const { data, status } = error as { data?: unknown; status?: unknown };
  const problem = problemSchema.safeParse(data);
  if (problem.success) {
    const { detail, errors = [], request } = problem.data;
    return { message: request === undefined ? detail : `${detail} (Request ${request})`, fields: errors };
  }
  if (status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR') {
    return {
      message: 'The server does not answer. Nothing typed is lost: try again when it is back.',
      fields: [],
    };
  }
  return {
    message: 'The server gave an answer that cannot be read. Nothing typed is lost: try again.',
    fields: [],
  };
}
