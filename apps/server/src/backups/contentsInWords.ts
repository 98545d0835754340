import type { BackupContents } from '@lone-heron/contract';

/** "2 machines, 4 people, 121 coupons with 14 tests, 4 cards and 12 photos": what a backup holds, to tell shops apart by. */
export function contentsInWords({
  counts: { people, machines, coupons, tests, cards, photos },
}: BackupContents): string {
  return `${machines} machines, ${people} people, ${coupons} coupons with ${tests} tests, ${cards} cards and ${photos} photos`;
}
