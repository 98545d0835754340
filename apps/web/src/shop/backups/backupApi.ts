import { backupSchema, backupsSchema, type Backup, type Backups } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** A shop with thousands of photos takes a while to copy and to look through, ms. */
const backupTimeout = 600_000;

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
  }),
});

export const { useBackupsQuery, useMakeBackupMutation } = backupApi;
