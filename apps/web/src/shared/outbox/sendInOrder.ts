import type { OutboxItem } from './outboxStore.js';

/** How a try to send ended. */
export type SendEnd =
  | { readonly kind: 'taken' }
  /** The server does not answer, or wants somebody to sign in: later, with all that follows. */
  | { readonly kind: 'later' }
  /** The server has looked at it and says no. */
  | { readonly kind: 'refused'; readonly why: string };

interface Post {
  readonly send: (item: OutboxItem) => Promise<SendEnd>;
  readonly forget: (id: string) => Promise<void>;
  readonly keepRefusal: (id: string, why: string) => Promise<void>;
  readonly keepHeldUp: (id: string) => Promise<void>;
}

/**
 * Sends what waits, in order, in the name of the person at this desk alone: somebody else's waits until they sign in.
 * What was refused stays where it is, and so do the photos of a coupon that did not arrive.
 *
 * @returns what was taken
 */
export async function sendInOrder(
  items: readonly OutboxItem[],
  personId: string | null,
  { send, forget, keepRefusal, keepHeldUp }: Post,
): Promise<readonly OutboxItem[]> {
  const taken: OutboxItem[] = [];
  const heldBack = new Set<string>();
  for (const item of items) {
    const isPhotoOfHeldBack = item.kind === 'photo' && heldBack.has(item.couponId);
    if (item.personId !== personId || item.refused !== null || isPhotoOfHeldBack) {
      heldBack.add(item.id);
      continue;
    }
    const end = await send(item);
    if (end.kind === 'later') {
      await keepHeldUp(item.id);
      break;
    }
    if (end.kind === 'refused') {
      await keepRefusal(item.id, end.why);
      heldBack.add(item.id);
    } else {
      await forget(item.id);
      taken.push(item);
    }
  }
  return taken;
}
