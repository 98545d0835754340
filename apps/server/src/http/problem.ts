import type { FieldProblem, Problem } from '@lone-heron/contract';
import { HttpException } from '@nestjs/common';

/** A refusal that the client can show: RFC 9457 with the fields that caused it. */
export class ProblemException extends HttpException {
  constructor(readonly problem: Problem) {
    super(problem.detail, problem.status);
  }
}

function problem(status: number, title: string, detail: string, errors?: FieldProblem[]): ProblemException {
  return new ProblemException({
    type: 'about:blank',
    title,
    status,
    detail,
    ...(errors === undefined ? {} : { errors }),
  });
}

/** 422: one or more values are not allowed. */
export function refused(errors: FieldProblem[]): ProblemException {
  const detail = errors
    .map(({ field, given, allowed }) => `${field === '' ? 'body' : field} is ${given}; allowed is ${allowed}`)
    .join('. ');
  return problem(422, 'Not allowed', `${detail}.`, errors);
}

/** 404: nothing goes by that id. */
export function notFound(what: string, id: string): ProblemException {
  return problem(404, 'Not found', `There is no ${what} ${id}.`);
}

/** 403: whoever asks may not. */
export function notAllowed(detail: string): ProblemException {
  return problem(403, 'Not allowed', detail);
}

/** 409: it clashes with what is stored. */
export function conflict(detail: string): ProblemException {
  return problem(409, 'Conflict', detail);
}
