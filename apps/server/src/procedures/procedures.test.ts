import { nothingStated, samplePin, type Card, type CardProcedure } from '@lone-heron/contract';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
let cards: readonly Card[];
beforeAll(async () => {
  server = await startSampleServer();
  cards = (await server.http.get('/api/cards').expect(200)).body as Card[];
});
afterAll(() => server.stop());

const idOf = (number: number) => cards.find((card) => card.number === number)?.id ?? '';
const draft = (changes: object = {}) => ({ cardVersion: 1, stated: nothingStated, why: '', ...changes });
const write = (id: string, revision: number, body: object) =>
  server.http.put(`/api/cards/${id}/procedure/revisions/${revision}`).send(body);
const read = async (id: string) =>
  (await server.http.get(`/api/cards/${id}/procedure`).expect(200)).body as CardProcedure;

describe('a procedure', () => {
  it('is nothing but the coupons of its card before anybody states anything', async () => {
    const { revisions, welded } = await read(idOf(1));
    expect(revisions).toEqual([]);
    expect(welded).toHaveLength(1);
    expect(welded[0]?.tests.map(({ detail }) => detail.kind).sort()).toContain('bend');
  });

  it('goes on by revisions that say what changed, and is approved by a lead', async () => {
    const id = idOf(1);
    const first = draft({ stated: { ...nothingStated, wavelength: '1080 nm' } });
    await write(id, 1, first).expect(200);
    await write(id, 1, first).expect(200);
    await write(id, 1, draft()).expect(409);
    await write(id, 3, draft({ why: 'x' })).expect(409);
    await write(id, 2, draft()).expect(422);
    await write(id, 2, draft({ why: 'group added' })).expect(200);
    const approve = (revision: number, pin = samplePin) =>
      server.http.put(`/api/cards/${id}/procedure/revisions/${revision}/approval`).send({ pin });
    await approve(1).expect(409);
    await approve(2, '1357').expect(401);
    await approve(2).expect(200);
    const { revisions } = await read(id);
    expect(revisions.map(({ revision, approvedBy }) => [revision, approvedBy])).toEqual([
      [2, 'ines'],
      [1, null],
    ]);
    expect(revisions[1]?.stated.wavelength).toBe('1080 nm');
  });

  it('is refused for a version or a card that is not there, and for a field nobody knows', async () => {
    await write(idOf(2), 1, draft({ cardVersion: 7 })).expect(422);
    await write(idOf(2), 1, draft({ stated: { ...nothingStated, colour: 'red' } })).expect(422);
    await write(newId(), 1, draft()).expect(404);
    expect((await read(idOf(2))).revisions).toEqual([]);
  });
});
