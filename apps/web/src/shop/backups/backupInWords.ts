import type { BackupContents } from '@lone-heron/contract';
import { figure } from '../../shared/figures/figures.js';

/** "130 coupons, 14 tests, 9 cards, 12 photos, 2 machines, 3 people": what a backup holds. */
export function holdsInWords({ counts }: Pick<BackupContents, 'counts'>): string {
  const nouns = ['coupons', 'tests', 'cards', 'photos', 'machines', 'people'] as const;
  return nouns.map((noun) => `${counts[noun]} ${noun}`).join(', ');
}

export function sizeInWords(bytes: number): string {
  const megabytes = bytes / 1024 / 1024;
  return megabytes < 1 ? `${figure(bytes / 1024, 0)} kB` : `${figure(megabytes, 1)} MB`;
}
