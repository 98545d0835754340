import type { Store } from '@reduxjs/toolkit';
import type { z } from 'zod';
import { couponDraftStateSchema, type CouponDraftState } from './couponDraftSlice.js';
import { deskSchema, type Desk } from './deskSlice.js';

const deskKey = 'lone-heron.desk';
const draftKey = 'lone-heron.coupon-draft';

/** The parts of the store that outlive a reload. */
interface Remembered {
  desk: Desk;
  couponDraft: { open: CouponDraftState | null };
}

/**
 * What this browser kept: the theme and the joint for every tab, a half-typed coupon for this tab.
 * Anything unreadable, as from another version, is left out.
 */
export function readFromBrowser(): Partial<Remembered> {
  const desk = read(localStorage, deskKey, deskSchema);
  const open = read(sessionStorage, draftKey, couponDraftStateSchema);
  return { ...(desk === null ? {} : { desk }), couponDraft: { open } };
}

/** Writes the parts down as they change. */
export function keepInBrowser(store: Store<Remembered>): void {
  let last = store.getState();
  store.subscribe(() => {
    const next = store.getState();
    if (next.desk !== last.desk) write(localStorage, deskKey, next.desk);
    if (next.couponDraft !== last.couponDraft) write(sessionStorage, draftKey, next.couponDraft.open);
    last = next;
  });
}

function read<Kept>(storage: Storage, key: string, schema: z.ZodType<Kept>): Kept | null {
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
