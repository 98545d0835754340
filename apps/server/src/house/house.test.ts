import { houseStarts, type House, type Problem } from '@lone-heron/contract';
import { usualPractice } from '@lone-heron/core';
import { startSampleServer, type SampleServer } from '../testing/sampleServer.js';

describe('the house', () => {
  let server: SampleServer;
  beforeEach(async () => {
    server = await startSampleServer();
  });
  afterEach(() => server.stop());

  const now = async () => (await server.http.get('/api/house').expect(200)).body as House;
  const units = { ...houseStarts.units, length: 'in', travel: 'in/min', gasFlow: 'CFH' } as const;

  it('keeps what a lead changes, revision by revision, and says in the history what it was', async () => {
    const before = await now();
    const { revision } = before.units;
    await server.http
      .put(`/api/house/units/${revision + 1}`)
      .send(units)
      .expect(200);
    const practice = { ...before.practice.content, gasOnMildSteel: 'dryAir' };
    await server.http
      .put(`/api/house/practice/${before.practice.revision + 1}`)
      .send(practice)
      .expect(200);
    const after = await now();
    expect(after.units).toEqual({ revision: revision + 1, content: units, isOwn: false });
    expect(after.practice.content.gasOnMildSteel).toBe('dryAir');
    expect(after.prices.content).toEqual(before.prices.content);
    const { body } = await server.http.get('/api/changes').expect(200);
    const [newest, older] = body as { what: string }[];
    expect(newest?.what).toBe('changed the shop’s practice: Which gas on mild steel? clean dry air');
    expect(older?.what).toContain('length in');
  });

  it('takes the same save twice as one, and refuses the slower of two', async () => {
    const { wire } = await now();
    const spools = [{ filler: '308L', diameterMm: 0.8, kilograms: 4.5, batch: 'H7' }];
    const path = `/api/house/wire/${wire.revision + 1}`;
    await server.http.put(path).send(spools).expect(200);
    await server.http.put(path).send(spools).expect(200);
    expect((await now()).wire.content).toEqual(spools);
    const slower = await server.http.put(path).send([]).expect(409);
    expect((slower.body as Problem).detail).toContain('changed meanwhile');
    const skipped = await server.http
      .put(`/api/house/wire/${wire.revision + 5}`)
      .send([])
      .expect(409);
    expect((skipped.body as Problem).detail).toContain(`does not come next: ${wire.revision + 2} does`);
  });

  it('says which value is wrong and what is allowed, and keeps what was there', async () => {
    const before = await now();
    const wrong: readonly [string, object, string, string][] = [
      [
        'wire',
        [{ filler: '308L', diameterMm: 0.7, kilograms: 1, batch: '' }],
        '0.diameterMm',
        '0.8 mm (0.8), 0.035 in (0.889)',
      ],
      ['nozzles', [{ shape: 'flat', isGrooved: false, boreMm: 6, count: 1.5 }], '0.count', 'a whole number'],
      ['units', { ...units, length: 'cubit' }, 'length', 'one of mm, in'],
      ['practice', { ...usualPractice, tacks: 'perhaps' }, 'tacks', 'one of everything, none'],
      ['prices', { ...houseStarts.prices, window: -1 }, 'window', '0 to 10000'],
    ];
    for (const [sheet, content, field, allowed] of wrong) {
      const { body } = await server.http.put(`/api/house/${sheet}/9`).send(content).expect(422);
      expect((body as Problem).errors?.[0]).toMatchObject({ field });
      expect((body as Problem).errors?.[0]?.allowed).toContain(allowed);
    }
    expect(await now()).toEqual(before);
  });
});
