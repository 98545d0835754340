import type { BackupContents } from '@lone-heron/contract';

/** "2 machines, 4 people, 121 coupons with 14 tests, 4 cards and 12 photos": what a backup holds, to tell shops apart by. */
export function contentsInWords({
  counts: { people, machines, coupons, tests, cards, photos },
  lostPhotos,
}: BackupContents): string {
  const lost = lostPhotos.length === 0 ? '' : ` (${lostPhotos.length} of them were lost before it was made)`;
  return `${machines} machines, ${people} people, ${coupons} coupons with ${tests} tests, ${cards} cards and ${photos} photos${lost}`;
}
