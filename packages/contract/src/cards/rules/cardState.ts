import type { Card, CardState, CardVersion } from '../card.js';

/** The version a card was last changed to, signed or not. */
export function newestVersion({ versions }: Card): CardVersion {
  return versions[0] as CardVersion;
}

/** The version that is welded by: the newest that was signed; null before any was. */
export function versionInForce({ versions }: Card): CardVersion | null {
  return versions.find(({ signedAt }) => signedAt !== null) ?? null;
}

/** Whether everything the level asks was met by tests. A level that asks nothing proves nothing. */
export function isProven({ verdicts }: Pick<CardVersion, 'verdicts'>): boolean {
  return verdicts.length > 0 && verdicts.every(({ verdict }) => verdict === 'met');
}

/** How far a card is, by its newest version. */
export function cardState(card: Card): CardState {
  if (card.retiredAt !== null) return 'retired';
  const newest = newestVersion(card);
  if (newest.signedAt !== null) return 'signed';
  return isProven(newest) ? 'proven' : 'draft';
}
