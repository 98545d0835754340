import type { Problem } from '@lone-heron/contract';
import type { Response } from 'express';
import { requestHeader } from '../logging/logRequests.js';

/** Answers with a problem document (RFC 9457); what was begun already is only ended. */
export function sendProblem(response: Response, problem: Problem): void {
  if (response.headersSent) {
    response.end();
    return;
  }
  const number = response.getHeader(requestHeader);
  const told =
    problem.status >= 500 && typeof number === 'string' ? { ...problem, request: number } : problem;
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(told));
}
