import type { Coupon, CouponPage, Ladder, LadderDraft, Problem } from '@lone-heron/contract';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const draft = (changes: Partial<LadderDraft> = {}): LadderDraft => {
  const { machineId, joint, setting } = couponDraft();
  return {
    ...{ name: 'power on worktop', machineId, joint, setting },
    axes: [{ knob: 'power', values: [700, 800, 900] }],
    rungs: [[700], [800], [900]],
    ...changes,
  };
};
const make = (body: object, id = newId()) => server.http.put(`/api/ladders/${id}`).send(body);

describe('a ladder', () => {
  it('is kept with a number of its own, and a retried save is the same save', async () => {
    const id = newId();
    const { body } = (await make(draft(), id).expect(200)) as { body: Ladder };
    expect(body).toMatchObject({ ...draft(), id, madeBy: 'ines', closedAt: null });
    expect((await make(draft(), id).expect(200)).body).toEqual(body);
    await make(draft({ name: 'other' }), id).expect(409);
    expect((await server.http.get('/api/ladders')).body).toContainEqual(body);
  });

  it('gathers the coupons that are its rungs', async () => {
    const ladderId = newId();
    await make(draft(), ladderId).expect(200);
    const id = newId();
    await server.http
      .put(`/api/coupons/${id}`)
      .send(couponDraft({ rung: { ladderId, index: 1 } }))
      .expect(201);
    const { coupons } = (await server.http.get(`/api/coupons?ladderId=${ladderId}`)).body as CouponPage;
    expect(coupons.map((coupon: Coupon) => [coupon.id, coupon.rung?.index])).toEqual([[id, 1]]);
  });

  it('is put away and taken out again', async () => {
    const id = newId();
    await make(draft(), id).expect(200);
    const { body } = (await server.http.put(`/api/ladders/${id}/closing`).expect(200)) as { body: Ladder };
    expect(body.closedAt).not.toBeNull();
    expect(((await server.http.delete(`/api/ladders/${id}/closing`)).body as Ladder).closedAt).toBeNull();
    await server.http.put(`/api/ladders/${newId()}/closing`).expect(404);
  });

  it.each([
    [draft({ rungs: [[700], [9000]] }), 'up to 1500 W on the bench unit'],
    [
      draft({
        rungs: [
          [700, 2],
          [800, 2],
        ],
      }),
      '1 values, one for each knob',
    ],
    [draft({ axes: [{ knob: 'power', values: [700] }] }), '2 to 8 values'],
    [draft({ machineId: 'bandsaw' }), 'a machine of this shop'],
    [draft({ name: ' ' }), 'a name of up to 80 characters'],
  ])('that cannot be is refused and says what is allowed', async (body, allowed) => {
    const answer = (await make(body).expect(422)) as { body: Problem };
    expect(JSON.stringify(answer.body.errors)).toContain(allowed);
  });
});
