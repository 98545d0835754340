/**
 * What was sent as the database gives it back: half a letter becomes the sign for an unreadable one, and minus nothing becomes
 * nothing. Else a save that is sent again would differ from itself.
 */
export function asStored(sent: unknown): unknown {
  if (typeof sent === 'string') return wellFormed(sent);
  if (sent === 0) return 0;
  if (Array.isArray(sent)) return sent.map(asStored);
  if (typeof sent !== 'object' || sent === null || Buffer.isBuffer(sent)) return sent;
  return Object.fromEntries(Object.entries(sent).map(([key, value]) => [key, asStored(value)]));
}

const unreadable = '\ufffd';

/** Halves of a letter that stand alone become U+FFFD. */
function wellFormed(text: string): string {
  return text.replace(/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g, unreadable);
}
