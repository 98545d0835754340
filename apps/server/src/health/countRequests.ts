import type { NextFunction, Request, Response } from 'express';
import { routeOf } from '../logging/logRequests.js';
import type { Measures } from './measures.js';

/** Counts each request with how long it took, by the pattern of its route. */
export function countRequests(measures: Measures) {
  return (request: Request, response: Response, next: NextFunction): void => {
    const began = performance.now();
    response.once('finish', () => {
      const seconds = (performance.now() - began) / 1000;
      measures.answered(request.method, routeOf(request), response.statusCode, seconds);
    });
    next();
  };
}
