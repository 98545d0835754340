import type { CardDraft, Problem, ProgramSlot } from '@lone-heron/contract';
import { cardOf } from '@lone-heron/contract/testing';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

async function writtenCard(changes: Partial<CardDraft['content']> = {}): Promise<string> {
  const id = newId();
  const { machineId, joint, setting } = couponDraft();
  const [version] = cardOf(1, 'galley worktop', joint, { machineId, setting, ...changes }).versions;
  await server.http
    .put(`/api/cards/${id}/versions/1`)
    .send({ content: version?.content, why: '', carriedFrom: null })
    .expect(200);
  return id;
}
const enter = (slot: number, entry: object, id = newId(), machine = 'bench') =>
  server.http.put(`/api/machines/${machine}/slots/${slot}/entries/${id}`).send(entry);
const slots = async () =>
  (await server.http.get('/api/machines/bench/slots').expect(200)).body as ProgramSlot[];

describe('program slots', () => {
  it('hold what was stored in them last, until they are emptied', async () => {
    const [first, second] = [await writtenCard(), await writtenCard({ name: 'sink' })];
    await enter(3, { did: 'stored', cardId: first, version: 1 }).expect(200);
    await enter(1, { did: 'stored', cardId: second, version: 1 }).expect(200);
    await enter(3, { did: 'stored', cardId: second, version: 1 }).expect(200);
    expect((await slots()).map(({ slot, cardId }) => [slot, cardId])).toEqual([
      [1, second],
      [3, second],
    ]);
    await enter(1, { did: 'emptied' }).expect(200);
    expect((await slots()).map(({ slot }) => slot)).toEqual([3]);
    await enter(1, { did: 'emptied' }).expect(409);
  });

  it('say when they were last held against the machine, and forget it when something else is stored', async () => {
    const cardId = await writtenCard();
    await enter(5, { did: 'stored', cardId, version: 1 }).expect(200);
    const of = async () => (await slots()).find(({ slot }) => slot === 5)?.compared;
    expect(await of()).toBeNull();
    const shown = { powerW: 900, wobbleRateHz: 60 };
    await enter(5, { did: 'compared', shown }).expect(200);
    expect(await of()).toMatchObject({ by: 'ines', shown });
    await enter(5, { did: 'stored', cardId, version: 1 }).expect(200);
    expect(await of()).toBeNull();
  });

  it('take a repeated entry as the same one, and another under its id as a clash', async () => {
    const [cardId, id] = [await writtenCard(), newId()];
    await enter(6, { did: 'stored', cardId, version: 1 }, id).expect(200);
    await enter(6, { did: 'emptied' }).expect(200);
    await enter(6, { did: 'stored', cardId, version: 1 }, id).expect(200);
    expect((await slots()).some(({ slot }) => slot === 6)).toBe(false);
    await enter(6, { did: 'emptied' }, id).expect(409);
  });

  it('are refused beyond what the machine has, for other machines’ cards and for what shows nothing', async () => {
    const mine = await writtenCard();
    const { errors } = (await enter(11, { did: 'stored', cardId: mine, version: 1 }).expect(422))
      .body as Problem;
    expect(errors).toEqual([
      { field: 'slot', given: '11', allowed: '1 to 10, as the bench unit is written down in Shop' },
    ]);
    await enter(2, { did: 'stored', cardId: mine, version: 2 }).expect(422);
    await enter(2, { did: 'stored', cardId: mine, version: 1 }, newId(), 'barrow').expect(422);
    await enter(2, { did: 'stored', cardId: mine, version: 1 }, newId(), 'nobody').expect(404);
    await enter(2, { did: 'stored', cardId: mine, version: 1 }).expect(200);
    await enter(2, { did: 'compared', shown: {} }).expect(422);
    await enter(2, { did: 'compared', shown: { powerW: -1 } }).expect(422);
  });
});
