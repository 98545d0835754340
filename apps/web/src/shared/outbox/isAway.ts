/** Answered where the disk of the shop is full or cannot be written. */
const storageFailed = 507;

/** Whether a request failed for the time being: no answer, or a server that is not well. */
export function isAway(error: unknown): boolean {
  const { status } = error as { status?: unknown };
  if (status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR') return true;
  return typeof status === 'number' && status >= 500;
}

/** What hinders a server that takes nothing for the time being, in a sentence. */
export function whyItWaits(error: unknown): string {
  const { status } = error as { status?: unknown };
  if (status === storageFailed) return 'The shop’s disk takes nothing.';
  return typeof status === 'number' ? 'The server has a fault.' : 'The server is away.';
}

/** Whether the server wants somebody to sign in first. */
export function wantsSignIn(error: unknown): boolean {
  return (error as { status?: unknown }).status === 401;
}
