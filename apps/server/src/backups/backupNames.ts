/** Names inside a backup. A photo lies under its hash; where they lie beside it, the list says which. */
export const backupNames = {
  contents: 'backup.json',
  database: 'heron.sqlite',
  photos: 'photos/',
  photoList: 'photos.json',
} as const;
