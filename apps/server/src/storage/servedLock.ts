import type pg from 'pg';
import { StartFault } from '../start/StartFault.js';
import { connectedTo, schemaOf, shownAddress } from './postgres.js';

/** Servers that serve a shop share this lock of its database; whoever moves or replaces the whole of it has it alone. */
const keyOf = (url: string): string => `lone-heron served ${schemaOf(url)}`;

/** Takes part in serving, for as long as the connection lasts. @returns whether it may: nobody moves the shop meanwhile */
export async function takePartInServing(client: pg.Client, url: string): Promise<boolean> {
  return taken(client, 'SELECT pg_try_advisory_lock_shared(hashtext($1)) AS taken', url);
}

/**
 * Lets something be done with a shop in a server while nobody serves it, nor begins to.
 *
 * @throws StartFault where a server is at it
 */
export async function whileNobodyServes<Result>(url: string, act: () => Promise<Result>): Promise<Result> {
  const client = await connectedTo(url);
  try {
    if (!(await taken(client, 'SELECT pg_try_advisory_lock(hashtext($1)) AS taken', url)))
      throw new StartFault(
        `The shop in ${shownAddress(url)} is being served. Stop every server of it, then call this again.`,
      );
    return await act();
  } finally {
    await client.end();
  }
}

async function taken(client: pg.Client, statement: string, url: string): Promise<boolean> {
  const { rows } = await client.query<{ taken: boolean }>(statement, [keyOf(url)]);
  return rows[0]?.taken === true;
}
