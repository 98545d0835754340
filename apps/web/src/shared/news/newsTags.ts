import type { NewsKind } from '@lone-heron/contract';
import type { everything } from '../api/heronApi.js';

type Tag = (typeof everything)[number];

/** What is asked for anew where something of a kind was stored: itself, and what is worked out from it. */
export const newsTags: Readonly<Record<NewsKind, readonly Tag[]>> = {
  backup: ['Backup'],
  card: ['Card'],
  change: ['Change'],
  clearance: ['Record'],
  coupon: ['Coupon', 'Window', 'Upkeep'],
  couponTest: ['Test', 'Coupon'],
  day: ['Day'],
  house: ['House', 'Window'],
  job: ['Job'],
  ladder: ['Ladder'],
  light: ['Light', 'Window', 'Upkeep'],
  live: ['Live'],
  machine: ['Machine', 'Upkeep'],
  part: ['Part', 'Stock', 'Upkeep'],
  person: ['Person', 'Session', 'House'],
  photo: ['Photo'],
  procedure: ['Procedure'],
  record: ['Record', 'Upkeep', 'Window'],
  slot: ['Slot'],
  stock: ['Stock'],
  supply: ['Record'],
  trial: ['Coupon', 'Window', 'Upkeep'],
  unseen: [],
  upkeep: ['Upkeep'],
  weld: ['Job', 'Window', 'Upkeep'],
  window: ['Window', 'Stock', 'Upkeep'],
  workshop: ['Workshop'],
};
