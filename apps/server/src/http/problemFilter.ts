import type { Problem } from '@lone-heron/contract';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { STATUS_CODES } from 'node:http';
import { ProblemException } from './problem.js';

/** Turns whatever was thrown into a problem document; what nobody foresaw is logged and told as 500. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Request');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = problemFor(error);
    if (problem.status >= 500) this.logger.error(error instanceof Error ? error.stack : String(error));
    if (response.headersSent) {
      response.end();
      return;
    }
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }
}

/** What a client is told of an error. */
export function problemFor(error: unknown): Problem {
  if (error instanceof ProblemException) return error.problem;
  const storage = storageProblem(error);
  if (storage !== null) return storage;
  if (error instanceof HttpException) {
    return {
      type: 'about:blank',
      title: STATUS_CODES[error.getStatus()] ?? 'Refused',
      status: error.getStatus(),
      detail: error.message,
    };
  }
  return {
    type: 'about:blank',
    title: 'Server error',
    status: 500,
    detail: 'Something went wrong on our side. Nothing of this request was stored; it is safe to try again.',
  };
}

/** A full or failing disk, as SQLite or the file system tells it. */
function storageProblem(error: unknown): Problem | null {
  const code = (error as { code?: unknown } | null)?.code;
  if (typeof code !== 'string' || !/^(SQLITE_(FULL|IOERR|READONLY)|ENOSPC|EDQUOT|EROFS)/.test(code))
    return null;
  return {
    type: 'about:blank',
    title: 'Storage failed',
    status: 507,
    detail: `The disk did not take it (${code}). Nothing of this request was stored. Free some space, then try again.`,
  };
}
