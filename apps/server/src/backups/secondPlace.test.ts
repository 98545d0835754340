import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import type { Backup, Keeping } from '@lone-heron/contract';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { openSealed, readPassphrase, writeSealed } from './ageFile.js';
import { BrokenBackup } from './BrokenBackup.js';
import { checkBackup } from './checkBackup.js';
import { followBackups } from './secondPlace.js';

/** Backups on another disk: beside their photos, or as one encrypted file; and what is told where that disk is not there. */

const folder = mkdtempSync(join(tmpdir(), 'heron-second-'));
const place = join(folder, 'other disk');
let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer({ second: { folder: place, seal: null } });
  await couponWithPhoto(server.http);
});
afterAll(async () => {
  await server.stop();
  rmSync(folder, { recursive: true });
});

const make = async () => (await server.http.put(`/api/backups/${newId()}`).expect(200)).body as Backup;
const backups = () => join(server.folder, 'backups');
const keeping = async () => (await server.http.get('/api/health/keeping').expect(200)).body as Keeping;
/** The folder that the shop alone has in a place. */
const own = (inPlace: string) => join(inPlace, readFileSync(join(server.folder, 'second-place'), 'utf8'));
const passphrase = 'four herons on one leg';
/** As few guesses' work as the format has: a test is no attack. */
const seal = { passphrase, workFactor: 1 };

describe('a second place', () => {
  it('that is not there keeps no backup from being made, and is told until it is', async () => {
    const { file } = await make();
    expect(existsSync(join(backups(), file))).toBe(true);
    expect((await keeping()).backup).toMatchObject({
      failure: null,
      secondFailure: `${place} is not there: is its disk plugged in?`,
    });
    // Never made anew: it would lie on this disk.
    expect(existsSync(place)).toBe(false);
    mkdirSync(place);
    const second = await make();
    expect((await keeping()).backup.secondFailure).toBeNull();
    expect(readdirSync(own(place))).toEqual([second.file, 'photos']);
    await checkBackup(join(own(place), second.file));
  });

  it('takes photos once, and keeps no backup that is kept here no more', async () => {
    const photo = readdirSync(join(own(place), 'photos'), { recursive: true, withFileTypes: true }).find(
      (entry) => entry.isFile(),
    );
    const path = join(photo?.parentPath ?? '', photo?.name ?? '');
    const { ino } = statSync(path);
    writeFileSync(join(own(place), 'heron-2020-01-01T00-00-00Z.zip'), 'of long ago');
    writeFileSync(join(own(place), 'a letter.txt'), 'of somebody else');
    mkdirSync(join(place, 'shop-of-before'));
    const ofBefore = join(place, 'shop-of-before', 'heron-2020-01-01T00-00-00Z.zip');
    writeFileSync(ofBefore, 'all that is left of a shop whose disk broke');
    const { file } = await make();
    expect(statSync(path).ino).toBe(ino);
    expect(existsSync(ofBefore)).toBe(true);
    const there = readdirSync(own(place));
    expect(there).toContain(file);
    expect(there).not.toContain('heron-2020-01-01T00-00-00Z.zip');
    expect(there).toContain('a letter.txt');
  });

  it('gets one encrypted file with everything where there is a passphrase, and keeps the last three', async () => {
    const sealedPlace = join(folder, 'sealed');
    mkdirSync(own(sealedPlace), { recursive: true });
    for (const day of ['01', '02', '03'])
      writeFileSync(join(own(sealedPlace), `heron-2020-01-${day}T00-00-00Z.zip.age`), 'of long ago');
    const { file } = await make();
    await followBackups(backups(), { folder: sealedPlace, seal });
    expect(readdirSync(own(sealedPlace))).toEqual([
      'heron-2020-01-02T00-00-00Z.zip.age',
      'heron-2020-01-03T00-00-00Z.zip.age',
      `${file}.age`,
    ]);
    const sealed = join(own(sealedPlace), `${file}.age`);
    expect(readFileSync(sealed).subarray(0, 21).toString()).toBe('age-encryption.org/v1');
    const plain = join(folder, 'plain.zip');
    await openSealed(sealed, plain, passphrase);
    expect(await checkBackup(plain)).toMatchObject({ photosLie: 'within', lostPhotos: [] });
    await expect(openSealed(sealed, plain, 'another passphrase')).rejects.toThrow(BrokenBackup);
  });
});

describe('a passphrase', () => {
  it('opens what it closed, of any size, and says what is wrong with it', async () => {
    const bytes = Buffer.alloc(200_000, 'heron');
    const [sealed, plain] = [join(folder, 'sealed.age'), join(folder, 'opened')];
    await writeSealed(Readable.from([bytes]), sealed, seal);
    await openSealed(sealed, plain, passphrase);
    expect(readFileSync(plain)).toEqual(bytes);
    writeFileSync(sealed, readFileSync(sealed).subarray(0, 100_000));
    await expect(openSealed(sealed, plain, passphrase)).rejects.toThrow(BrokenBackup);
    const file = join(folder, 'passphrase');
    writeFileSync(file, `${passphrase}\n`);
    expect(readPassphrase(file)).toBe(passphrase);
    writeFileSync(file, 'short');
    expect(() => readPassphrase(file)).toThrow('has 5 signs; allowed are 12 and more');
    expect(() => readPassphrase(join(folder, 'none'))).toThrow('cannot be read');
  });
});
