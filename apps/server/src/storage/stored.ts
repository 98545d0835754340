import type { EntityManager } from 'typeorm';
import { z } from 'zod';

/** What was stored. */
export interface Stored {
  readonly tables: readonly string[] | 'unknown';
  /** The page that asked for it; empty where none did. */
  readonly page: string;
}

/** Where processes that share a database tell each other. */
export const storedChannel = 'heron_stored';

const toldSchema = z.strictObject({
  from: z.uuid(),
  schema: z.string(),
  tables: z.string().array(),
  page: z.string(),
});

/**
 * Tells the other processes, once the transaction has ended well.
 *
 * @param me what this one calls itself among them
 */
export async function tellOthers(
  manager: EntityManager,
  me: string,
  { tables, page }: { readonly tables: readonly string[]; readonly page: string },
): Promise<void> {
  const said = JSON.stringify({ from: me, tables, page });
  await manager.query(
    "SELECT pg_notify($1, (jsonb_build_object('schema', current_schema()) || $2::jsonb)::text)",
    [storedChannel, said],
  );
}

/** What another process said; null for this one's own words, and for those about another shop in the same database. */
export function heardFrom(payload: string, me: string, schema: string): Stored | null {
  const told = toldSchema.parse(JSON.parse(payload));
  if (told.from === me || told.schema !== schema) return null;
  return { tables: told.tables, page: told.page };
}
