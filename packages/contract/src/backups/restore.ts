import { z } from 'zod';
import { backupContentsSchema } from './backup.js';

/** What a backup is sent as; nothing reads it but where one is put in place. */
export const backupFileType = 'application/vnd.lone-heron.backup+zip';

/** What came in from elsewhere: a backup that was looked through, or one that wants its passphrase first. */
export const backupSentSchema = z.discriminatedUnion('is', [
  z.strictObject({ is: z.literal('open'), contents: backupContentsSchema }),
  z.strictObject({ is: z.literal('sealed') }),
]);
export type BackupSent = z.infer<typeof backupSentSchema>;

/** What a backup was encrypted with. */
export const passphraseSchema = z.strictObject(
  { passphrase: z.string().min(1).max(1000) },
  { error: 'the passphrase it was encrypted with' },
);
export type Passphrase = z.infer<typeof passphraseSchema>;

/** Largest backup that is taken in at the page, bytes; a larger one is restored at the machine itself. */
export const largestBackup = 8 * 1024 ** 3;

/** A restore that was decided on: the shop is away for a moment and comes back as the backup has it. */
export const restoreBegunSchema = z.strictObject({
  /** Folder in the data folder that keeps what was there before. */
  aside: z.string(),
});
export type RestoreBegun = z.infer<typeof restoreBegunSchema>;
