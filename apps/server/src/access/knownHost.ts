import type { NextFunction, Request, Response } from 'express';
import { isIP } from 'node:net';
import { ProblemException } from '../http/problem.js';

const ownNames = ['127.0.0.1', 'localhost', '[::1]'];

/**
 * Answers no name but the shop's own: a site elsewhere whose name is made to point here would otherwise read along. On the
 * network that is any bare address, which no such site has, and the names that are given.
 *
 * @param names the shop goes by on the network, in small letters; null where it is served to this machine alone
 */
export function answerKnownNames(names: readonly string[] | null) {
  const known = [...ownNames, ...(names ?? [])];
  return (request: Request, _response: Response, next: NextFunction): void => {
    const host = (request.headers.host ?? '').toLowerCase().replace(/:\d+$/, '');
    const isAddress = isIP(host.replace(/^\[|\]$/g, '')) > 0;
    if (known.includes(host) || (names !== null && isAddress)) next();
    else next(unknownName(known));
  };
}

function unknownName(known: readonly string[]): ProblemException {
  return new ProblemException({
    type: 'about:blank',
    title: 'Unknown name',
    status: 421,
    detail: `This shop answers ${known.join(', ')}. Another name for it is given in HERON_NAMES when it is started.`,
  });
}
