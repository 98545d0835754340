import { z } from 'zod';
import { clientId, moment } from '../wire/bounded.js';

/** What a backup says it is. */
export const backupFormat = 'lone-heron-backup';
/** Newest version that is read. One with its photos within is of version 1, one with them beside it of version 2. */
export const backupVersion = 2;

/** How many backups are kept at least and at most, and how old the rest may be. */
export const backupsKept = { least: 3, most: 14, oldestDays: 60 } as const;

const count = z.int().nonnegative();

/** What lies in a backup, written into it when it is made. */
export const backupContentsSchema = z.strictObject({
  format: z.literal(backupFormat),
  version: z.literal([1, backupVersion]),
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
  /** Whether its photos are in it, or in a folder beside it that the backups there share. */
  photosLie: z.enum(['within', 'beside']),
});
/** As it is read from a backup: those of before could lack no photo, and had them within. */
export const writtenContentsSchema = backupContentsSchema.extend({
  lostPhotos: z.array(z.string()).default([]),
  photosLie: backupContentsSchema.shape.photosLie.default('within'),
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
export const backupsSchema = z.strictObject({
  folder: z.string(),
  backups: z.array(backupSchema),
  /** Where they are copied to as well; null where nowhere. */
  second: z
    .strictObject({
      folder: z.string(),
      isEncrypted: z.boolean(),
      /** Why the newest is not there; null where it is. */
      failure: z.string().nullable(),
    })
    .nullable(),
});
export type Backups = z.infer<typeof backupsSchema>;
