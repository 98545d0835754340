import { createReadStream, createWriteStream, readFileSync } from 'node:fs';
import { open, rename, rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { Decrypter, Encrypter } from 'age-encryption';
import { fileOntoDisk } from '../storage/ontoDisk.js';
import { StartFault } from '../start/StartFault.js';
import { BrokenBackup } from './BrokenBackup.js';

/** Files that are encrypted with a passphrase end so; any program for the age format opens them. */
export const ageEnding = '.age';

/** What a file of the age format begins with. */
const ageMark = 'age-encryption.org/v1\n';

/** Shorter than this is guessed. */
const shortestPassphrase = 12;

/** Whether a file is encrypted, whatever it is called. */
export async function isSealed(file: string): Promise<boolean> {
  const handle = await open(file);
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(ageMark.length), 0, ageMark.length, 0);
    return buffer.toString('latin1', 0, bytesRead) === ageMark;
  } finally {
    await handle.close();
  }
}

/** The passphrase that a file holds, without the end of its line. @throws StartFault where it cannot be read or is too short */
export function readPassphrase(file: string): string {
  let text: string;
  try {
    text = readFileSync(file, 'utf8').replace(/\r?\n$/, '');
  } catch (fault) {
    throw new StartFault(
      `The passphrase of backups cannot be read from ${file} (${(fault as NodeJS.ErrnoException).code ?? String(fault)}).`,
    );
  }
  if (text.length >= shortestPassphrase) return text;
  throw new StartFault(
    `The passphrase in ${file} has ${text.length} signs; allowed are ${shortestPassphrase} and more. Several words are easiest to keep.`,
  );
}

/** What a file is encrypted with. */
export interface Seal {
  readonly passphrase: string;
  /** Doublings of the work that one guess at it takes (scrypt). */
  readonly workFactor: number;
}

/** A guess takes seconds. */
const usualWork = 18;
export const sealOf = (passphrase: string): Seal => ({ passphrase, workFactor: usualWork });

/** What comes out of it is encrypted (age, scrypt). Without the passphrase nobody reads it again. */
async function encrypted(plain: Readable, { passphrase, workFactor }: Seal): Promise<Readable> {
  const encrypter = new Encrypter();
  encrypter.setScryptWorkFactor(workFactor);
  encrypter.setPassphrase(passphrase);
  return Readable.fromWeb((await encrypter.encrypt(webOf(plain))) as ReadableStream<Uint8Array>);
}

/** Writes an encrypted file: whole or not at all, and on the disk when it is done. */
export async function writeSealed(plain: Readable, target: string, seal: Seal): Promise<void> {
  const part = `${target}.part`;
  try {
    await pipeline(await encrypted(plain, seal), createWriteStream(part));
    await fileOntoDisk(part);
    await rename(part, target);
  } finally {
    await rm(part, { force: true });
  }
}

/**
 * Writes what an encrypted file holds.
 *
 * @throws BrokenBackup where it is no such file, of another passphrase, or damaged
 */
export async function openSealed(sealed: string, target: string, passphrase: string): Promise<void> {
  const plain = await decrypted(createReadStream(sealed), passphrase);
  try {
    await pipeline(plain, createWriteStream(target));
  } catch (fault) {
    if ((fault as NodeJS.ErrnoException).code !== undefined) throw fault;
    throw new BrokenBackup(`It is damaged (${(fault as Error).message}).`);
  }
}

async function decrypted(sealed: Readable, passphrase: string): Promise<Readable> {
  const decrypter = new Decrypter();
  decrypter.addPassphrase(passphrase);
  try {
    return Readable.fromWeb((await decrypter.decrypt(webOf(sealed))) as ReadableStream<Uint8Array>);
  } catch (fault) {
    throw new BrokenBackup(
      `It cannot be opened (${(fault as Error).message}): it is no file of the age format, or the passphrase is another.`,
    );
  }
}

function webOf(stream: Readable): globalThis.ReadableStream<Uint8Array> {
  return Readable.toWeb(stream) as globalThis.ReadableStream<Uint8Array>;
}
