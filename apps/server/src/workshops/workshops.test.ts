import type {
  Bottle,
  Card,
  Change,
  House,
  Machine,
  Person,
  Problem,
  StockItem,
  Workshop,
} from '@lone-heron/contract';
import { cardOf, jobDraft } from '@lone-heron/contract/testing';
import {
  couponDraft,
  newId,
  startSampleServer,
  windowChange,
  type Desk,
  type SampleServer,
} from '../testing/sampleServer.js';

/** A firm of two workshops: the bench unit stands in Quay, the barrow in Slipway; Ines is of the whole firm. */
let server: SampleServer;
/** Lead of Quay. */
let quay: Desk;
/** Lead of Slipway. */
let slipway: Desk;
const [quayId, slipwayId] = [newId(), newId()];

beforeEach(async () => {
  server = await startSampleServer();
  const { http } = server;
  await http.put(`/api/workshops/${quayId}`).send({ name: 'Quay' }).expect(200);
  await http.put(`/api/workshops/${slipwayId}`).send({ name: 'Slipway' }).expect(200);
  for (const [person, workshopId] of [
    ['maren', quayId],
    ['tobias', slipwayId],
  ]) {
    await http.put(`/api/people/${person}/role`).send({ role: 'lead' }).expect(200);
    await http.put(`/api/people/${person}/workshop`).send({ workshopId }).expect(200);
  }
  await http.put('/api/machines/bench/workshop').send({ workshopId: quayId }).expect(200);
  await http.put('/api/machines/barrow/workshop').send({ workshopId: slipwayId }).expect(200);
  quay = await server.desk('maren');
  slipway = await server.desk('tobias');
});
afterEach(() => server.stop());

async function read<Body>(desk: Desk, path: string): Promise<Body> {
  return (await desk.get(`/api/${path}`).expect(200)).body as Body;
}

describe('workshops', () => {
  it('are opened, renamed and taken off the list by a lead of the whole firm', async () => {
    const { http } = server;
    const id = newId();
    await http.put(`/api/workshops/${id}`).send({ name: 'Loft' }).expect(200);
    await http.put(`/api/workshops/${id}`).send({ name: 'Loft' }).expect(200);
    await http.put(`/api/workshops/${id}`).send({ name: 'Sail loft' }).expect(200);
    expect((await read<Workshop[]>(http, 'workshops')).map(({ name }) => name)).toEqual([
      'Quay',
      'Sail loft',
      'Slipway',
    ]);
    await quay.put(`/api/workshops/${newId()}`).send({ name: 'Ours' }).expect(403);
    await quay.delete(`/api/workshops/${id}`).expect(403);
    await http.delete(`/api/workshops/${id}`).expect(204);
    await http.delete(`/api/workshops/${id}`).expect(404);
    const told = (await read<Change[]>(http, 'changes')).filter(({ noun }) => noun === 'workshop');
    expect(told.slice(0, 3).map(({ what }) => what)).toEqual([
      'took workshop Sail loft off the list',
      'renamed workshop Loft to Sail loft',
      'opened workshop Loft',
    ]);
  });

  it('have a name of their own each, and stay while anything is theirs', async () => {
    const { http } = server;
    const { body } = await http.put(`/api/workshops/${newId()}`).send({ name: 'Quay' }).expect(422);
    expect((body as Problem).errors?.[0]).toEqual({
      field: 'name',
      given: '"Quay"',
      allowed: 'a name that no other workshop has',
    });
    const refusal = await http.delete(`/api/workshops/${quayId}`).expect(409);
    expect((refusal.body as Problem).detail).toBe(
      'Quay has a machine still: move what is its to another workshop first.',
    );
  });
});

describe('people and machines', () => {
  it('are a workshop’s or the whole firm’s, as a lead of the whole firm says', async () => {
    const bench = (await read<Machine[]>(quay, 'machines')).find(({ id }) => id === 'bench');
    expect(bench?.workshopId).toBe(quayId);
    await quay.put('/api/machines/bench/workshop').send({ workshopId: slipwayId }).expect(403);
    await quay.put('/api/people/maren/workshop').send({ workshopId: null }).expect(403);
    await server.http.put('/api/machines/bench/workshop').send({ workshopId: newId() }).expect(422);
    await server.http.put('/api/machines/bench/workshop').send({ workshopId: null }).expect(200);
    await quay.put('/api/machines/bench/retired').expect(403);
  });

  it('are added to the workshop of who adds them', async () => {
    const draft = { name: 'Jonas', role: 'welder', pin: '8317' };
    const { body } = await quay.put('/api/people/jonas').send(draft).expect(200);
    expect((body as Person).workshopId).toBe(quayId);
    await quay
      .put('/api/people/lotte')
      .send({ ...draft, name: 'Lotte', workshopId: slipwayId })
      .expect(403);
    const { body: added } = await server.http
      .put('/api/people/lotte')
      .send({ ...draft, name: 'Lotte', workshopId: slipwayId })
      .expect(200);
    expect((added as Person).workshopId).toBe(slipwayId);
    await quay.put('/api/people/lotte/pin').send({ newPin: '7193' }).expect(403);
    await quay.put('/api/people/jonas/pin').send({ newPin: '7193' }).expect(200);
  });

  it('keep one lead of the whole firm, who alone can say whose things are', async () => {
    const refusal = await server.http
      .put('/api/people/ines/workshop')
      .send({ workshopId: quayId })
      .expect(409);
    expect((refusal.body as Problem).detail).toBe(
      'Ines is the only lead of the whole firm: make somebody else lead of the whole firm first.',
    );
    await server.http.put('/api/people/ines/role').send({ role: 'welder' }).expect(409);
  });
});

describe('a lead of one workshop', () => {
  it('sees another’s coupons and is told whose they are when changing them', async () => {
    const id = newId();
    await quay.put(`/api/coupons/${id}`).send(couponDraft()).expect(201);
    await slipway.get(`/api/coupons/${id}`).expect(200);
    const { body } = await slipway.put(`/api/coupons/${id}/withdrawal`).expect(403);
    expect((body as Problem).detail).toBe(
      'This is of Quay, and Tobias is of Slipway: it can be seen, not changed. Somebody of Quay or of the whole firm changes it. Nothing was stored, and nothing typed is lost.',
    );
    await server.http.put(`/api/coupons/${id}/withdrawal`).expect(200);
  });

  it('cannot move a coupon to a machine of another', async () => {
    const id = newId();
    await quay.put(`/api/coupons/${id}`).send(couponDraft()).expect(201);
    const draft = couponDraft({ machineId: 'barrow' });
    await quay.put(`/api/coupons/${id}/revisions/2`).send({ draft, why: 'misread' }).expect(403);
  });

  it('cannot move a job there either', async () => {
    const id = newId();
    await quay.put(`/api/jobs/${id}/revisions/1`).send(jobDraft()).expect(200);
    const moved = jobDraft({ machineId: 'barrow', why: 'there is more room' });
    await quay.put(`/api/jobs/${id}/revisions/2`).send(moved).expect(403);
    await slipway.put(`/api/jobs/${id}/revisions/2`).send(moved).expect(403);
    await slipway.put(`/api/jobs/${id}/state`).send({ state: 'released' }).expect(403);
    await slipway.put(`/api/jobs/${id}/claims/W1/1`).expect(403);
    await quay.put(`/api/jobs/${id}/claims/W1/1`).expect(200);
  });

  it('leaves another’s day and telemetry alone', async () => {
    await slipway.put(`/api/machines/bench/days/${newId()}`).expect(403);
    await slipway
      .put('/api/logged-light/bench/stored?time=time&light=on')
      .set('Content-Type', 'application/octet-stream')
      .send(Buffer.from('time,on\n2026-11-24T10:00:00Z,1\n2026-11-24T10:00:05Z,0\n'))
      .expect(403);
    await quay.put(`/api/machines/bench/days/${newId()}`).expect(200);
  });
});

describe('cards', () => {
  const content = (name: string) => {
    const { machineId, joint, setting } = couponDraft();
    const [version] = cardOf(1, name, joint, { machineId, setting }).versions;
    return { content: version?.content, why: '', carriedFrom: null };
  };

  it('are the firm’s, and a workshop’s own beside them: each changed by its own', async () => {
    const [firms, own] = [newId(), newId()];
    await server.http.put(`/api/cards/${firms}/versions/1`).send(content('galley')).expect(200);
    await quay.put(`/api/cards/${own}/versions/1`).send(content('own way')).expect(200);
    const cards = await read<Card[]>(slipway, 'cards');
    expect(cards.find(({ id }) => id === firms)?.workshopId).toBeNull();
    expect(cards.find(({ id }) => id === own)?.workshopId).toBe(quayId);
    for (const [desk, id] of [
      [quay, firms],
      [slipway, own],
    ] as const) {
      await desk.put(`/api/cards/${id}/versions/2`).send(content('another')).expect(403);
      await desk.put(`/api/cards/${id}/versions/1/signature`).send({ pin: '2468' }).expect(403);
      await desk.put(`/api/cards/${id}/versions/1/proofs/${newId()}`).expect(403);
      await desk.put(`/api/cards/${id}/procedure/revisions/1/approval`).send({ pin: '2468' }).expect(403);
    }
    await server.http.put(`/api/cards/${own}/versions/2`).send(content('another')).expect(200);
  });
});

describe('what lies on shelves', () => {
  const bottle = (machineId: string | null) => ({
    ...{ gas: 'argon', litres: 50, pressureBar: 180, purity: '4.6', batch: '', supplier: '' },
    ...{ price: null, machineId },
  });
  const spare = (count: number) => ({
    ...{ kind: 'window', name: 'plain', supplier: 'the usual', lot: '', count, price: null, deliveryDays: 3 },
    ...{ serviceLevel: 0.95, usedPerMonth: null },
  });

  it('is of who put it there, and a fitted bottle is of its machine', async () => {
    const id = newId();
    const { body } = await quay.put(`/api/bottles/${id}`).send(bottle(null)).expect(200);
    expect((body as Bottle).workshopId).toBe(quayId);
    await slipway.put(`/api/bottles/${id}`).send(bottle('barrow')).expect(403);
    await quay.put(`/api/bottles/${id}`).send(bottle('barrow')).expect(403);
    await quay.put(`/api/bottles/${id}`).send(bottle('bench')).expect(200);
    const pair = newId();
    const worn = { name: 'by the door', kind: 'glasses', marking: '', opticalDensity: 7, shade: '' };
    const eyewear = { ...worn, condition: 'sound', isRetired: false };
    await quay.put(`/api/eyewear/${pair}`).send(eyewear).expect(200);
    await slipway.put(`/api/eyewear/${pair}`).send(eyewear).expect(403);
  });

  it('a fitted window is taken out of its own workshop’s drawer, or the firm’s', async () => {
    const [ours, theirs] = [newId(), newId()];
    await quay.put(`/api/stock/${ours}`).send(spare(5)).expect(200);
    await slipway.put(`/api/stock/${theirs}`).send(spare(5)).expect(200);
    await slipway.put(`/api/stock/${ours}`).send(spare(4)).expect(403);
    await quay
      .put(`/api/windows/${newId()}`)
      .send(windowChange({ supplier: 'the usual', lot: '' }))
      .expect(201);
    const counts = Object.fromEntries(
      (await read<StockItem[]>(quay, 'stock')).map(({ id, count }) => [id, count]),
    );
    expect([counts[ours], counts[theirs]]).toEqual([4, 5]);
  });

  it('what its box says comes out of the firm’s drawer, though the own one has another', async () => {
    const [ours, firms] = [newId(), newId()];
    await quay.put(`/api/stock/${ours}`).send(spare(5)).expect(200);
    await server.http
      .put(`/api/stock/${firms}`)
      .send({ ...spare(5), supplier: 'another', lot: 'B7' })
      .expect(200);
    await quay
      .put(`/api/windows/${newId()}`)
      .send(windowChange({ supplier: 'another', lot: 'B7' }))
      .expect(201);
    const counts = new Map((await read<StockItem[]>(quay, 'stock')).map(({ id, count }) => [id, count]));
    expect([counts.get(ours), counts.get(firms)]).toEqual([5, 4]);
  });
});

describe('sheets of the house', () => {
  it('are the firm’s until a workshop writes its own on top', async () => {
    const { http } = server;
    const firms = await read<House>(http, 'house');
    const dearer = { ...firms.prices.content, labourPerHour: 61 };
    const before = await read<House>(quay, 'house');
    expect(before.prices).toEqual({ ...firms.prices, revision: 0, isOwn: false });
    await quay.put('/api/house/prices/1').send(dearer).expect(200);
    expect((await read<House>(quay, 'house')).prices).toEqual({ revision: 1, content: dearer, isOwn: true });
    expect((await read<House>(slipway, 'house')).prices.content).toEqual(firms.prices.content);
    expect((await read<House>(http, 'house')).prices).toEqual(firms.prices);
    await quay.put('/api/house/prices/2/firms').expect(200);
    await quay.put('/api/house/prices/2/firms').expect(200);
    const after = await read<House>(quay, 'house');
    expect(after.prices).toEqual({ ...firms.prices, revision: 2, isOwn: false });
  });

  it('go on with what the firm changes as long as a workshop has none of its own', async () => {
    const { prices } = await read<House>(server.http, 'house');
    const content = { ...prices.content, window: 19 };
    await server.http
      .put(`/api/house/prices/${prices.revision + 1}`)
      .send(content)
      .expect(200);
    expect((await read<House>(quay, 'house')).prices.content.window).toBe(19);
  });

  it('leave the weighing of glass to the firm', async () => {
    const { glassWeights } = await read<House>(quay, 'house');
    await quay
      .put(`/api/house/glassWeights/${glassWeights.revision + 1}`)
      .send({ ...glassWeights.content, power: 0.5 })
      .expect(403);
    await server.http.put('/api/house/prices/1/firms').expect(409);
    await quay.put('/api/house/plants/1/firms').expect(422);
  });
});
