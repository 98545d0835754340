import { join } from 'node:path';

/** Where a shop is kept. Plain data: threads are told of it. */
export interface ShopPlace {
  /** Folder of its backups and notes and, where nothing else is said, of its photos and rows. */
  readonly folder: string;
  /** Folder of its photos, or the bucket that they lie in: `s3://bucket/prefix?endpoint=https://store`. */
  readonly photos: string;
  /** PostgreSQL database that keeps its rows, as `postgres://user@host/name`; null where they lie in a file in the folder. */
  readonly url: string | null;
}

/** What is handed to whoever has to know where the shop is. */
export const shopPlace = Symbol('where the shop is kept');

/** A shop that lies in a folder as a whole. */
export const shopIn = (folder: string): ShopPlace => ({ folder, photos: join(folder, 'photos'), url: null });

/** The file that holds the rows of a shop that no server keeps. */
export const databaseFileIn = (folder: string): string => join(folder, 'heron.sqlite');
