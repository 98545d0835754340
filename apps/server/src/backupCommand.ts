import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { v7 as uuid } from 'uuid';
import { BrokenBackup } from './backups/BrokenBackup.js';
import { checkBackup } from './backups/checkBackup.js';
import { contentsInWords } from './backups/contentsInWords.js';
import { fileStamp } from './backups/fileStamp.js';
import { restoreBackup } from './backups/restoreBackup.js';
import { writeBackup } from './backups/writeBackup.js';
import { openDataFolder } from './start/dataFolder.js';
import { readSettings } from './start/settings.js';
import { StartFault } from './start/StartFault.js';

/** ./heron backup [FILE] and ./heron restore FILE [--yes]. */
async function run([command, ...rest]: readonly string[]): Promise<void> {
  process.umask(0o077);
  const { dataFolder } = readSettings(process.env);
  const [file] = rest.filter((word) => !word.startsWith('--'));
  if (command === 'backup') return backup(dataFolder, file);
  if (command !== 'restore' || file === undefined)
    throw new StartFault('restore takes the file of a backup.');
  return restore(dataFolder, resolve(file), rest.includes('--yes'));
}

async function backup(dataFolder: string, file: string | undefined): Promise<void> {
  const databaseFile = join(dataFolder, 'heron.sqlite');
  if (!existsSync(databaseFile)) throw new StartFault(`There is no shop in ${dataFolder} to back up.`);
  const now = new Date();
  const usual = join(dataFolder, 'backups', `heron-${fileStamp(now)}.zip`);
  const target = file === undefined ? usual : resolve(file);
  if (existsSync(target)) throw new StartFault(`${target} is there already; nothing is overwritten.`);
  const contents = await writeBackup({ id: uuid(), databaseFile, target, now });
  console.log(`${target} holds ${contentsInWords(contents)}. It was opened and looked through.`);
}

async function restore(dataFolder: string, file: string, isSure: boolean): Promise<void> {
  if (!existsSync(file)) throw new StartFault(`There is no file ${file}.`);
  const contents = await checkBackup(file);
  console.log(`Made ${contents.madeAt}. It holds ${contentsInWords(contents)}, and is whole.`);
  if (!isSure && !(await isAgreed(dataFolder))) {
    console.log('Nothing was changed.');
    return;
  }
  openDataFolder(dataFolder);
  const aside = await restoreBackup(file, dataFolder, new Date());
  console.log(`Restored into ${dataFolder}.`);
  if (aside !== null) console.log(`What was there before is kept in ${aside}.`);
}

async function isAgreed(dataFolder: string): Promise<boolean> {
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  // Where nobody can type, the input ends without an answer, which is no yes.
  const noAnswer = once(ask, 'close').then(() => '');
  const question = `Put it in the place of what ${dataFolder} holds? Type yes: `;
  const answer = await Promise.race([ask.question(question), noAnswer]);
  ask.close();
  return answer.trim().toLowerCase() === 'yes';
}

run(process.argv.slice(2)).catch((error: unknown) => {
  const isTold = error instanceof StartFault || error instanceof BrokenBackup;
  console.error(isTold ? `heron: ${error.message}` : error);
  process.exit(1);
});
