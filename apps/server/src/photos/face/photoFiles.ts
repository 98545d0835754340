import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, open, readFile, rename, rm } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { sentPhotoTypes, type FieldProblem, type Photo } from '@lone-heron/contract';
import sharp, { type Metadata, type Sharp } from 'sharp';
import { v7 as uuid } from 'uuid';
import { copyWhole } from '../../storage/copyWhole.js';
import { fileHash } from '../../storage/fileHash.js';
import { folderOntoDisk } from '../../storage/ontoDisk.js';
import { heicPixels } from './heicPixels.js';

/** A picture as it is kept: upright, without what else a camera writes into it. */
export interface CleanPicture {
  readonly bytes: Buffer;
  readonly hash: string;
  readonly type: Photo['type'];
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Bytes that are no picture that is taken in. */
export class UnreadablePicture extends Error {
  constructor(readonly problem: FieldProblem) {
    super(`${problem.field} is ${problem.given}; allowed is ${problem.allowed}`);
  }
}

// One picture at a time leaves the other cores to whoever waits, and needs no threads that wait for each other.
sharp.concurrency(1);

/** Longest side of a small picture, pixels. */
const smallSide = 480;
/** More pixels than any camera of a shop takes: a file that claims more is not opened. */
const mostPixels = 120e6;
/** Of HEIC, whose pixels are in memory all at once. */
const mostHeicPixels = 50e6;

const types = { jpeg: 'image/jpeg', png: 'image/png', webp: 'image/webp' } as const;
const isTaken = (format: string | undefined): format is keyof typeof types =>
  format !== undefined && format in types;

/**
 * Reads a picture by its content, whatever its name or type said: turned upright, with place, camera and all other
 * hidden data left out. HEIC, as phones write it, is kept as JPEG, which every browser shows.
 *
 * @throws UnreadablePicture for a broken, disguised or foreign file, with the reason
 */
export async function cleanPicture(sent: Buffer): Promise<CleanPicture> {
  try {
    const picture = sharp(sent, { failOn: 'error', limitInputPixels: mostPixels });
    const metadata = await picture.metadata();
    if (isHeic(metadata)) return await asKept(await pictureOfHeic(sent, metadata), 'jpeg');
    const { format } = metadata;
    if (!isTaken(format)) throw refusal(`a file whose content is ${format}`);
    return await asKept(picture.autoOrient(), format);
  } catch (fault) {
    return refusePicture(fault);
  }
}

async function asKept(upright: Sharp, format: keyof typeof types): Promise<CleanPicture> {
  const written = format === 'png' ? upright.png() : upright.toFormat(format, { quality: 92 });
  const { data, info } = await written.toBuffer({ resolveWithObject: true });
  return {
    bytes: data,
    hash: hashOf(data),
    type: types[format],
    widthPx: info.width,
    heightPx: info.height,
  };
}

const isHeic = ({ format, compression }: Metadata): boolean => format === 'heif' && compression === 'hevc';

async function pictureOfHeic(sent: Buffer, { width, height }: Metadata): Promise<Sharp> {
  if (width * height > mostHeicPixels)
    throw refusal(`an HEIC of ${(width * height) / 1e6} megapixels, above ${mostHeicPixels / 1e6}`);
  const pixels = await heicPixels(sent);
  const raw = { width: pixels.width, height: pixels.height, channels: 4 } as const;
  return sharp(pixels.data, { raw }).removeAlpha();
}

function refusePicture(error: unknown): never {
  if (error instanceof UnreadablePicture) throw error;
  const why = error instanceof Error ? error.message.split('\n')[0] : String(error);
  throw refusal(`a file that cannot be read as a picture (${why})`);
}

function refusal(given: string) {
  const allowed = `a whole picture of the type ${sentPhotoTypes.join(', ')}`;
  return new UnreadablePicture({ field: 'photo', given, allowed });
}

/** SHA-256, hex. */
export function hashOf(bytes: Buffer): string {
  return createHash('sha256').update(bytes).digest('hex');
}

/** Where pictures lie beside a folder, for servers that share none: the folder is then what was fetched of it. */
export interface PhotoBucket {
  /** Stores bytes under a hash; again the same is the same. */
  put(hash: string, bytes: Buffer): Promise<void>;
  /** What lies there; null where nothing does. */
  get(hash: string): Promise<Buffer | null>;
}

/** Pictures in a folder, each under the hash of its bytes, with a small one beside it. */
export class PhotoFiles {
  constructor(
    private readonly folder: string,
    private readonly bucket: PhotoBucket | null = null,
  ) {}

  /** Stores a picture and its small one; what is there already is the same and stays. */
  async keep({ bytes, hash }: Pick<CleanPicture, 'bytes' | 'hash'>): Promise<void> {
    // Where it has to lie first: nothing names it before it does.
    await this.bucket?.put(hash, bytes);
    await writeOnce(this.pathOf(hash), () => Promise.resolve(bytes));
    await this.small(hash);
  }

  /** Path of the small picture, made of the whole one where it is missing, as after a restore. */
  async small(hash: string): Promise<string> {
    const path = `${this.pathOf(hash)}.small.webp`;
    await writeOnce(path, async () =>
      sharp((await this.here(hash)) ?? this.pathOf(hash))
        .resize(smallSide, smallSide, { fit: 'inside', withoutEnlargement: true })
        .webp()
        .toBuffer(),
    );
    return path;
  }

  /** Path of a picture in the folder, fetched where it was not there yet; null where it is gone. */
  async here(hash: string): Promise<string | null> {
    const path = this.pathOf(hash);
    if (existsSync(path)) return path;
    const bytes = (await this.bucket?.get(hash)) ?? null;
    if (bytes === null) return null;
    // What is not that picture is not kept as if it were.
    if (hashOf(bytes) === hash) await writeOnce(path, () => Promise.resolve(bytes));
    return existsSync(path) ? path : null;
  }

  /** The same of a picture that was found whole just before. @throws Error where it is gone since */
  async hereWhole(hash: string): Promise<string> {
    const path = await this.here(hash);
    if (path === null) throw new Error(`the photo ${hash} is gone`);
    return path;
  }

  /**
   * The bytes of a picture, which are held against its hash.
   *
   * @returns why there are none, where its file is gone or no longer what it was
   */
  async read(hash: string): Promise<Buffer | 'gone' | 'damaged'> {
    const path = await this.here(hash);
    if (path === null) return 'gone';
    const bytes = await readFile(path).catch(() => null);
    return bytes !== null && hashOf(bytes) === hash ? bytes : 'damaged';
  }

  /** Whether a picture lies where it has to, as it was stored: in the bucket, where there is one, whatever the folder has of it. */
  async isWhole(hash: string): Promise<boolean> {
    if (this.bucket !== null) {
      const bytes = await this.bucket.get(hash);
      return bytes !== null && hashOf(bytes) === hash;
    }
    if (!existsSync(this.pathOf(hash))) return false;
    // A photo on a spot of the disk that cannot be read is lost as well, and keeps nothing else from being copied.
    return fileHash(this.pathOf(hash)).then(
      (found) => found === hash,
      () => false,
    );
  }

  /** Takes pictures over from elsewhere that are not here yet; those that are gone there are left out. @returns how many were there */
  async takeAll(from: PhotoFiles, hashes: readonly string[]): Promise<number> {
    const folders = new Set<string>();
    let taken = 0;
    for (const hash of hashes) {
      const target = this.pathOf(hash);
      const isHere = existsSync(target);
      // What lies here already is not fetched from a store once more, night after night.
      const path = isHere && this.bucket === null ? target : await from.here(hash);
      if (path === null) continue;
      taken += 1;
      await this.bucket?.put(hash, await readFile(path));
      if (isHere) continue;
      await mkdir(dirname(target), { recursive: true });
      await copyWhole(path, target);
      folders.add(dirname(target));
    }
    for (const folder of folders) await folderOntoDisk(folder);
    return taken;
  }

  pathOf(hash: string): string {
    return join(this.folder, hash.slice(0, 2), hash);
  }
}

/** Written beside its place and moved there once it is on the disk: a power cut leaves the whole file or none. */
async function writeOnce(path: string, content: () => Promise<Buffer>): Promise<void> {
  if (existsSync(path)) return;
  await mkdir(dirname(path), { recursive: true });
  const beside = `${path}.${uuid()}.part`;
  try {
    const file = await open(beside, 'wx');
    try {
      await file.writeFile(await content());
      await file.sync();
    } finally {
      await file.close();
    }
    await rename(beside, path);
  } catch (fault) {
    await rm(beside, { force: true });
    throw fault;
  }
  await folderOntoDisk(dirname(path));
}
