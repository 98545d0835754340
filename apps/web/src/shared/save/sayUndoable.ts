import { toast, toastFailure } from '../say/toast.js';
import { problemOf } from '../api/problemOf.js';

/** What a mutation answers, as far as undoing goes. */
interface Answer {
  readonly error?: unknown;
}

/** How something is taken back, and what is said then. */
export interface WayBack {
  readonly undo: () => Promise<Answer>;
  /** Said once it is taken back; left out where the screen shows it. */
  readonly undone?: string;
  /** Said before the reason where it could not be: "Coupon 12 is still there." */
  readonly stays?: string;
}

/** Says what was done, with the way back. A way back that fails says so and why. */
export function sayUndoable(words: string, way: WayBack): void {
  toast(words, { action: { label: 'Undo', onClick: () => void takeBack(way) } });
}

async function takeBack({ undo, undone, stays }: WayBack): Promise<void> {
  const { error } = await undo();
  if (error !== undefined) sayFailed(error, stays);
  else if (undone !== undefined) toast(undone);
}

/** Says why something could not be done, after what is still so. */
export function sayFailed(error: unknown, stays?: string): void {
  toastFailure([stays, problemOf(error).message].filter((part) => part !== undefined).join(' '));
}
