/** SQLite takes 32,766 values in one statement; some are others than these. */
const most = 10_000;

/** Asks for many ids, so many at a time, each once. */
export async function inBatches<Row>(
  ids: Iterable<string>,
  find: (some: string[]) => Promise<readonly Row[]>,
): Promise<Row[]> {
  const all = [...new Set(ids)];
  const rows: Row[] = [];
  for (let from = 0; from < all.length; from += most)
    rows.push(...(await find(all.slice(from, from + most))));
  return rows;
}
