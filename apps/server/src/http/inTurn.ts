import type { NextFunction, Request, Response } from 'express';

/**
 * Calls begin one in each turn of the loop, in the order they came. The database answers at once, so that of calls that come
 * together all would be worked through before anything else is looked at: whoever asks meanwhile waits for them, and
 * then for all that came with theirs, twice as long as their turn takes.
 */
export function inTurn() {
  const waiting: NextFunction[] = [];
  const begin = (): void => {
    waiting.shift()?.();
    if (waiting.length > 0) setImmediate(begin);
  };
  return (_request: Request, _response: Response, next: NextFunction): void => {
    waiting.push(next);
    if (waiting.length === 1) setImmediate(begin);
  };
}
