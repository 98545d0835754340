/** Names inside a backup. A photo lies under its hash. */
export const backupNames = { contents: 'backup.json', database: 'heron.sqlite', photos: 'photos/' } as const;
