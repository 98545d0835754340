import { useMemo, useSyncExternalStore } from 'react';
import { shopNow } from './shopClock.js';

const minute = 60_000;
/** How often it is looked whether another minute has begun, ms: a tablet that slept is late by no more than this. */
const lookEvery = 10_000;

/**
 * Now by the shop's clock, for what a page says of days, ages and what is due: a page that is left open goes with the time.
 *
 * @returns the last moment of this minute, so that nothing that was stored just now lies after it; the same date all minute long
 */
export function useNow(): Date {
  const at = useSyncExternalStore(lookOften, minuteNow);
  return useMemo(() => new Date((at + 1) * minute - 1), [at]);
}

function minuteNow(): number {
  return Math.floor(shopNow().getTime() / minute);
}

/** Whoever shows now, all by one timer: a list of a thousand rows says the same minute at once. */
const looks = new Set<() => void>();
let looking: ReturnType<typeof setInterval> | undefined;

function lookOften(look: () => void): () => void {
  looks.add(look);
  looking ??= setInterval(() => looks.forEach((each) => each()), lookEvery);
  return () => {
    looks.delete(look);
    if (looks.size > 0) return;
    clearInterval(looking);
    looking = undefined;
  };
}
