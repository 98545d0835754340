import type { BackupContents } from '@lone-heron/contract';
import { once } from 'node:events';
import { createReadStream, existsSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { v7 as uuid } from 'uuid';
import { ageEnding, openSealed, readPassphrase, sealOf, writeSealed } from './backups/ageFile.js';
import { checkBackup } from './backups/checkBackup.js';
import { contentsInWords } from './backups/contentsInWords.js';
import { fileStamp } from './backups/fileStamp.js';
import { restoreBackup } from './backups/restoreBackup.js';
import { writeBackup, type BackupOrder } from './backups/writeBackup.js';
import { openDataFolder } from './start/dataFolder.js';
import { readSettings } from './start/settings.js';
import { StartFault } from './start/StartFault.js';
import { endInWords } from './start/endInWords.js';

/** ./heron backup [FILE] and ./heron restore FILE [--yes]. */
async function run([command, ...rest]: readonly string[]): Promise<void> {
  process.umask(0o077);
  const { dataFolder, passphraseFile } = readSettings(process.env);
  const [file] = rest.filter((word) => !word.startsWith('--'));
  if (command === 'backup') return backup(dataFolder, file, passphraseFile);
  if (command !== 'restore' || file === undefined)
    throw new StartFault('restore takes the file of a backup.');
  return opened(resolve(file), passphraseFile, (plain) => restore(dataFolder, plain, rest.includes('--yes')));
}

async function backup(
  dataFolder: string,
  file: string | undefined,
  passphraseFile: string | null,
): Promise<void> {
  const databaseFile = join(dataFolder, 'heron.sqlite');
  if (!existsSync(databaseFile)) throw new StartFault(`There is no shop in ${dataFolder} to back up.`);
  const now = new Date();
  const usual = join(dataFolder, 'backups', `heron-${fileStamp(now)}.zip`);
  const target = file === undefined ? usual : resolve(file);
  if (existsSync(target)) throw new StartFault(`${target} is there already; nothing is overwritten.`);
  const photosLie = file === undefined ? 'beside' : 'within';
  const order = { id: uuid(), databaseFile, target, now, photosLie } as const;
  const contents = target.endsWith(ageEnding)
    ? await sealed(order, passphraseFrom(passphraseFile, target))
    : await writeBackup(order);
  console.log(`${target} holds ${contentsInWords(contents)}. It was opened and looked through.`);
}

/** Writes an encrypted backup; the open one lies in a folder for this alone meanwhile. */
function sealed(order: BackupOrder, passphrase: string): Promise<BackupContents> {
  return inFolder(async (folder) => {
    const plain = join(folder, 'backup.zip');
    const contents = await writeBackup({ ...order, target: plain });
    await writeSealed(createReadStream(plain), order.target, sealOf(passphrase));
    console.log('It is encrypted: without the passphrase nobody opens it again, you among them.');
    return contents;
  });
}

/** A folder for whoever calls this alone, which is gone afterwards. */
async function inFolder<Result>(use: (folder: string) => Promise<Result>): Promise<Result> {
  const folder = await mkdtemp(join(tmpdir(), 'heron-opened-'));
  try {
    return await use(folder);
  } finally {
    await rm(folder, { recursive: true });
  }
}

function passphraseFrom(passphraseFile: string | null, file: string): string {
  if (passphraseFile !== null) return readPassphrase(passphraseFile);
  throw new StartFault(
    `${file} wants a passphrase, for it ends in ${ageEnding}: name the file that holds it in HERON_PASSPHRASE_FILE.`,
  );
}

/** Lets something be done with a backup, which is opened first where it is encrypted. */
async function opened(
  file: string,
  passphraseFile: string | null,
  use: (plain: string) => Promise<void>,
): Promise<void> {
  if (!file.endsWith(ageEnding)) return use(file);
  if (!existsSync(file)) throw new StartFault(`There is no file ${file}.`);
  const passphrase = passphraseFrom(passphraseFile, file);
  return inFolder(async (folder) => {
    const plain = join(folder, 'backup.zip');
    await openSealed(file, plain, passphrase);
    await use(plain);
  });
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

run(process.argv.slice(2)).catch(endInWords);
