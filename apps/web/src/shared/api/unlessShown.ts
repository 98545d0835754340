/** What a query's hook answers, as far as a page goes by it. */
interface Asked<Data> {
  readonly data?: Data | undefined;
  /** Of what is asked now, not of what was asked before. */
  readonly currentData?: Data | undefined;
  readonly error?: unknown;
  readonly refetch: () => unknown;
}

/**
 * A query that failed only where nothing of what it asks is on the screen yet. A page that was there stays there, with
 * what is typed on it: a save that fails asks everything anew, and with the server away that fails as well.
 */
export function unlessShown<Data>({ data, currentData, error, refetch }: Asked<Data>) {
  return { data, currentData, refetch, error: currentData === undefined ? error : undefined };
}
