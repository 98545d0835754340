import type { WorkboxPlugin } from 'workbox-core';
import { keptAtHeader } from '../shared/kept/keptAtHeader.js';
import { answersCache } from './whatIsKept.js';

/** A server that is not well is away: what was last known is better than a fault. */
export const unwellIsAway: WorkboxPlugin = {
  fetchDidSucceed: ({ response }) => {
    if (response.status >= 500) throw new Error(`the server answered ${response.status}`);
    return Promise.resolve(response);
  },
};

/**
 * Where reading is for the shop's own people, what was kept goes when nobody is signed in any more: on a shared tablet the
 * next one would read it.
 */
export const onlyForTheSignedIn: WorkboxPlugin = {
  fetchDidSucceed: async ({ request, response }) => {
    const isClosed = response.status === 401 || (await saysClosed(request, response));
    if (isClosed) await caches.delete(answersCache);
    return response;
  },
};

async function saysClosed({ url }: Request, response: Response): Promise<boolean> {
  if (!response.ok || new URL(url).pathname !== '/api/session') return false;
  const { isReadingClosed, person } = (await response.clone().json()) as {
    isReadingClosed: boolean;
    person: unknown;
  };
  return isReadingClosed && person === null;
}

/** Says in a kept answer when it was given; one that comes from the server does not have that. */
export const stampWhenKept: WorkboxPlugin = {
  cacheWillUpdate: async ({ response }) => {
    if (response.status !== 200) return null;
    const headers = new Headers(response.headers);
    headers.set(keptAtHeader, new Date().toISOString());
    return new Response(await response.clone().blob(), { status: 200, headers });
  },
};
