import type {
  CouponDraft,
  PhotoSubject,
  ShopPhotoSubject,
  TrialDraft,
  WeldRunDraft,
} from '@lone-heron/contract';
import { createStore, del, entries, set, update } from 'idb-keyval';
import type { WaitingLine } from './outboxSlice.js';

/** Something that could not be sent yet, whole: it is the same save whenever it is sent. */
export type OutboxItem = WaitingLine &
  (
    | { readonly kind: 'coupon'; readonly draft: CouponDraft }
    | { readonly kind: 'run'; readonly draft: WeldRunDraft }
    | { readonly kind: 'trial'; readonly draft: TrialDraft }
    | {
        readonly kind: 'photo';
        readonly couponId: string;
        readonly subject: PhotoSubject;
        readonly picture: Blob;
      }
    | {
        readonly kind: 'shopPhoto';
        readonly machineId: string;
        readonly subject: ShopPhotoSubject;
        readonly picture: Blob;
      }
  );

const store = () => createStore('lone-heron', 'outbox');

/** Keeps something in this browser until the server takes it. */
export function keepForLater(item: OutboxItem): Promise<void> {
  return set(item.id, item, store());
}

export function forget(id: string): Promise<void> {
  return del(id, store());
}

/** What the server said against it, kept with it: nothing typed is lost. */
export function keepRefusal(id: string, refused: string | null): Promise<void> {
  return change(id, { refused });
}

/** That the server did not take it at once, kept with it: a reload in between forgets nothing. */
export function keepHeldUp(id: string): Promise<void> {
  return change(id, { isHeldUp: true });
}

function change(id: string, changes: Partial<Pick<WaitingLine, 'refused' | 'isHeldUp'>>): Promise<void> {
  return update<OutboxItem | undefined>(
    id,
    (item) => (item === undefined ? item : { ...item, ...changes }),
    store(),
  );
}

/** Everything that waits, in the order it was made: a coupon before its photos. */
export async function waitingItems(): Promise<OutboxItem[]> {
  const all = await entries<string, OutboxItem | undefined>(store());
  return all.flatMap(([, item]) => (item === undefined ? [] : [item])).toSorted((a, b) => a.at - b.at);
}
