import { useSyncExternalStore } from 'react';

let isOpen = false;
const watching = new Set<() => void>();

/** Says whether the server tells by itself what was stored. */
export function tellNewsOpen(now: boolean): void {
  if (now === isOpen) return;
  isOpen = now;
  for (const look of watching) look();
}

function watch(look: () => void): () => void {
  watching.add(look);
  return () => watching.delete(look);
}

/**
 * How often to ask for what others change, ms: not at all while the server tells by itself.
 *
 * @param ms where it does not
 */
export function useAskEvery(ms: number): number {
  return useSyncExternalStore(watch, () => isOpen) ? 0 : ms;
}
