/** Whether a request failed for the time being: no answer, or a server that is not well. */
export function isAway(error: unknown): boolean {
  const { status } = error as { status?: unknown };
  if (status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR') return true;
  return typeof status === 'number' && status >= 500;
}

/** Whether the server wants somebody to sign in first. */
export function wantsSignIn(error: unknown): boolean {
  return (error as { status?: unknown }).status === 401;
}
