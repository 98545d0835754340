import { z } from 'zod';

/** What a backup is sent as; nothing reads it but where one is put in place. */
export const backupFileType = 'application/vnd.lone-heron.backup+zip';

/** Largest backup that is taken in at the page, bytes; a larger one is restored at the machine itself. */
export const largestBackup = 8 * 1024 ** 3;

/** A restore that was decided on: the shop is away for a moment and comes back as the backup has it. */
export const restoreBegunSchema = z.strictObject({
  /** Folder in the data folder that keeps what was there before. */
  aside: z.string(),
});
export type RestoreBegun = z.infer<typeof restoreBegunSchema>;
