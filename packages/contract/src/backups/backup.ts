import { z } from 'zod';
import { clientId, moment } from '../wire/bounded.js';

/** What a backup says it is. */
export const backupFormat = 'lone-heron-backup';
export const backupVersion = 1;

/** How many backups are kept at least and at most, and how old the rest may be. */
export const backupsKept = { least: 3, most: 14, oldestDays: 60 } as const;

const count = z.int().nonnegative();

/** What lies in a backup, written into it when it is made. */
export const backupContentsSchema = z.strictObject({
  format: z.literal(backupFormat),
  version: z.literal(backupVersion),
  /** The backup's own id, by which a repeated order is the same backup. */
  id: clientId,
  madeAt: moment,
  /** The newest migration of the database: a version that does not know it cannot open it. */
  newestMigration: z.string(),
  counts: z.strictObject({
    people: count,
    machines: count,
    coupons: count,
    tests: count,
    cards: count,
    photos: count,
  }),
  /** Hashes of photos that the shop names and that were gone or damaged when it was made; the rest is in it. */
  lostPhotos: z.array(z.string()),
});
/** As it is read from a backup: those of before could lack no photo. */
export const writtenContentsSchema = backupContentsSchema.extend({
  lostPhotos: z.array(z.string()).default([]),
});
export type BackupContents = z.infer<typeof backupContentsSchema>;

/** A backup in its folder, after it was opened and looked through. */
export const backupSchema = z.strictObject({
  ...backupContentsSchema.shape,
  /** Name of its file in the folder of the backups. */
  file: z.string(),
  bytes: count,
});
export type Backup = z.infer<typeof backupSchema>;

/** The backups that are kept, newest first, and where. */
export const backupsSchema = z.strictObject({ folder: z.string(), backups: z.array(backupSchema) });
export type Backups = z.infer<typeof backupsSchema>;
