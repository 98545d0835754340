import type { Store } from '@reduxjs/toolkit';
import type { z } from 'zod';
import type { CouponDraftSliceState } from './couponDraftSlice.js';
import { deskSchema, type Desk } from './deskSlice.js';

const deskKey = 'lone-heron.desk';
export const openLogKey = 'lone-heron.coupon-draft';

/** The parts of the store that outlive a reload. */
type Remembered = CouponDraftSliceState & { desk: Desk };

/**
 * What this browser kept for every tab: the theme and the joint. Anything unreadable, as from another version, is left
 * out. A half-typed coupon of this tab comes right behind the page.
 */
export function readFromBrowser(): { desk?: Desk } {
  const desk = readKept(localStorage, deskKey, deskSchema);
  return desk === null ? {} : { desk };
}

/** Writes the parts down as they change. */
export function keepInBrowser(store: Store<Remembered>): void {
  let last = store.getState();
  store.subscribe(() => {
    const next = store.getState();
    if (next.desk !== last.desk) write(localStorage, deskKey, next.desk);
    if (next.couponDraft !== last.couponDraft) write(sessionStorage, openLogKey, next.couponDraft.open);
    last = next;
  });
}

/** What a storage holds under a key; null where that is nothing, or cannot be understood. */
export function readKept<Kept>(storage: Storage, key: string, schema: z.ZodType<Kept>): Kept | null {
  try {
    return schema.safeParse(JSON.parse(storage.getItem(key) ?? 'null')).data ?? null;
  } catch {
    // Unreadable JSON is worth no more than nothing kept.
    return null;
  }
}

function write(storage: Storage, key: string, value: unknown): void {
  try {
    storage.setItem(key, JSON.stringify(value));
  } catch {
    // A full or forbidden storage costs only convenience: what matters is on the server or on the screen.
  }
}
