import type { Coupon, Problem, ProtectiveWindow } from '@lone-heron/contract';
import {
  couponDraft,
  newId,
  startSampleServer,
  windowChange,
  type SampleServer,
} from '../testing/sampleServer.js';
import { Clock } from './clock.js';

/** Clocks that are wrong: of devices that write something down, and of the shop's own machine. */

const minute = 60_000;
let server: SampleServer;
let now: number;
beforeEach(async () => {
  server = await startSampleServer();
  now = Date.now();
  Object.assign(server.app.get(Clock), { now: () => new Date(now) });
});
afterEach(() => server.stop());

const moment = (ms: number) => new Date(ms).toISOString();
async function fit(): Promise<ProtectiveWindow> {
  const { body } = await server.http.put(`/api/windows/${newId()}`).send(windowChange()).expect(201);
  return body as ProtectiveWindow;
}
async function log(weldedAt: number, desk = server.http): Promise<Coupon> {
  const draft = couponDraft({ weldedAt: moment(weldedAt) });
  return (await desk.put(`/api/coupons/${newId()}`).send(draft).expect(201)).body as Coupon;
}

describe('a moment that somebody says', () => {
  const test = {
    result: 'holds',
    remark: '',
    photoIds: [],
    detail: { kind: 'leak', medium: 'water', leak: 'none' },
  };
  const light = {
    ...{ machineId: 'bench', minutes: 30, powerW: 900, metal: 'stainless304', gas: 'argon', batch: '' },
    ...{ gunAngleDeg: 45, isSoftStart: false },
  };
  const upkeep = {
    machineId: 'bench',
    note: 'a day late',
    detail: { kind: 'upkeep', taskId: 'window', value: '', photoId: null },
  };

  it.each([
    ['1970', '1970-01-01T00:00:00.000Z'],
    ['9999', '9999-12-31T23:59:59.000Z'],
    ['in an hour', moment(Date.now() + 60 * minute)],
  ])('of %s is refused wherever one is said, with what is allowed', async (_, said) => {
    const { id } = await log(now);
    const sent: readonly (readonly [string, object])[] = [
      [`coupons/${newId()}`, couponDraft({ weldedAt: said })],
      [`coupons/${id}/revisions/2`, { draft: couponDraft({ weldedAt: said }), why: 'a day late' }],
      [`coupons/${id}/tests/${newId()}`, { ...test, doneAt: said }],
      [`light/${newId()}`, { ...light, weldedAt: said }],
      [`records/${newId()}`, { ...upkeep, detail: { ...upkeep.detail, doneAt: said } }],
    ];
    for (const [path, body] of sent) {
      const answer = await server.http.put(`/api/${path}`).send(body);
      expect({ path, status: answer.status }).toEqual({ path, status: 422 });
      expect((answer.body as Problem).errors?.[0]).toMatchObject({
        given: said,
        allowed: expect.stringContaining('from the year 2000 up to now') as string,
      });
    }
  });

  it('may be a few minutes ahead, as a device that never asked the shop for the time', async () => {
    expect((await log(now + 4 * minute)).weldedAt).toBe(moment(now + 4 * minute));
  });
});

describe('a clock of the shop that is set back two hours', () => {
  it('leaves what is welded now with the window that is fitted now, and lets the next one follow it', async () => {
    const before = await fit();
    now += minute;
    const fitted = await fit();
    now -= 120 * minute;
    expect((await log(now)).windowId).toBe(fitted.id);
    const next = await fit();
    expect(next.fittedAt >= fitted.fittedAt).toBe(true);
    expect((await log(now)).windowId).toBe(next.id);
    // Days ago it was another glass all the same.
    now += 24 * 60 * minute;
    const desk = await server.desk('ines');
    expect((await log(Date.parse(before.fittedAt) + 1000, desk)).windowId).toBe(before.id);
  });
});
