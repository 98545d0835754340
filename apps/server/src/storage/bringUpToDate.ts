import { DataSource } from 'typeorm';
import { StartFault } from '../start/StartFault.js';
import { fileOptions } from './database.js';
import { setAsideBeforeMigrating } from './setAside.js';
import { adviceFor, storageTrouble } from './storageFault.js';

/**
 * Brings a database to the shape of this version, all steps or none of them; what was there is copied first.
 *
 * @param file path of the database; nothing happens where there is none yet
 * @returns path of the copy of before; null where nothing had to be done
 * @throws StartFault for a database that this version cannot open, or that a step fails on: it is then as it was
 */
export async function bringUpToDate(file: string): Promise<string | null> {
  const copy = await setAsideBeforeMigrating(file);
  if (copy === null) return null;
  const source = new DataSource({
    ...fileOptions(file),
    migrationsRun: false,
    // What fails is told once, in one line.
    logger: 'debug',
  });
  try {
    await source.initialize();
    await source.runMigrations({ transaction: 'all' });
  } catch (error) {
    throw new StartFault(cannotBeMigrated(file, copy, error));
  } finally {
    if (source.isInitialized) await source.destroy();
  }
  return copy;
}

function cannotBeMigrated(file: string, copy: string, error: unknown): string {
  const trouble = storageTrouble(error);
  const why = (error as Error).message.split('\n')[0];
  const advice = trouble === null ? 'Start the version that it was served by until now.' : adviceFor(trouble);
  return `The database ${file} could not be brought up to date (${why}). It is as it was, and a copy of it is ${copy}. ${advice}`;
}
