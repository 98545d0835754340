import { mkdirSync, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import { newId, startFileServer } from '../testing/sampleServer.js';
import { shopIn } from '../storage/ShopPlace.js';
import { checkShop, type Finding } from './checkShop.js';

let server: Awaited<ReturnType<typeof startFileServer>>;
let scratch: string;
beforeEach(async () => {
  server = await startFileServer();
  scratch = mkdtempSync(join(tmpdir(), 'heron-check-test-'));
});
afterEach(async () => {
  await server.stop();
  rmSync(scratch, { recursive: true });
});

const folder = () => server.folder;
async function found(now = new Date()): Promise<Finding[]> {
  const findings: Finding[] = [];
  for await (const finding of checkShop(shopIn(folder()), scratch, now)) findings.push(finding);
  return findings;
}
const wrong = async (now?: Date) =>
  (await found(now))
    .filter(({ isWell, of }) => !isWell && of !== 'disk')
    .map(({ of, words }) => `${of}: ${words}`);

const photo = async () => (await couponWithPhoto(server.http)).hash;

describe('a whole shop', () => {
  it('that is well is found so, while it is served, and nothing is changed', async () => {
    await photo();
    await server.http.put(`/api/backups/${newId()}`).expect(200);
    const bytes = readFileSync(server.databaseFile);
    expect(await wrong()).toEqual([]);
    expect((await found()).map(({ of }) => of)).toEqual([
      'database',
      'version',
      'clock',
      'history',
      'saves',
      'photos',
      'backup',
      'disk',
    ]);
    expect(readFileSync(server.databaseFile)).toEqual(bytes);
  });

  it('has what is lost, broken or set back named', async () => {
    const hash = await photo();
    await server.http.put('/api/people/maren/role').send({ role: 'upkeep' }).expect(200);
    rmSync(join(folder(), 'photos', hash.slice(0, 2), hash));
    mkdirSync(join(folder(), 'backups'), { recursive: true });
    writeFileSync(join(folder(), 'backups', 'heron-2026.zip'), 'half');
    expect(await wrong(new Date('2026-01-01T00:00:00.000Z'))).toEqual([
      expect.stringMatching(
        /^clock: it shows 2026-01-01T00:00:00.000Z, and the last entry is of .*: it was set back$/,
      ),
      `photos: 1 of 1 gone or damaged: ${hash}`,
      expect.stringMatching(/^backup: heron-2026\.zip: .*cannot be read as a ZIP/),
    ]);
  });

  it('whose history was changed by hand says from which line on', async () => {
    await server.http.put('/api/people/maren/role').send({ role: 'upkeep' }).expect(200);
    await server.http.put('/api/people/maren/role').send({ role: 'welder' }).expect(200);
    const database = new Database(server.databaseFile);
    const { id, place } = database
      .prepare(
        "SELECT id, (SELECT count(*) FROM change AS before WHERE before.id <= change.id) AS place FROM change WHERE subject_id = 'maren' ORDER BY id DESC LIMIT 1",
      )
      .get() as { id: number; place: number };
    database.prepare("UPDATE change SET what = 'did nothing at all' WHERE id = ?").run(id);
    database.close();
    expect(await wrong()).toContainEqual(
      expect.stringContaining(`history: line ${place} is not what was written`),
    );
  });

  it('whose database is cut short says what to do', async () => {
    await server.app.close();
    truncateSync(server.databaseFile, 20_000);
    const [first] = await wrong();
    expect(first).toMatch(/^database: /);
    expect(first).toContain('restore the newest backup');
    server = await startFileServer();
  });
});
