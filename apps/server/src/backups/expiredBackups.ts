import { backupsKept } from '@lone-heron/contract';

const day = 24 * 3600 * 1000;

/**
 * Which backups have had their time: those past the number that is kept, and those past the age, but never the newest few.
 *
 * @param backups in any order
 * @param now ms since 1970
 */
export function expiredBackups<Kept extends { readonly madeAt: string }>(
  backups: readonly Kept[],
  now: number,
): readonly Kept[] {
  const newestFirst = backups.toSorted((one, other) => Date.parse(other.madeAt) - Date.parse(one.madeAt));
  return newestFirst.filter(
    ({ madeAt }, i) =>
      i >= backupsKept.most ||
      (i >= backupsKept.least && now - Date.parse(madeAt) > backupsKept.oldestDays * day),
  );
}

/** Whether it is time for the next one: once a night, or as soon as the shop is open again where it was shut at night. */
export function isBackupDue(newestMadeAt: string | null, now: Date): boolean {
  if (newestMadeAt === null) return true;
  const hours = (now.getTime() - Date.parse(newestMadeAt)) / (3600 * 1000);
  const isNight = now.getHours() >= 1 && now.getHours() < 5;
  return hours >= 24 || (isNight && hours >= 12);
}
