import { cpSync, existsSync, mkdtempSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Keeping } from '@lone-heron/contract';
import request from 'supertest';
import { createApp } from '../createApp.js';
import { openShop } from '../start/openShop.js';
import { couponDraft, newId, startFileServer, type SampleServer } from '../testing/sampleServer.js';
import { shopIn } from './ShopPlace.js';
import { savesNoteFile } from './savesNote.js';

/** A database that is whole and older than what was acknowledged is told, whatever made it so. */

let server: SampleServer;
const folders: string[] = [];
beforeEach(async () => {
  server = await startFileServer();
});
afterEach(() => {
  for (const folder of [server.folder, ...folders.splice(0)]) rmSync(folder, { recursive: true });
});

/** The database as a power cut would leave it now: its file, and the log that is not worked in yet. */
function asItIs(): string {
  const folder = mkdtempSync(join(tmpdir(), 'heron-lost-'));
  folders.push(folder);
  for (const name of ['heron.sqlite', 'heron.sqlite-wal']) {
    const from = join(server.folder, name);
    if (existsSync(from)) cpSync(from, join(folder, name));
  }
  return folder;
}

async function save(count: number): Promise<void> {
  for (let i = 0; i < count; i++)
    await server.http.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
}

/** Opens it as a start does, with the note that the shop left. @returns what is said */
async function said(folder: string): Promise<string> {
  if (!existsSync(join(folder, savesNoteFile)))
    cpSync(join(server.folder, savesNoteFile), join(folder, savesNoteFile));
  const lines: string[] = [];
  (await openShop(shopIn(folder), (line) => lines.push(line))).release();
  return lines.join('\n');
}

describe('saves that were acknowledged', () => {
  it('are missing from an older file that was put back: told at the start, and to the shop', async () => {
    await save(2);
    const older = asItIs();
    await save(3);
    await server.app.close();
    expect(await said(older)).toContain('3 saves that were acknowledged');
    // Told once; from here on the shop goes on from what there is.
    expect(await said(older)).toBe('');
    const app = await createApp({
      place: shopIn(older),
      ...{ webFolder: null, isOnNetwork: false, tls: null },
    });
    const keeping = (await request(app.getHttpServer()).get('/api/health/keeping').expect(200))
      .body as Keeping;
    expect(keeping.lostSaves).toMatchObject({ missing: 3 });
    await app.close();
  });

  it('are missing where the log was cut', async () => {
    await save(6);
    const cut = asItIs();
    const log = join(cut, 'heron.sqlite-wal');
    truncateSync(log, statSync(log).size / 2);
    await server.app.close();
    expect(await said(cut)).toMatch(/saves? that (was|were) acknowledged/);
  });

  it('are all there after a power cut that lost nothing, and where nothing was noted yet', async () => {
    await save(2);
    const whole = asItIs();
    await server.app.close();
    expect(await said(whole)).toBe('');
    const fresh = asItIs();
    writeFileSync(join(fresh, savesNoteFile), '{"format":');
    expect(await said(fresh)).toBe('');
  });
});
