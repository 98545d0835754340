import { patienceMs } from './screen.js';

const betweenLooks = 100;

/** Waits until something is so; fails where it never is. */
export async function waitFor(isSo: () => boolean): Promise<void> {
  const end = Date.now() + patienceMs;
  while (!isSo()) {
    if (Date.now() > end) throw new Error('What was waited for never came.');
    await new Promise((later) => setTimeout(later, betweenLooks));
  }
}
