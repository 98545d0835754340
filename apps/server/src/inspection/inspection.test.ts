import type { Coupon, CouponTest, CouponTint, Photo, Problem } from '@lone-heron/contract';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
let couponId: string;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());
beforeEach(async () => {
  couponId = newId();
  await server.http.put(`/api/coupons/${couponId}`).send(couponDraft()).expect(201);
});

const test = (detail: object, changes: object = {}) => ({
  detail,
  result: 'holds',
  remark: '',
  doneAt: '2026-11-24T11:00:00.000Z',
  photoIds: [],
  ...changes,
});
const write = (draft: object, id = newId()) =>
  server.http.put(`/api/coupons/${couponId}/tests/${id}`).send(draft);
const coupon = async () => (await server.http.get(`/api/coupons/${couponId}`)).body as Coupon;

const section = (mm: number, changes: object = {}) => ({
  kind: 'section',
  grits: '240, 600',
  etchant: 'nital',
  isThrough: false,
  measured: { depth: { mm, giveMm: 0.05 } },
  photoId: null,
  ...changes,
});
const tint = (changes: object = {}) => ({
  kind: 'tint',
  photoId: newId(),
  left: 'blue',
  right: 'gold',
  offset: { mm: -0.4, giveMm: 0.05 },
  widths: { straw: { mm: 6, giveMm: 0.1 } },
  ...changes,
});
const pressure = (changes: object = {}) => ({
  kind: 'pressure',
  medium: 'water',
  volumeL: 2,
  gauge: { fullScaleBar: 16, classPercent: 1.6, divisionBar: 0.5 },
  startBar: 8,
  endBar: 8,
  heldMin: 10,
  needle: 'steady',
  leak: 'none',
  isLetOff: true,
  ...changes,
});

describe('a test', () => {
  it.each([
    [{ kind: 'look', back: 'even', faults: '' }],
    [section(1.2)],
    [{ kind: 'bend', side: 'root', angleDeg: 120, mandrelMm: 6, brokeAt: 'notAtAll' }],
    [{ kind: 'hammer', blows: 12, brokeAt: 'inParent' }],
    [{ kind: 'vice', angleDeg: 90, brokeAt: 'inParent' }],
    [{ kind: 'peel', brokeAt: 'inParent' }],
    [{ kind: 'dye', dwellMin: 10, longestMm: 0 }],
    [{ kind: 'leak', medium: 'bubbles', leak: 'none' }],
    [pressure()],
  ])('of each kind is kept with who and when: %j', async (detail) => {
    const id = newId();
    const { body } = (await write(test(detail), id).expect(200)) as { body: CouponTest };
    expect(body).toMatchObject({ id, couponId, detail, result: 'holds', doneBy: 'ines' });
    expect((await write(test(detail), id).expect(200)).body).toEqual(body);
    await write(test(detail, { result: 'fails' }), id).expect(409);
    expect((await server.http.get(`/api/coupons/${couponId}/tests`)).body).toEqual([body]);
  });

  it.each([
    [{ kind: 'vice', angleDeg: 90, brokeAt: 'besideWeld' }, 'It broke beside the weld.'],
    [{ kind: 'peel', brokeAt: 'inWeld' }, 'It broke in the weld.'],
    [{ kind: 'leak', medium: 'bubbles', leak: 'weld' }, 'The weld leaked.'],
    [pressure({ startBar: 6.2, endBar: 5.9 }), 'The reading fell by 0.30 bar'],
    [
      section(1, { measured: { depth: { mm: 1, giveMm: 0.1 }, crown: { mm: 5, giveMm: 0.1 } } }),
      'A crown of 5 mm',
    ],
  ])('did not hold where its own figures say so: %j', async (detail, why) => {
    const { body } = (await write(test(detail)).expect(422)) as { body: Problem };
    expect(JSON.stringify(body.errors)).toContain(why);
    await write(test(detail, { result: 'fails' })).expect(200);
    await write(test(detail, { result: 'unclear' })).expect(200);
  });

  it.each([
    [pressure({ startBar: 20 }), 'up to 16 bar, the end of the dial'],
    [pressure({ isLetOff: false }), 'ends with letting the pressure off'],
    [section(0), 'a depth above 0 mm'],
    [section(1, { measured: {} }), 'a depth above 0 mm'],
    [section(1, { photoId: newId() }), 'a photo of this coupon'],
    [tint(), 'a photo of this coupon'],
    [tint({ widths: { straw: { mm: -1, giveMm: 0 } } }), '0 to 100'],
    [{ kind: 'bend', side: 'root', angleDeg: 270, mandrelMm: 6, brokeAt: 'inWeld' }, '0 to 180'],
    [{ kind: 'licked' }, 'of the kind look, section, tint'],
  ])('that cannot be is refused: %j', async (detail, allowed) => {
    const { body } = (await write(test(detail)).expect(422)) as { body: Problem };
    expect(JSON.stringify(body.errors)).toContain(allowed);
  });

  it('of a coupon that is not there: 404', async () => {
    await server.http
      .put(`/api/coupons/${newId()}/tests/${newId()}`)
      .send(test({ kind: 'peel', brokeAt: 'inWeld' }))
      .expect(404);
  });
});

describe('a section', () => {
  it('is on the coupon, the newest one, until it is taken back', async () => {
    expect((await coupon()).section).toBeNull();
    await write(test(section(1.2))).expect(200);
    expect((await coupon()).section).toEqual({ isThrough: false, depthMm: 1.2 });
    const through = newId();
    await write(
      test(section(1, { isThrough: true, measured: {} }), { doneAt: '2026-11-24T12:00:00.000Z' }),
      through,
    ).expect(200);
    expect((await coupon()).section).toEqual({ isThrough: true });
    await server.http.put(`/api/tests/${through}/withdrawal`).expect(200);
    expect((await coupon()).section).toEqual({ isThrough: false, depthMm: 1.2 });
    await server.http.delete(`/api/tests/${through}/withdrawal`).expect(200);
    expect((await coupon()).section).toEqual({ isThrough: true });
  });
});

describe('colours read off photos', () => {
  const tints = async (metal: string) =>
    (await server.http.get(`/api/tints?metal=${metal}`).expect(200)).body as CouponTint[];
  const readOff = async ({ couponId: of, id: photoId }: Photo, straw: number, doneAt: string) => {
    const id = newId();
    const detail = tint({ photoId, widths: { straw: { mm: straw, giveMm: 0.1 } } });
    await server.http.put(`/api/coupons/${of}/tests/${id}`).send(test(detail, { doneAt })).expect(200);
    return id;
  };

  it('are those of the metal’s family, each coupon by its newest, newest first', async () => {
    const [older, newer] = [await couponWithPhoto(server.http), await couponWithPhoto(server.http)];
    await readOff(older, 6, '2026-11-24T11:00:00.000Z');
    await readOff(newer, 8, '2026-11-24T12:00:00.000Z');
    const again = await readOff(older, 7, '2026-11-24T13:00:00.000Z');
    const straws = async () =>
      (await tints('stainless304')).map(({ coupon: { id }, widths }) => [id, widths.straw?.mm]);
    expect(await straws()).toEqual([
      [older.couponId, 7],
      [newer.couponId, 8],
    ]);
    expect(await tints('titanium2')).toEqual([]);
    await server.http.put(`/api/tests/${again}/withdrawal`).expect(200);
    expect(await straws()).toEqual([
      [newer.couponId, 8],
      [older.couponId, 6],
    ]);
    await server.http.put(`/api/coupons/${newer.couponId}/withdrawal`).expect(200);
    expect(await straws()).toEqual([[older.couponId, 6]]);
  });

  it('of a metal nobody knows are refused by its name', async () => {
    const { body } = (await server.http.get('/api/tints?metal=mithril').expect(422)) as { body: Problem };
    expect(JSON.stringify(body.errors)).toContain('mithril');
  });
});
