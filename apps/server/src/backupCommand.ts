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
import { fileStamp } from './time/fileStamp.js';
import { restoreBackup } from './backups/restoreBackup.js';
import { restoreToServer } from './backups/restoreToServer.js';
import { writeBackup, type BackupOrder } from './backups/writeBackup.js';
import { openDataFolder } from './start/dataFolder.js';
import { placeOf, readSettings } from './start/settings.js';
import { shownAddress } from './storage/postgres.js';
import { databaseFileIn, type ShopPlace } from './storage/ShopPlace.js';
import { StartFault } from './start/StartFault.js';
import { endInWords } from './start/endInWords.js';

/** ./heron backup [FILE] and ./heron restore FILE [--yes]. */
async function run([command, ...rest]: readonly string[]): Promise<void> {
  process.umask(0o077);
  const settings = readSettings(process.env);
  const { passphraseFile } = settings;
  const [file] = rest.filter((word) => !word.startsWith('--'));
  if (command === 'backup') return backup(placeOf(settings), file, passphraseFile);
  if (command !== 'restore' || file === undefined)
    throw new StartFault('restore takes the file of a backup.');
  return opened(resolve(file), passphraseFile, (plain) =>
    restore(placeOf(settings), plain, rest.includes('--yes')),
  );
}

async function backup(
  place: ShopPlace,
  file: string | undefined,
  passphraseFile: string | null,
): Promise<void> {
  const { folder } = place;
  if (place.url === null && !existsSync(databaseFileIn(folder)))
    throw new StartFault(`There is no shop in ${folder} to back up.`);
  const now = new Date();
  const usual = join(folder, 'backups', `heron-${fileStamp(now)}.zip`);
  const target = file === undefined ? usual : resolve(file);
  if (existsSync(target)) throw new StartFault(`${target} is there already; nothing is overwritten.`);
  const photosLie = file === undefined ? 'beside' : 'within';
  const order = { id: uuid(), place, target, now, photosLie } as const;
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

async function restore(place: ShopPlace, file: string, isSure: boolean): Promise<void> {
  if (!existsSync(file)) throw new StartFault(`There is no file ${file}.`);
  const contents = await checkBackup(file);
  console.log(`Made ${contents.madeAt}. It holds ${contentsInWords(contents)}, and is whole.`);
  if (!isSure && !(await isAgreed(shown(place)))) {
    console.log('Nothing was changed.');
    return;
  }
  openDataFolder(place.folder);
  const aside = await put(file, place);
  console.log(`Restored into ${shown(place)}.`);
  if (aside !== null) console.log(`What was there before is kept in ${aside}.`);
}

const shown = ({ folder, url }: ShopPlace): string => (url === null ? folder : shownAddress(url));

function put(file: string, place: ShopPlace): Promise<string | null> {
  const { folder, url } = place;
  const now = new Date();
  return url === null ? restoreBackup(file, folder, now) : restoreToServer(file, { ...place, url }, now);
}

async function isAgreed(where: string): Promise<boolean> {
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  // Where nobody can type, the input ends without an answer, which is no yes.
  const noAnswer = once(ask, 'close').then(() => '');
  const question = `Put it in the place of what ${where} holds? Type yes: `;
  const answer = await Promise.race([ask.question(question), noAnswer]);
  ask.close();
  return answer.trim().toLowerCase() === 'yes';
}

run(process.argv.slice(2)).catch(endInWords);
