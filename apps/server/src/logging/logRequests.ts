import { randomBytes } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

/** Header that a request's number is answered in. */
export const requestHeader = 'X-Request-Id';

/** The pattern of a route that was found, such as /api/people/:id/name; “other” where there was none. */
export function routeOf(request: IncomingMessage): string {
  const { route } = request as IncomingMessage & { route?: { path?: unknown } };
  return typeof route?.path === 'string' ? route.path : 'other';
}

/** Gives each request a number that is said back, and logs how it ended. */
export function logRequests(logger: Logger) {
  return pinoHttp({
    logger,
    genReqId: (_request: IncomingMessage, response: ServerResponse) => {
      const id = randomBytes(4).toString('hex');
      response.setHeader(requestHeader, id);
      return id;
    },
    customAttributeKeys: { reqId: 'request' },
    quietReqLogger: true,
    quietResLogger: true,
    // What went wrong was logged where it did.
    customLogLevel: () => 'info',
    customSuccessMessage: () => 'answered',
    customErrorMessage: () => 'answered',
    customSuccessObject: ended,
    customErrorObject: (request: IncomingMessage, response: ServerResponse, _error, value: Timed) =>
      ended(request, response, value),
  });
}

/** What pino-http knows of a request that ended. */
interface Timed {
  readonly responseTime: number;
}

/** The pattern of the route, for an address may hold a name, and nothing that was sent. */
function ended(request: IncomingMessage, response: ServerResponse, { responseTime }: Timed) {
  return {
    method: request.method,
    route: routeOf(request),
    status: response.statusCode,
    ms: Math.round(responseTime),
  };
}
