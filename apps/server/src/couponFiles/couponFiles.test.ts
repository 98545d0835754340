import type { Coupon, CouponPage, FilePreview, Problem } from '@lone-heron/contract';
import { createHash } from 'node:crypto';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const total = async () => ((await server.http.get('/api/coupons?limit=1')).body as CouponPage).total;
const send = (path: string, text: string) =>
  server.http
    .put(`/api/coupon-files/${path}`)
    .set('Content-Type', 'application/octet-stream')
    .send(Buffer.from(text));
const preview = async (format: 'csv' | 'json', text: string) =>
  (await send(`${format}/preview`, text).expect(200)).body as FilePreview;
const store = (format: 'csv' | 'json', text: string) =>
  send(`${format}/stored/${createHash('sha256').update(text).digest('hex')}`, text);
const written = async (format: string, query = '') => {
  const { body, text } = await server.http
    .get(`/api/coupon-files/${format}${query}`)
    .buffer(true)
    .expect(200);
  return (text as string | undefined) ?? (body as Buffer).toString('utf8');
};

const head =
  'welded_at;machine;joint;metal;first_mm;second_mm;gap_mm;power_w;duty_percent;wobble;wobble_mm;wobble_hz;pace;travel_mm_s;gas;gas_l_min;back;light_on_s;run_mm;remark';
const line = (day: number, changes: Partial<Record<'power' | 'back' | 'gap' | 'machine', string>> = {}) =>
  `2026-10-01T08:${String(Math.floor(day / 60) % 60).padStart(2, '0')}:${String(day % 60).padStart(2, '0')}.${String(Math.floor(day / 3600)).padStart(3, '0')}Z;${changes.machine ?? 'bench'};butt;stainless304;1,5;1,5;${changes.gap ?? '0,1'};${changes.power ?? '800'};100;sideToSide;2;60;hand;8,5;argon;15;${changes.back ?? 'even'};12,4;105;"from a ""notebook"""`;

describe('a file of coupons', () => {
  it('goes out as CSV and JSON and comes back in as nothing but duplicates', async () => {
    await server.http
      .put(`/api/coupons/${newId()}`)
      .send(
        couponDraft({
          remark: 'comma, "quotes"\nand a line',
          face: ['even', 'undercut'],
          along: [{ toMm: 120, back: 'even', slip: null }],
          colour: { left: 'gold', right: 'blue' },
          slip: 'paused',
          heard: {
            ...{ spellIds: ['bench-1'], litS: 12.3, powerW: 860, gasLMin: 14 },
            ...{ coolantMostC: 24.5, holderMostC: null },
          },
        }),
      )
      .expect(201);
    await server.http
      .put(`/api/coupons/${newId()}`)
      .send(couponDraft({ remark: '-5 °C in the shop' }))
      .expect(201);
    expect(await written('csv')).toContain("'-5 °C in the shop");
    for (const format of ['csv', 'json'] as const) {
      const { rows } = await preview(format, await written(format));
      expect(rows).toHaveLength(await total());
      expect(new Set(rows.map(({ standing }) => standing))).toEqual(new Set(['duplicate']));
    }
  });

  it.each([
    [
      'length=in&travel=in/min&gasFlow=CFH',
      ['first_in', 'travel_in_min', 'wire_in_min', 'gas_cfh', 'run_in', 'wire_mm'],
    ],
    ['travel=cm/min', ['first_mm', 'travel_cm_min', 'gas_l_min', 'run_mm']],
  ])('goes out in the units %s, and comes back in as the same', async (units, columns) => {
    // As somebody who welds by inches types them: figures that no millimetre is a round one of.
    const typed = { gapMm: 0.0063 * 25.4, firstThicknessMm: 25.4 / 16, secondThicknessMm: 1.5 };
    const draft = couponDraft({ runLengthMm: 3.7 * 25.4, remark: 'by the inch' });
    await server.http
      .put(`/api/coupons/${newId()}`)
      .send({ ...draft, joint: { ...draft.joint, ...typed } })
      .expect(201);
    const text = await written('csv', `?${units}`);
    expect(text.split('\n')[0]?.split(',')).toEqual(expect.arrayContaining(columns));
    const { rows, unknownColumns } = await preview('csv', text);
    expect(unknownColumns).toEqual([]);
    expect(new Set(rows.map(({ standing }) => standing))).toEqual(new Set(['duplicate']));
    const withoutIds = text.replaceAll(/,[0-9a-f-]{36},/g, ',,');
    expect(new Set((await preview('csv', withoutIds)).rows.map(({ standing }) => standing))).toEqual(
      new Set(['duplicate']),
    );
  });

  it('is read in inches, and refuses a unit nobody has', async () => {
    const inches = head
      .replace('first_mm', 'first_in')
      .replace('gas_l_min', 'gas_cfh')
      .replace('travel_mm_s', 'travel_in_min');
    const row = line(77).replace(';1,5;1,5;', ';0.0625;1.5;').replace(';8,5;argon;15;', ';20;argon;40;');
    const text = `${inches}\n${row}`;
    expect((await preview('csv', text)).rows[0]).toMatchObject({ standing: 'new', reasons: [] });
    await store('csv', text).expect(200);
    const { coupons } = (await server.http.get('/api/coupons?limit=1&sort=number')).body as CouponPage;
    const { joint, setting } = coupons[0] as Coupon;
    expect(joint.firstThicknessMm).toBe(1.5875);
    expect(setting.pace).toMatchObject({ travelMmS: 8.46666666667 });
    expect(setting.gasFlowLMin).toBe(18.877897728);
    const thin = (await preview('csv', text.replace(';0.0625;', ';0.001;'))).rows[0];
    expect(thin?.reasons[0]).toMatch(/^first_in, in mm, is 0\.0254; allowed is /);
    await server.http.get('/api/coupon-files/csv?length=cubit').expect(422);
  });

  it('is in the history with who took it out', async () => {
    await written('json');
    const { body } = await server.http.get('/api/changes').expect(200);
    expect(body).toContainEqual(
      expect.objectContaining({ personId: 'ines', noun: 'coupon', what: 'took coupons out as JSON' }),
    );
  });

  it('takes no coupon that was not welded yet, and reads what a spreadsheet of Western Europe wrote', async () => {
    const ahead = `${head}\n${line(1).replace('2026-10-01', '2130-10-01')}`;
    const [row] = (await preview('csv', ahead)).rows;
    expect(row?.standing).toBe('wrong');
    expect(JSON.stringify(row)).toContain('welded_at is 2130-10-01');
    const latin = Buffer.from(`${head}\n${line(2)}`.replace('notebook', 'grö\u00dfer'), 'latin1');
    const { body } = (await server.http
      .put('/api/coupon-files/csv/preview')
      .set('Content-Type', 'application/octet-stream')
      .send(latin)
      .expect(200)) as { body: FilePreview };
    expect(body.rows[0]?.standing).toBe('new');
  });

  it('calls machines, people and coupons as the shop does, beside their ids', async () => {
    const [heading = '', first = ''] = (await written('csv')).split('\n');
    expect(heading.split(',').slice(0, 4)).toEqual(['number', 'welded_at', 'machine', 'person']);
    expect(heading).toMatch(/,id,machine_id,person_id$/);
    expect(first).toMatch(/^1,[^,]+,the bench unit,Maren,/);
    const json = JSON.parse(await written('json')) as { machines: object[]; coupons: { number: number }[] };
    expect(json.machines).toContainEqual({ id: 'bench', name: 'the bench unit' });
    expect(json.coupons[0]?.number).toBe(1);
  });

  it('that names machine and person is read as one that has their ids', async () => {
    const text = `${head};person\n${line(4, { machine: 'the bench unit' })};maREN\n${line(5)};Nobody`;
    const { rows } = await preview('csv', text);
    expect(rows.map(({ standing }) => standing)).toEqual(['new', 'wrong']);
    expect(rows[1]?.reasons).toEqual(['person is “Nobody”; allowed is a person of this shop']);
    await store('csv', text).expect(200);
    const [newest] = ((await server.http.get('/api/coupons?limit=1')).body as CouponPage).coupons;
    expect(newest).toMatchObject({ machineId: 'bench', personId: 'maren' });
    expect((await preview('csv', `${head}\n${line(4)}`)).rows[0]?.standing).toBe('duplicate');
  });

  it('rebuilds an empty shop coupon by coupon', async () => {
    // With coupons of its own.
    const other = await startSampleServer({}, Date.now());
    const mine = ((await server.http.get('/api/coupons?limit=200')).body as CouponPage).coupons;
    for (const { id } of ((await other.http.get('/api/coupons?limit=200')).body as CouponPage).coupons) {
      await other.http.put(`/api/coupons/${id}/withdrawal`).expect(200);
    }
    const text = await written('csv');
    await other.http
      .put(`/api/coupon-files/csv/stored/${createHash('sha256').update(text).digest('hex')}`)
      .set('Content-Type', 'application/octet-stream')
      .send(Buffer.from(text))
      .expect(200);
    const theirs = ((await other.http.get('/api/coupons?limit=200')).body as CouponPage).coupons;
    const told = ({ id, joint, setting, back, along, face, remark, weldedAt, personId }: Coupon) => ({
      ...{ id, joint, setting, back, along, face, remark, weldedAt, personId },
    });
    expect(theirs.map(told)).toEqual(mine.map(told));
    await other.stop();
  });

  it('with a decimal comma and semicolons is read; nothing is stored by looking', async () => {
    const before = await total();
    const text = `${head}\n${line(1)}\n`;
    const { rows, unknownColumns } = await preview('csv', text);
    expect(rows).toEqual([
      { of: 'coupon', row: 2, standing: 'new', words: 'stainless304 1.5 mm butt, 800 W, even', reasons: [] },
    ]);
    expect(unknownColumns).toEqual([]);
    expect(await total()).toBe(before);
    expect((await store('csv', text).expect(200)).body).toEqual({ coupons: 1, photos: 0, tests: 0 });
    expect(await total()).toBe(before + 1);
    const [newest] = ((await server.http.get('/api/coupons?limit=1')).body as CouponPage).coupons;
    expect(newest).toMatchObject({ remark: 'from a "notebook"', lightOnS: 12.4, personId: 'ines' });
    expect((await store('csv', text).expect(200)).body).toEqual({ coupons: 0, photos: 0, tests: 0 });
  });

  it('knows a moment again that was written without its thousandths', async () => {
    const text = `${head}\n${line(2).replace('.000Z', 'Z')}`;
    expect((await store('csv', text).expect(200)).body).toEqual({ coupons: 1, photos: 0, tests: 0 });
    expect((await preview('csv', text)).rows.map(({ standing }) => standing)).toEqual(['duplicate']);
  });

  it('says row by row what is wrong and what is allowed, and what it does not know', async () => {
    const text = [
      `${head};mood`,
      `${line(1)};good`,
      `${line(10, { power: '9000' })};good`,
      `${line(11, { back: 'lovely' })};good`,
      `${line(12, { gap: 'none' })};good`,
      `${line(13, { machine: 'bandsaw' })};good`,
      `${line(14)};good`,
      `${line(14)};good`,
    ].join('\n');
    const { rows, unknownColumns } = await preview('csv', text);
    expect(unknownColumns).toEqual(['mood']);
    expect(rows.map(({ row, standing }) => [row, standing])).toEqual([
      [2, 'duplicate'],
      [3, 'wrong'],
      [4, 'wrong'],
      [5, 'wrong'],
      [6, 'wrong'],
      [7, 'new'],
      [8, 'duplicate'],
    ]);
    const reasons = rows.map(({ reasons: why }) => why.join(' '));
    expect(reasons[1]).toBe('power_w is 9000; allowed is a number from 10 to 6000 W');
    expect(reasons[2]).toContain('none, faint, even, heavy, hole');
    expect(reasons[3]).toContain('gap_mm is “none”; allowed is a number');
    expect(reasons[4]).toContain('a machine of this shop');
    expect(reasons[6]).toContain('twice in this file');
  });

  it('of 5000 rows with 40 bad ones: the 4960 are stored, all at once, in a few seconds', async () => {
    const bad = new Set(Array.from({ length: 40 }, (_, i) => i * 120 + 7));
    const rows = Array.from({ length: 5000 }, (_, i) => line(1000 + i, bad.has(i) ? { back: 'lovely' } : {}));
    const text = `${head}\n${rows.join('\n')}`;
    const seen = await preview('csv', text);
    expect(seen.rows.filter(({ standing }) => standing === 'wrong').map(({ row }) => row - 2)).toEqual([
      ...bad,
    ]);
    const before = await total();
    expect((await store('csv', text).expect(200)).body).toEqual({ coupons: 4960, photos: 0, tests: 0 });
    expect(await total()).toBe(before + 4960);
  });

  it('that is not the one that was shown is refused, and so is one that is none', async () => {
    const text = `${head}\n${line(3)}`;
    await send(`csv/stored/${'0'.repeat(64)}`, text).expect(409);
    for (const [format, content, why] of [
      ['csv', '', 'the bytes of a file'],
      ['csv', 'a,b\n1,2', 'without the column back'],
      ['csv', head, 'no coupon'],
      ['json', '{', 'JSON'],
      ['json', '{"coupons":[]}', 'lone-heron-coupons'],
    ] as const) {
      const { body } = (await send(`${format}/preview`, content).expect(422)) as { body: Problem };
      expect(body.detail).toContain(why);
    }
  });
});
