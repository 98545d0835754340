import type { NextFunction, Request, Response } from 'express';
import { ProblemException } from './problem.js';

/** Largest body that is read, other than a photo. */
export const bodyLimit = '256kb';

/** Express's error handler behind the body parser: tells broken JSON and bodies that are too large as problems. */
export function tellBodyProblems(
  error: unknown,
  _request: Request,
  _response: Response,
  next: NextFunction,
): void {
  next(bodyProblem(error) ?? error);
}

function bodyProblem(error: unknown): ProblemException | null {
  const { type, message, limit } = error as { type?: unknown; message?: string; limit?: number };
  if (type === 'entity.parse.failed') {
    return new ProblemException({
      type: 'about:blank',
      title: 'Broken JSON',
      status: 400,
      detail: `The body is not JSON: ${message ?? ''}.`,
      errors: [{ field: '', given: 'text that is not JSON', allowed: 'a JSON object' }],
    });
  }
  if (type === 'entity.too.large') {
    return new ProblemException({
      type: 'about:blank',
      title: 'Too large',
      status: 413,
      detail: `The body is larger than ${sizeInWords(limit)}, the most that is read.`,
      errors: [{ field: '', given: 'a larger body', allowed: `up to ${sizeInWords(limit)}` }],
    });
  }
  return null;
}

function sizeInWords(bytes: number | undefined): string {
  if (bytes === undefined) return bodyLimit;
  return bytes < 1024 * 1024 ? `${Math.round(bytes / 1024)}kb` : `${Math.round(bytes / 1024 / 1024)} MB`;
}
