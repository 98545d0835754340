import type { Problem } from '@lone-heron/contract';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { STATUS_CODES } from 'node:http';
import { ProblemException } from './problem.js';
import { sendProblem } from './sendProblem.js';
import { codeOf, storageTrouble, type StorageTrouble } from '../storage/storageFault.js';

/** Turns whatever was thrown into a problem document; what nobody foresaw is logged and told as 500. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Request');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = problemFor(error);
    if (problem.status >= 500) this.logger.error(error instanceof Error ? error.stack : String(error));
    sendProblem(response, problem);
  }
}

/** What a client is told of an error. */
export function problemFor(error: unknown): Problem {
  if (error instanceof ProblemException) return error.problem;
  const storage = storageProblem(error);
  if (storage !== null) return storage;
  const status = refusedStatus(error);
  if (status !== null) {
    return {
      type: 'about:blank',
      title: STATUS_CODES[status] ?? 'Refused',
      status,
      detail: (error as Error).message,
    };
  }
  return {
    type: 'about:blank',
    title: 'Server error',
    status: 500,
    detail: 'Something went wrong on our side. Nothing of this request was stored; it is safe to try again.',
  };
}

/** Status of what Nest or Express refuses by itself, such as letters or a range that cannot be served; null for the rest. */
function refusedStatus(error: unknown): number | null {
  if (error instanceof HttpException) return error.getStatus();
  const { status } = (error ?? {}) as { status?: unknown };
  return error instanceof Error && typeof status === 'number' && status >= 400 && status < 500
    ? status
    : null;
}

const toDo: Readonly<Record<Exclude<StorageTrouble, 'damaged' | 'away'>, string>> = {
  full: 'Free some space, then try again.',
  locked: 'It cannot be written: a lead can read at the machine what to do.',
  disk: 'It does not answer as it should: a lead copies the shop’s folder to another disk.',
};

/** The line may have broken between a commit and its answer: the same save sent again is the same save. */
const databaseAway: Problem = {
  type: 'about:blank',
  title: 'Database away',
  status: 503,
  detail:
    'The database server does not answer. What was typed is kept here: save again in a moment, it is stored once. If it lasts, whoever looks after the server sees to it.',
};

/** A full, closed or failing disk, as SQLite or the file system tells it, or a database server that is away. */
function storageProblem(error: unknown): Problem | null {
  const trouble = storageTrouble(error);
  if (trouble === 'away') return databaseAway;
  if (trouble === null || trouble === 'damaged') return null;
  return {
    type: 'about:blank',
    title: 'Storage failed',
    status: 507,
    detail: `The disk did not take it (${codeOf(error)}). Nothing of this request was stored. ${toDo[trouble]}`,
  };
}
