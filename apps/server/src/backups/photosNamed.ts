import type Database from 'better-sqlite3';

/** Tables that name photos; a database of an older version may lack some. */
const photoTables = ['photo', 'shop_photo'] as const;

/** The hashes of all photos that a database names, each once. */
export function photosNamed(database: Database.Database): readonly string[] {
  const has = database.prepare("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?");
  const hashes = photoTables
    .filter((table) => has.get(table) !== undefined)
    .flatMap((table) => database.prepare(`SELECT DISTINCT hash FROM ${table}`).all() as { hash: string }[]);
  return [...new Set(hashes.map(({ hash }) => hash))];
}
