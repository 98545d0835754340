/**
 * What was sent as the database gives it back: half a letter, and the sign of no letter that a database server takes in no text (U+0000),
 * become the sign for an unreadable one, and minus nothing becomes nothing. Else a save that is sent again would differ from itself.
 */
export function asStored(sent: unknown): unknown {
  if (typeof sent === 'string') return wellFormed(sent);
  if (sent === 0) return 0;
  if (Array.isArray(sent)) return sent.map(asStored);
  if (typeof sent !== 'object' || sent === null || Buffer.isBuffer(sent)) return sent;
  return Object.fromEntries(Object.entries(sent).map(([key, value]) => [key, asStored(value)]));
}

const unreadable = '\ufffd';

/** The same of a file's JSON. Only what is written as a number (`\\u0000`, `\\ud83d`) can be such a sign; most files have none. */
export function parsedAsStored(json: string): unknown {
  const parsed: unknown = JSON.parse(json);
  return json.includes('\\u') ? asStored(parsed) : parsed;
}

/** Halves of a letter that stand alone, and the sign of none, become U+FFFD. */
export function wellFormed(text: string): string {
  return text.replace(
    /\0|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g,
    unreadable,
  );
}
