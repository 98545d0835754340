import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import {
  cardSchema,
  couponPageSchema,
  couponSchema,
  machineSchema,
  protectiveWindowSchema,
  samplePin,
  type Session,
} from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import Database from 'better-sqlite3';
import request from 'supertest';
import { brokenLink, type HistoryLine } from '../changes/face/historyChain.js';
import { shopIn } from './ShopPlace.js';
import { createApp } from '../createApp.js';
import { couponDraft, newId } from '../testing/sampleServer.js';
import { bringUpToDate } from './bringUpToDate.js';
import { migrations } from './migrations/index.js';
import { nextMigration } from './setAside.js';

const fixtures = join(__dirname, '../../fixtures/earlierShops');
const shops = readdirSync(fixtures).filter((name) => name.endsWith('.sql'));

const folder = mkdtempSync(join(tmpdir(), 'heron-upgrades-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** A shop as an earlier version left it, with the rows of each of its tables. */
function shopOf(name: string): { file: string; rows: Map<string, number> } {
  const file = join(mkdtempSync(join(folder, 'shop-')), 'heron.sqlite');
  const database = new Database(file);
  database.pragma('foreign_keys = OFF');
  database.exec(readFileSync(join(fixtures, name), 'utf8'));
  const rows = rowsOf(database);
  database.close();
  return { file, rows };
}

function rowsOf(database: Database.Database): Map<string, number> {
  const tables = database
    .prepare(
      "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> 'migrations'",
    )
    .all() as { name: string }[];
  return new Map(
    tables.map(({ name }) => {
      const { rows } = database.prepare(`SELECT count(*) AS rows FROM "${name}"`).get() as { rows: number };
      return [name, rows];
    }),
  );
}

/** What else is asked for, of each machine and of the shop. */
const ofMachine = [
  'parts',
  'records',
  'light',
  'days',
  'sequence',
  'slots',
  'photos',
  'revisions',
  'link',
  'link/sendings',
];
const ofShop = [
  'people',
  'ladders',
  'trials',
  'trial-ladders',
  'mode-cards',
  'jobs',
  'house',
  'bottles',
  'stock',
  'changes',
  'clearances',
  'eyewear',
  'upkeep',
  'days',
  'windows/history?offset=0&limit=50',
];

const opened = (databaseFile: string) =>
  createApp({ place: shopIn(dirname(databaseFile)), webFolder: null, isOnNetwork: false, tls: null });

/** Signs in as the lead of before; a shop from before there were PINs gets its first lead. */
async function leadOf(app: NestExpressApplication) {
  const agent = request.agent(app.getHttpServer()).set('X-Lone-Heron', '1');
  const { needsFirstLead } = (await agent.get('/api/session').expect(200)).body as Session;
  const [personId, pin] = needsFirstLead ? [newId(), '8642'] : ['ines', samplePin];
  if (needsFirstLead)
    await agent.put(`/api/people/${personId}/first-lead`).send({ name: 'Ada', pin }).expect(200);
  await agent.put('/api/session').send({ personId, pin }).expect(200);
  return agent;
}

/** Everything that the shop had is there, as the interface reads it, which refuses what is not as agreed; and it can go on. */
async function requireAnswers(app: NestExpressApplication, rows: ReadonlyMap<string, number>): Promise<void> {
  const lead = await leadOf(app);
  const ask = async (path: string) => {
    const { status, body } = (await lead.get(`/api/${path}`)) as { status: number; body: unknown };
    expect({ path, status, body: status === 200 ? null : body }).toEqual({ path, status: 200, body: null });
    return body;
  };
  const { coupons, total } = couponPageSchema.parse(await ask('coupons?limit=200'));
  expect(total).toBe(rows.get('coupon'));
  for (const { id } of coupons) couponSchema.parse(await ask(`coupons/${id}`));
  expect(cardSchema.array().parse(await ask('cards'))).toHaveLength(rows.get('card') ?? 0);
  protectiveWindowSchema.array().parse(await ask('windows'));
  const machines = machineSchema.array().parse(await ask('machines'));
  for (const { id } of machines) for (const path of ofMachine) await ask(`machines/${id}/${path}`);
  for (const path of ofShop) await ask(path);
  await lead.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
}

describe('a shop of an earlier version', () => {
  it('is there for every migration but the newest', () => {
    const states = new Set(shops.map((name) => nextMigration(shopOf(name).file)));
    const missing = migrations.map(({ name }) => name).filter((name) => !states.has(name));
    // Nobody ever had a database without a table, nor one between House and CouponsInFull, which came in one commit.
    expect(missing).toEqual(['Beginnings1763900000000', 'CouponsInFull1764400000000']);
  });

  it.each(shops)('%s is brought up to date with all its rows, and answers', async (name) => {
    const { file, rows } = shopOf(name);
    expect(rows.get('coupon')).toBeGreaterThan(3);
    expect(await bringUpToDate(file)).toContain('.before-');
    const after = new Database(file);
    const kept = rowsOf(after);
    expect([...rows].map(([table]) => [table, kept.get(table)])).toEqual([...rows]);
    expect(after.pragma('foreign_key_check')).toEqual([]);
    after.close();
    const app = await opened(file);
    try {
      await requireAnswers(app, rows);
    } finally {
      await app.close();
    }
  });

  it('has its history sealed as it was, oldest line first', async () => {
    const { file } = shopOf('14-LockByAddress.sql');
    const before = new Database(file);
    const add = before.prepare(
      'INSERT INTO change (at, person_id, noun, subject_id, what) VALUES (?, ?, ?, ?, ?)',
    );
    add.run('2026-11-01T08:00:00.000Z', null, 'machine', 'bench', 'set up Bench');
    add.run('2026-11-02T08:00:00.000Z', 'ines', 'coupon', 'x', 'took back coupon 3: “the edge”');
    before.close();
    await bringUpToDate(file);
    const after = new Database(file);
    const lines = after
      .prepare(
        'SELECT at, person_id AS personId, noun, subject_id AS subjectId, what, hash FROM change ORDER BY id',
      )
      .all() as (HistoryLine & { hash: string })[];
    after.close();
    expect(lines).toHaveLength(2);
    expect(brokenLink(lines)).toBeNull();
  });
});
