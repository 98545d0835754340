import {
  backupContentsSchema,
  backupFileType,
  backupSentSchema,
  backupSchema,
  backupsSchema,
  restoreBegunSchema,
  type Backup,
  type BackupContents,
  type BackupSent,
  type Backups,
  type RestoreBegun,
} from '@lone-heron/contract';
import { heronApi, ownHeaders } from '../../shared/api/heronApi.js';

/** A shop with thousands of photos takes a while to copy and to look through, ms. */
const backupTimeout = 600_000;

/** A backup that is kept here, or a file from elsewhere. */
export type RestoreSource = { readonly backup: Backup } | { readonly file: File };

const backupApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    backups: build.query<Backups, undefined>({
      query: () => 'backups',
      responseSchema: backupsSchema,
      providesTags: ['Backup'],
    }),
    makeBackup: build.mutation<Backup, string>({
      query: (id) => ({ url: `backups/${id}`, method: 'PUT', timeout: backupTimeout }),
      responseSchema: backupSchema,
      invalidatesTags: ['Backup', 'Change'],
    }),
    lookAtBackup: build.mutation<BackupSent, RestoreSource & { id: string }>({
      query: ({ id, ...source }) =>
        'backup' in source
          ? { url: `restores/${id}/of/${source.backup.id}`, method: 'PUT', timeout: backupTimeout }
          : {
              url: `restores/${id}/file`,
              method: 'PUT',
              headers: { ...ownHeaders, 'Content-Type': backupFileType },
              body: source.file,
              timeout: backupTimeout,
            },
      // One that is kept here lies open.
      transformResponse: (answer, _, source) =>
        ('backup' in source ? { is: 'open', contents: answer } : answer) as BackupSent,
      responseSchema: backupSentSchema,
    }),
    openBackup: build.mutation<BackupContents, { id: string; passphrase: string }>({
      query: ({ id, passphrase }) => ({
        url: `restores/${id}/opened`,
        method: 'PUT',
        body: { passphrase },
        timeout: backupTimeout,
      }),
      responseSchema: backupContentsSchema,
    }),
    beginRestore: build.mutation<RestoreBegun, { id: string; pin: string }>({
      query: ({ id, pin }) => ({
        url: `restores/${id}/begun`,
        method: 'PUT',
        body: { pin },
        timeout: backupTimeout,
      }),
      responseSchema: restoreBegunSchema,
    }),
  }),
});

export const {
  useBackupsQuery,
  useMakeBackupMutation,
  useLookAtBackupMutation,
  useOpenBackupMutation,
  useBeginRestoreMutation,
} = backupApi;
