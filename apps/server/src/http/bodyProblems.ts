import type { NextFunction, Request, Response } from 'express';
import { problemFor } from './problemFilter.js';
import { sendProblem } from './sendProblem.js';

/** Largest body that is read, other than a file. */
export const bodyLimit = '256kb';
/** No record of ours is nested a quarter as deep; what reads it calls itself once a level. */
const deepestJson = 100;

/**
 * Express's error handler before the routes: tells what is wrong with a request at once, for behind it the interface answers
 * every path it knows nothing of.
 */
export function tellEarlyProblems(
  error: unknown,
  _request: Request,
  response: Response,
  next: NextFunction,
): void {
  if (response.headersSent) next(error);
  else sendProblem(response, bodyProblem(error) ?? problemFor(error));
}

/** Looks at JSON before it is read. @throws an error of the body parser's kind for one that is nested too deep */
export function requireShallow(_request: unknown, _response: unknown, bytes: Buffer): void {
  if (depthOf(bytes) > deepestJson)
    throw Object.assign(new Error(`it is nested more than ${deepestJson} deep`), { status: 400 });
}

const signs = { quote: 0x22, backslash: 0x5c, open: [0x5b, 0x7b], close: [0x5d, 0x7d] };

function depthOf(bytes: Buffer): number {
  let depth = 0;
  let deepest = 0;
  let isText = false;
  for (let i = 0; i < bytes.length; i++) {
    const byte = bytes[i] ?? 0;
    if (isText && byte === signs.backslash) i++;
    else if (byte === signs.quote) isText = !isText;
    else if (!isText && signs.open.includes(byte)) deepest = Math.max(deepest, ++depth);
    else if (!isText && signs.close.includes(byte)) depth--;
  }
  return deepest;
}

function bodyProblem(error: unknown) {
  const { type, message, limit } = error as { type?: unknown; message?: string; limit?: number };
  if (type === 'entity.parse.failed' || type === 'entity.verify.failed') {
    return {
      type: 'about:blank',
      title: 'Broken JSON',
      status: 400,
      detail: `The body is not JSON that can be read${whereOf(message)}.`,
      errors: [{ field: '', given: 'text that is not JSON', allowed: 'a JSON object' }],
    };
  }
  if (type === 'entity.too.large') {
    return {
      type: 'about:blank',
      title: 'Too large',
      status: 413,
      detail: `The body is larger than ${sizeInWords(limit)}, the most that is read here.`,
      errors: [{ field: '', given: 'a larger body', allowed: `up to ${sizeInWords(limit)}` }],
    };
  }
  return null;
}

/** What the reader says of it may hold a piece of the text, and with it a PIN: only where, and how deep, is told. */
function whereOf(message = ''): string {
  const at = /position (\d+)/.exec(message)?.[1];
  const deep = /^it is nested/.test(message) ? `: ${message}` : '';
  return at === undefined ? deep : ` (at character ${Number(at) + 1})`;
}

function sizeInWords(bytes: number | undefined): string {
  if (bytes === undefined) return bodyLimit;
  return bytes < 1024 * 1024 ? `${Math.round(bytes / 1024)}kb` : `${Math.round(bytes / 1024 / 1024)} MB`;
}
