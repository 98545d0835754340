import type { Request } from 'express';

const reading: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Whether a request only asks. */
export function isReading({ method }: Pick<Request, 'method'>): boolean {
  return reading.has(method);
}
