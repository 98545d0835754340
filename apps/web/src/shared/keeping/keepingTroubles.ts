import type { Keeping } from '@lone-heron/contract';
import { differenceInDays, format, formatDistanceStrict } from 'date-fns';

/** Nights that may pass without a backup, as over a weekend with the machine off, days. */
const longestWithout = 4;

/** What is wrong with how the shop is kept, each in a sentence with what to do; nothing where all is well. */
export function keepingTroubles(keeping: Keeping, now: Date): readonly string[] {
  const { backup, photos, disk, entryToCome, lostSaves } = keeping;
  return [
    keeping.isReadOnly
      ? 'Nothing can be saved: the disk of the shop takes nothing, and this is a copy of it. Copy its folder to another disk and start from there.'
      : null,
    backup.failure === null ? null : `The last backup was not made: ${sentence(backup.failure)}`,
    ...[backup.failure === null ? overdue(backup.newestAt, now) : null],
    backup.secondFailure === null
      ? null
      : `The newest backup lies on this disk alone: ${sentence(backup.secondFailure)}`,
    photos.lost === 0
      ? null
      : `${photos.lost === 1 ? 'One photo is' : `${photos.lost} photos are`} gone or damaged. An older backup may have ${photos.lost === 1 ? 'it' : 'them'}.`,
    disk.isLow
      ? `The disk has ${Math.round(disk.freeBytes / 1024 ** 2)} MB left: make room before it is full.`
      : null,
    entryToCome === null
      ? null
      : `The shop’s clock was set back: its last entry is of a time ${formatDistanceStrict(now, new Date(entryToCome))} from now. Set the clock of its machine.`,
    lostSaves === null ? null : missingSaves(lostSaves),
  ].filter((trouble) => trouble !== null);
}

function missingSaves({ missing, lastAt }: NonNullable<Keeping['lostSaves']>): string {
  const saves =
    missing === 1 ? 'One save that was acknowledged is' : `${missing} saves that were acknowledged are`;
  return `${saves} in the database no more, the last of them of ${format(new Date(lastAt), 'd MMM HH:mm')}. Look whether what was logged then is there; a backup may have it.`;
}

function overdue(newestAt: string | null, now: Date): string | null {
  if (newestAt === null) return null;
  const days = differenceInDays(now, new Date(newestAt));
  return days < longestWithout ? null : `The last backup is ${days} days old.`;
}

/** What a server says of a failure, with the sign that ends a sentence. */
export const sentence = (text: string): string => (/[.?]$/.test(text) ? text : `${text}.`);
