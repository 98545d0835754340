import {
  cardState,
  houseStarts,
  versionInForce,
  type Card,
  type CardContent,
  type CardDraft,
  type NamedLevel,
  type Problem,
  samplePin,
} from '@lone-heron/contract';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

/** Asks for depth alone, which an even back shows. */
const level: NamedLevel = {
  ...(houseStarts.acceptance[0] as NamedLevel),
  name: 'Through',
  ...{ mostUndercut: null, mostCrown: null, mostMisalignment: null, longestIndication: null },
  asksTight: false,
};
const content = (changes: Partial<CardContent> = {}): CardContent => {
  const { machineId, joint, setting } = couponDraft();
  return {
    ...{ name: 'galley worktop', machineId, joint, setting },
    nozzle: { shape: 'flat', isGrooved: true, boreMm: 4 },
    ...{ focusMm: 0, gunAngleDeg: 45, notes: 'Tack first.', tags: ['galley'] },
    level,
    ...changes,
  };
};
const draft = (changes: Partial<CardDraft> = {}): CardDraft => ({
  content: content(),
  why: '',
  carriedFrom: null,
  ...changes,
});
const write = (id: string, version: number, body: object = draft()) =>
  server.http.put(`/api/cards/${id}/versions/${version}`).send(body);
const made = async (body: object = draft()) => {
  const id = newId();
  await write(id, 1, body).expect(200);
  return id;
};
const welded = async (changes: Record<string, unknown> = {}) => {
  const id = newId();
  await server.http.put(`/api/coupons/${id}`).send(couponDraft(changes)).expect(201);
  return id;
};
const prove = (id: string, version: number, couponId: string) =>
  server.http.put(`/api/cards/${id}/versions/${version}/proofs/${couponId}`);
const sign = (id: string, version: number, pin = samplePin) =>
  server.http.put(`/api/cards/${id}/versions/${version}/signature`).send({ pin });
const card = async (id: string) =>
  ((await server.http.get('/api/cards').expect(200)).body as Card[]).find((each) => each.id === id) as Card;
const stateOf = async (id: string) => cardState(await card(id));

describe('a card', () => {
  it('goes from draft to proven to signed to its next version, and the signed one stays in force', async () => {
    const id = await made();
    expect(await stateOf(id)).toBe('draft');
    await sign(id, 1).expect(409);
    await prove(id, 1, await welded({ back: 'even' })).expect(200);
    expect(await stateOf(id)).toBe('proven');
    await sign(id, 1, '1357').expect(401);
    expect(await stateOf(id)).toBe('proven');
    await sign(id, 1).expect(200);
    expect(await stateOf(id)).toBe('signed');
    expect(versionInForce(await card(id))?.signedBy).toBe('ines');
    const next = draft({ content: content({ notes: 'Tack every 40 mm.' }) });
    const { body } = (await write(id, 2, next).expect(422)) as { body: Problem };
    expect(body.detail).toContain('what changed and why');
    await write(id, 2, { ...next, why: 'pulled open between tacks' }).expect(200);
    const after = await card(id);
    expect(after.versions.map(({ version }) => version)).toEqual([2, 1]);
    expect(cardState(after)).toBe('draft');
    expect(versionInForce(after)?.version).toBe(1);
  });

  it('is written once however often it is sent, and never over what somebody else wrote', async () => {
    const id = await made();
    const first = await card(id);
    expect((await write(id, 1).expect(200)).body).toEqual(first);
    await write(id, 1, draft({ content: content({ name: 'other' }) })).expect(409);
    await write(id, 3).expect(409);
    await write(newId(), 2).expect(409);
  });

  it.each([
    [{ setting: { ...couponDraft().setting, powerW: 1200 } }, 'power 1200 W'],
    [{ joint: { ...couponDraft().joint, metal: 'lowCarbonSteel' } }, 'another metal'],
    [{ slip: 'paused' }, 'the hand slipped'],
  ])('takes no coupon that was welded otherwise: %j', async (changes, why) => {
    const id = await made();
    const { body } = (await prove(id, 1, await welded(changes)).expect(422)) as { body: Problem };
    expect(body.detail).toContain(why);
  });

  it('is not proven by a coupon that failed, that was taken back, or that was taken off again', async () => {
    const id = await made();
    const good = await welded({ back: 'even' });
    await prove(id, 1, good).expect(200);
    await prove(id, 1, good).expect(200);
    expect((await card(id)).versions[0]?.proofs).toHaveLength(1);
    const cold = await welded({ back: 'even' });
    await prove(id, 1, cold).expect(200);
    const section = {
      ...{ kind: 'section', grits: '', etchant: 'none', isThrough: false, photoId: null },
      measured: { depth: { mm: 0.9, giveMm: 0.05 } },
    };
    await server.http
      .put(`/api/coupons/${cold}/tests/${newId()}`)
      .send({
        detail: section,
        result: 'fails',
        remark: '',
        doneAt: new Date().toISOString(),
        photoIds: [],
      })
      .expect(200);
    expect(await stateOf(id)).toBe('draft');
    await server.http.delete(`/api/cards/${id}/versions/1/proofs/${cold}`).expect(200);
    expect(await stateOf(id)).toBe('proven');
    await server.http.put(`/api/coupons/${good}/withdrawal`).expect(200);
    expect(await stateOf(id)).toBe('draft');
  });

  it('is retired and taken out again, by a lead alone', async () => {
    const id = await made();
    const welder = await server.desk('maren');
    await welder.put(`/api/cards/${id}/retirement`).expect(403);
    await server.http.put(`/api/cards/${id}/retirement`).expect(200);
    expect(await stateOf(id)).toBe('retired');
    await server.http.delete(`/api/cards/${id}/retirement`).expect(200);
    expect(await stateOf(id)).toBe('draft');
    await server.http.put(`/api/cards/${newId()}/retirement`).expect(404);
  });

  it.each([
    [{ content: content({ machineId: 'bandsaw' }) }, 'a machine of this shop'],
    [{ content: content({ setting: { ...content().setting, powerW: 6000 } }) }, 'up to 1500 W'],
    [{ content: content({ name: ' ' }) }, 'a name of up to 80 characters'],
    [{ content: content({ tags: ['Deck', 'deck'] }) }, 'different tags'],
    [{ content: content({ focusMm: 40 }) }, '-10 to 10 mm'],
    [{ carriedFrom: { cardId: newId(), version: 1 } }, 'a version of a card of this shop'],
  ])('that cannot be is refused and says what is allowed: %#', async (changes, allowed) => {
    const { body } = (await write(newId(), 1, { ...draft(), ...changes }).expect(422)) as { body: Problem };
    expect(JSON.stringify(body.errors)).toContain(allowed);
  });
});
