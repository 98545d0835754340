import type { CurvePoint, LightSpell } from '@lone-heron/core';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { shopIn } from '../storage/ShopPlace.js';
import { testPlace, type TestPlace } from '../testing/testPlace.js';
import { packCurve, unpackCurve } from './curveBytes.js';
import { spellRow } from './spellRow.js';
import { telemetryRows } from './face/telemetryRows.js';
import { TelemetryStore } from './TelemetryStore.js';

const day = 86_400_000;
const now = Date.UTC(2026, 10, 24, 12);

const point = (tenth: number): CurvePoint => {
  const power = 600 + tenth;
  return {
    ...{ at: tenth / 10, count: 1, powerLeast: power, powerMost: power },
    means: { realPower: power, gasFlow: null, coolant: 24.3, windowHolder: 30 },
  };
};
const spell = (startedAt: number): LightSpell => ({
  ...{ startedAt, endedAt: startedAt + 5000, curve: Array.from({ length: 50 }, (_, tenth) => point(tenth)) },
  figures: { lit: 5, power: 624, gas: null, coolantMost: 24.3, holderMost: 30, alarm: 0, isBroken: false },
});
const rowAt = (daysAgo: number) => spellRow('bench', spell(now - daysAgo * day), 'mqtt');

let at: TestPlace;
let store: TelemetryStore;
beforeEach(async () => {
  at = await testPlace();
  const { place } = at;
  store = new TelemetryStore(telemetryRows(place));
});
afterEach(async () => {
  await store.close();
  await at.remove();
});

/** Where its folder would have to be, a file lies. */
function storeNowhere(): TelemetryStore {
  const nowhere = join(at.place.folder, 'nowhere');
  writeFileSync(nowhere, '');
  return new TelemetryStore(telemetryRows(shopIn(nowhere)));
}

it('a curve comes back as it was packed, to a watt and a tenth', () => {
  const { curve } = spell(0);
  expect(unpackCurve(packCurve(curve))).toEqual(curve);
  expect(unpackCurve(packCurve([]))).toEqual([]);
});

describe('the store of what machines say', () => {
  it('keeps a spell once, and lists them newest first', async () => {
    await store.open();
    expect(await store.keep(rowAt(2))).not.toBeNull();
    expect(await store.keep(rowAt(2))).toBeNull();
    await store.keep(rowAt(1));
    const found = await store.between('bench', now - 3 * day, now, 10);
    expect(found.map(({ startedAt }) => startedAt)).toEqual([now - day, now - 2 * day]);
    expect(await store.between('barrow', 0, now, 10)).toEqual([]);
    expect((await store.withCurve(rowAt(1).id))?.curve).toHaveLength(50);
  });

  it('that is not open yet, or whose disk takes nothing, holds what comes and says so; nothing is thrown', async () => {
    const away = storeNowhere();
    await away.open();
    expect(await away.keep(rowAt(1))).not.toBeNull();
    expect(away.trouble).toMatch(/cannot be opened.*\(1 spells wait\)/);
    expect(await away.between('bench', 0, now, 10)).toHaveLength(1);
    expect((await away.withCurve(rowAt(1).id))?.curve).toHaveLength(50);
    await away.close();
    await store.keep(rowAt(1));
    await store.open();
    await store.writeWaiting();
    expect(store.trouble).toBe('');
    expect(await store.between('bench', 0, now, 10)).toHaveLength(1);
  });

  it('lets the oldest go once too many wait, and counts them', async () => {
    const away = storeNowhere();
    await away.open();
    for (let at = 0; at < 2003; at += 1)
      await away.keep(spellRow('bench', { ...spell(now + at), curve: [] }, 'mqtt'));
    expect(away.trouble).toContain('2000 spells wait, 3 were let go');
    await away.close();
  });

  it('thins what is older than two weeks to seconds, and lets curves go after 400 days; what they came to stays', async () => {
    await store.open();
    for (const daysAgo of [1, 15, 401]) await store.keep(rowAt(daysAgo));
    await store.prune(now);
    await store.prune(now);
    const then = async (daysAgo: number) => store.withCurve(rowAt(daysAgo).id);
    expect((await then(1))?.curve).toHaveLength(50);
    const thinned = await then(15);
    expect(thinned?.spell.stepS).toBe(1);
    expect(thinned?.curve?.map(({ at: from, count }) => [from, count])).toEqual(
      [0, 1, 2, 3, 4].map((second) => [second, 10]),
    );
    expect(thinned?.curve?.[0]).toMatchObject({ powerLeast: 600, powerMost: 609 });
    expect((await then(401))?.curve).toBeNull();
    expect((await then(401))?.spell.figures).toEqual(rowAt(401).figures);
  });
});
