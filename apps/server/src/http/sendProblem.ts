import type { Problem } from '@lone-heron/contract';
import type { Response } from 'express';

/** Answers with a problem document (RFC 9457); what was begun already is only ended. */
export function sendProblem(response: Response, problem: Problem): void {
  if (response.headersSent) response.end();
  else response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
}
