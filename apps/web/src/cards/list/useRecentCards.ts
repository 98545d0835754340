import type { Card } from '@lone-heron/contract';
import { z } from 'zod';
import { readKept } from '../../shared/memory/browserMemory.js';

const key = 'lone-heron.recent-cards';
const mostRecent = 4;
const recentSchema = z.array(z.string()).max(mostRecent);

/** Cards that this desk looked at last, newest first; retired ones are left out. */
export function useRecentCards(cards: readonly Card[]): readonly Card[] {
  const ids = readKept(localStorage, key, recentSchema) ?? [];
  return ids.flatMap((id) => cards.find((card) => card.id === id && card.retiredAt === null) ?? []);
}

/** Remembers that a card was looked at. */
export function rememberCard(id: string): void {
  const before = readKept(localStorage, key, recentSchema) ?? [];
  try {
    localStorage.setItem(
      key,
      JSON.stringify([id, ...before.filter((each) => each !== id)].slice(0, mostRecent)),
    );
  } catch {
    // A full or forbidden storage costs only the list of what was looked at.
  }
}
