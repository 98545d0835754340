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

/**
 * Whether it is time for the next one: once a night, or as soon as the shop is open again where it was shut at night. One that
 * says it is of a time to come was made by a clock that was wrong, and keeps none from being made.
 *
 * @param madeAt of every backup, in any order
 */
export function isBackupDue(madeAt: readonly string[], now: Date): boolean {
  const ages = madeAt.map((each) => now.getTime() - Date.parse(each)).filter((age) => age >= 0);
  if (ages.length === 0) return true;
  const hours = Math.min(...ages) / (3600 * 1000);
  const isNight = now.getHours() >= 1 && now.getHours() < 5;
  return hours >= 24 || (isNight && hours >= 12);
}
