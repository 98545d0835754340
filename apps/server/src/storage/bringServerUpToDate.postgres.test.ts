import { tmpdir } from 'node:os';
import pg from 'pg';
import { StartFault } from '../start/StartFault.js';
import { testPlace, type TestPlace } from '../testing/testPlace.js';
import { bringServerUpToDate } from './bringServerUpToDate.js';
import { databaseOptions, openDatabase } from './database.js';
import { serverMigrations } from './serverMigrations.js';
import { shopIn } from './ShopPlace.js';

let made: TestPlace;
beforeEach(async () => {
  made = await testPlace();
});
afterEach(() => made.remove());

/** The same database, another schema in it, which goes with the test. */
async function schema<Result>(
  name: string,
  use: (place: ReturnType<typeof at>) => Promise<Result>,
): Promise<Result> {
  try {
    return await use(at(name));
  } finally {
    await admin(`DROP SCHEMA IF EXISTS ${name} CASCADE`);
  }
}
const at = (name: string) => ({ ...shopIn(tmpdir()), url: `${made.place.url ?? ''}?schema=${name}` });
async function admin(statement: string, address = made.place.url ?? ''): Promise<unknown[]> {
  const client = new pg.Client({ connectionString: address });
  await client.connect();
  try {
    return (await client.query(statement)).rows as unknown[];
  } finally {
    await client.end();
  }
}
const whyNot = async (url: string) => {
  const fault = await bringServerUpToDate({ ...shopIn(tmpdir()), url }).catch((error: unknown) => error);
  expect(fault).toBeInstanceOf(StartFault);
  return (fault as StartFault).message;
};

describe('a shop in a server', () => {
  it('is made once, however many begin it at the same time', async () => {
    await schema('begun', async (place) => {
      await Promise.all([1, 2, 3].map(() => bringServerUpToDate(place)));
      expect(await admin('SELECT count(*)::int AS n FROM begun.migrations')).toEqual([
        { n: serverMigrations.length },
      ]);
      expect(await bringServerUpToDate(place)).toBeNull();
    });
  });

  it('has the shape that the entities describe, but that bytes go by a name of ours', async () => {
    // A database that sorts by code by itself: elsewhere each column says so.
    await admin("CREATE DATABASE in_code TEMPLATE template0 LOCALE_PROVIDER libc LOCALE 'C' ENCODING 'UTF8'");
    const url = new URL(made.place.url ?? '');
    url.pathname = '/in_code';
    const place = { ...shopIn(tmpdir()), url: url.toString() };
    await bringServerUpToDate(place);
    const source = await openDatabase(databaseOptions(place));
    const drift = await source.driver.createSchemaBuilder().log();
    await source.destroy();
    await admin('DROP DATABASE in_code WITH (FORCE)');
    expect(drift.upQueries.map(({ query }) => query)).toEqual([
      'ALTER TABLE "taken_spell" DROP COLUMN "curve"',
      'ALTER TABLE "taken_spell" ADD "curve" blob',
    ]);
  });

  it('of an earlier version is brought up to date, its rows of before kept beside it', async () => {
    await schema('earlier', async (place) => {
      await bringServerUpToDate(place);
      const source = await openDatabase(databaseOptions(place));
      await source.undoLastMigration();
      await source.query("INSERT INTO person (id, name, role) VALUES ('ada', 'Ada', 'lead')");
      await source.destroy();
      const aside = await bringServerUpToDate(place);
      expect(aside).toMatch(/^earlier_before_/);
      expect(await admin(`SELECT name FROM ${aside}.person`)).toEqual([{ name: 'Ada' }]);
      expect(await admin('SELECT name FROM earlier.person')).toEqual([{ name: 'Ada' }]);
      await admin(`DROP SCHEMA ${aside} CASCADE`);
    });
  });

  it('of a newer version is not opened', async () => {
    await schema('newer', async (place) => {
      await bringServerUpToDate(place);
      await admin("INSERT INTO newer.migrations (timestamp, name) VALUES (1, 'Tomorrow2')");
      expect(await whyNot(place.url)).toMatch(/made by a newer version \(Tomorrow2\)/);
    });
  });

  it('that cannot be reached is told with what to look at, and without its password', async () => {
    const away = new URL(made.place.url ?? '');
    away.port = '1';
    away.password = 'secret';
    const why = await whyNot(away.toString());
    expect(why).toMatch(/cannot be reached .* HERON_DATABASE_URL hold\?/);
    expect(why).not.toContain('secret');
  });

  it('in a database that is not UTF8 is not begun', async () => {
    await admin(
      "CREATE DATABASE in_ascii TEMPLATE template0 ENCODING 'SQL_ASCII' LOCALE_PROVIDER libc LOCALE 'C'",
    );
    const url = new URL(made.place.url ?? '');
    url.pathname = '/in_ascii';
    expect(await whyNot(url.toString())).toMatch(/encoded in SQL_ASCII; it must be UTF8/);
    await admin('DROP DATABASE in_ascii');
  });
});
