import { mkdirSync, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import sharp from 'sharp';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { checkShop, type Finding } from './checkShop.js';

let server: SampleServer;
let scratch: string;
beforeEach(async () => {
  server = await startSampleServer();
  scratch = mkdtempSync(join(tmpdir(), 'heron-check-test-'));
});
afterEach(async () => {
  await server.stop();
  rmSync(scratch, { recursive: true });
});

const folder = () => dirname(server.databaseFile);
async function found(now = new Date()): Promise<Finding[]> {
  const findings: Finding[] = [];
  for await (const finding of checkShop(folder(), scratch, now)) findings.push(finding);
  return findings;
}
const wrong = async (now?: Date) =>
  (await found(now))
    .filter(({ isWell, of }) => !isWell && of !== 'disk')
    .map(({ of, words }) => `${of}: ${words}`);

async function photo(): Promise<string> {
  const id = newId();
  await server.http.put(`/api/coupons/${id}`).send(couponDraft()).expect(201);
  const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#987' } })
    .png()
    .toBuffer();
  const { body } = await server.http
    .put(`/api/coupons/${id}/photos/${newId()}?subject=face`)
    .set('Content-Type', 'image/png')
    .send(bytes)
    .expect(200);
  return (body as { hash: string }).hash;
}

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

  it('whose database is cut short says what to do', async () => {
    await server.app.close();
    truncateSync(server.databaseFile, 20_000);
    const [first] = await wrong();
    expect(first).toMatch(/^database: /);
    expect(first).toContain('restore the newest backup');
    server = await startSampleServer();
  });
});
