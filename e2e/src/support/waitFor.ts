import { patienceMs } from './screen.js';

const betweenLooks = 100;

/** Waits until something is so; fails where it never is. */
export async function waitFor(isSo: () => boolean): Promise<void> {
  await waitUntil(() => Promise.resolve(isSo()), Boolean);
}

/**
 * Looks at something until it is as it should be.
 *
 * @returns what it is then
 * @throws Error with what it stays as
 */
export async function waitUntil<Seen>(
  look: () => Promise<Seen>,
  isSo: (seen: Seen) => boolean,
): Promise<Seen> {
  for (const end = Date.now() + patienceMs; ;) {
    const seen = await look();
    if (isSo(seen)) return seen;
    if (Date.now() > end)
      throw new Error(`What was waited for never came; it stays ${JSON.stringify(seen).slice(0, 900)}`);
    await new Promise((later) => setTimeout(later, betweenLooks));
  }
}
