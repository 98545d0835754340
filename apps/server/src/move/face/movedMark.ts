import { writeFileSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import pg from 'pg';
import { z } from 'zod';
import { StartFault } from '../../start/StartFault.js';
import { connectedTo, schemaOf, shownAddress } from '../../storage/postgres.js';
import { readJsonFile } from '../../storage/readJsonFile.js';
import type { ShopPlace } from '../../storage/ShopPlace.js';

const markFile = 'moved.json';

/** Where the rows of a shop went, so that nobody goes on with those that were left behind. */
const movedSchema = z.strictObject({
  format: z.literal('lone-heron-moved'),
  /** Shown address or folder. */
  to: z.string(),
  at: z.iso.datetime(),
});
type Moved = z.infer<typeof movedSchema>;

/** Says where the rows that lie here went; they themselves stay as they are. */
export async function markMoved(from: ShopPlace, to: ShopPlace, now: Date): Promise<void> {
  const moved: Moved = {
    format: 'lone-heron-moved',
    to: to.url === null ? to.folder : shownAddress(to.url),
    at: now.toISOString(),
  };
  if (from.url === null) writeFileSync(join(from.folder, markFile), JSON.stringify(moved));
  else
    await withSchema(from.url, (client, schema) =>
      client.query(`COMMENT ON SCHEMA ${schema} IS ${pg.escapeLiteral(JSON.stringify(moved))}`),
    );
}

/** The rows are in the folder's file again. */
export const unmarkMoved = (folder: string): Promise<void> => rm(join(folder, markFile));

/** Whether the rows in a folder's file went elsewhere. */
export function movedFromFile(folder: string): Moved | null {
  return readJsonFile(join(folder, markFile), movedSchema);
}

/** @throws StartFault where the rows of a place went elsewhere */
export async function requireNotMoved({ folder, url }: ShopPlace): Promise<void> {
  if (url === null) {
    const moved = movedFromFile(folder);
    if (moved !== null)
      throw new StartFault(
        `${goneInWords(moved, folder)} To go on with what it holds all the same, delete ${join(folder, markFile)}.`,
      );
    return;
  }
  const comment = await withSchema(url, async (client) => {
    const { rows } = await client.query<{ comment: string | null }>(
      "SELECT obj_description(oid, 'pg_namespace') AS comment FROM pg_namespace WHERE nspname = $1",
      [schemaOf(url)],
    );
    return rows[0]?.comment ?? null;
  });
  const moved = movedSchema.safeParse(parsed(comment));
  if (moved.success)
    throw new StartFault(
      `${goneInWords(moved.data, shownAddress(url))} To go on with what it holds all the same: COMMENT ON SCHEMA ${schemaOf(url)} IS NULL.`,
    );
}

function parsed(text: string | null): unknown {
  try {
    return text === null ? null : JSON.parse(text);
  } catch {
    return null;
  }
}

const goneInWords = ({ to, at }: Moved, from: string): string =>
  `The shop in ${from} was moved to ${to} at ${at}: serve it from there.`;

async function withSchema<Result>(
  url: string,
  act: (client: pg.Client, schema: string) => Promise<Result>,
): Promise<Result> {
  const client = await connectedTo(url);
  try {
    return await act(client, pg.escapeIdentifier(schemaOf(url)));
  } finally {
    await client.end();
  }
}
