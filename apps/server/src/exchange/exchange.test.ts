import {
  exchangeSchema,
  newestVersion,
  type Card,
  type Exchange,
  type ExchangedCard,
  type ExchangePreview,
  type ExchangeStored,
  type Job,
  type Machine,
  type ModeCard,
  type Problem,
} from '@lone-heron/contract';
import { buttOf, cardOf, generatedCards, jobDraft, jobWeld } from '@lone-heron/contract/testing';
import fc from 'fast-check';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { readExchange } from './readExchange.js';
import { cardsAsCsv, exchangedCard } from './writeExchange.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const empty: Exchange = {
  ...{ format: 'lone-heron-exchange', version: 1, writtenAt: '2026-11-25T12:00:00.000Z' },
  ...{ machines: [], cards: [], coupons: [] },
};
const send = (path: string, body: string) =>
  server.http
    .put(`/api/exchange/${path}`)
    .set('Content-Type', 'application/octet-stream')
    .send(Buffer.from(body));
const preview = async (file: object, take = '') =>
  (await send(`json/preview?take=${take}`, JSON.stringify(file)).expect(200)).body as ExchangePreview;
const store = async (file: object, take = '') => {
  const { hash } = await preview(file, take);
  return (await send(`json/stored/${hash}?take=${take}`, JSON.stringify(file)).expect(200))
    .body as ExchangeStored;
};
const standings = ({ rows }: ExchangePreview) => rows.map(({ of, standing }) => `${of} ${standing}`);
const written = async (query = '') =>
  exchangeSchema.parse((await server.http.get(`/api/exchange/json${query}`).expect(200)).body);
const cards = async () => (await server.http.get('/api/cards').expect(200)).body as Card[];

/** A card as another shop would send it. */
function theirs(changes: Partial<ExchangedCard> = {}): ExchangedCard {
  const { versions } = cardOf(1, 'rail foot', buttOf('stainless304', 1.5));
  const sent = exchangedCard({ id: newId(), number: 1, retiredAt: null, versions }, () => 'Łukasz');
  return { ...sent, ...changes };
}
const versionOf = (card: ExchangedCard) => {
  const [version] = card.versions;
  if (version === undefined) throw new Error('a card has a version');
  return version;
};

describe('an exchange', () => {
  it('gives cards out as they came in, whatever they hold', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(generatedCards, { minLength: 1, maxLength: 3 }), async (generated) => {
        const fresh = [...new Map(generated.map((card) => [card.id, card])).values()].map((card) => ({
          ...card,
          id: newId(),
        }));
        expect(await store({ ...empty, cards: fresh })).toEqual({
          machines: 0,
          cards: fresh.length,
          coupons: 0,
          jobs: 0,
          ...{ modeCards: 0, trials: 0 },
        });
        const back = await written(`?cards=${fresh.map(({ id }) => id).join(',')}`);
        expect(back.cards).toEqual(fresh);
      }),
      { numRuns: 20 },
    );
  });

  it('is in the history with who took it out', async () => {
    await written();
    const { body } = await server.http.get('/api/changes').expect(200);
    expect(body).toContainEqual(
      expect.objectContaining({
        personId: 'ines',
        what: 'took machines, cards, coupons, trials and jobs out as JSON',
      }),
    );
  });

  it('is all here already when it comes back to where it was written', async () => {
    const file = await written();
    expect(file.machines.length).toBeGreaterThan(1);
    expect(file.coupons.length).toBeGreaterThan(5);
    expect(new Set((await preview(file)).rows.map(({ standing }) => standing))).toEqual(new Set(['here']));
    expect(await store(file)).toEqual({
      ...{ machines: 0, cards: 0, coupons: 0, jobs: 0 },
      ...{ modeCards: 0, trials: 0 },
    });
  });

  it('brings cards with who signed them there, and signs nothing here', async () => {
    const card = theirs();
    const signed = {
      ...versionOf(card),
      ...{ signedBy: 'Łukasz', signedAt: '2026-11-02T08:00:00.000Z' },
    };
    await store({ ...empty, cards: [{ ...card, versions: [signed] }] });
    const here = newestVersion((await cards()).find(({ id }) => id === card.id) as Card);
    expect(here).toMatchObject({ signedAt: null, madeBy: 'ines', elsewhere: { signedBy: 'Łukasz' } });
  });

  it('goes on from what is here, and never over it', async () => {
    const card = theirs();
    await store({ ...empty, cards: [card] });
    const first = versionOf(card);
    const second = { ...first, version: 2, why: 'a little hotter' };
    const further = { ...empty, cards: [{ ...card, versions: [first, second] }] };
    expect(standings(await preview(further))).toEqual(['card newer']);
    await store(further);
    expect(standings(await preview({ ...empty, cards: [card] }))).toEqual(['card here']);
    const other = { ...first, content: { ...first.content, notes: 'something else' } };
    const clash = { ...empty, cards: [{ ...card, versions: [other] }] };
    expect(standings(await preview(clash))).toEqual(['card conflict']);
    expect(await store(clash)).toMatchObject({ cards: 0 });
    const before = (await cards()).length;
    expect(await store(clash, card.id)).toMatchObject({ cards: 1 });
    const after = await cards();
    expect(after).toHaveLength(before + 1);
    expect(newestVersion(after.find(({ id }) => id === card.id) as Card).why).toBe('a little hotter');
    expect(newestVersion(after[0] as Card).content.name).toBe('rail foot (theirs)');
  });

  it('brings machines, gives a taken name a number, and changes ours only where that is chosen', async () => {
    const ours = (await server.http.get('/api/machines').expect(200)).body as Machine[];
    const bench = ours.find(({ id }) => id === 'bench') as Machine;
    const stranger = { id: 'their-bench', name: bench.name, profile: bench.profile };
    const changed = { id: 'bench', name: bench.name, profile: { ...bench.profile, spotMm: 0.2 } };
    const file = { ...empty, machines: [stranger, changed] };
    const shown = await preview(file);
    expect(standings(shown)).toEqual(['machine new', 'machine conflict']);
    expect(shown.rows[0]?.reasons).toEqual(['its name is taken: it is called “the bench unit 2” here']);
    expect(await store(file)).toMatchObject({ machines: 1 });
    const revision = async () =>
      ((await server.http.get('/api/machines').expect(200)).body as Machine[]).find(
        ({ id }) => id === 'bench',
      )?.revision;
    expect(await revision()).toBe(bench.revision);
    await store(file, 'bench');
    expect(await revision()).toBe(bench.revision + 1);
  });

  it('carries jobs as they are planned, without their pictures, and goes on from ours only where that is chosen', async () => {
    const photoId = newId();
    const place = { photoId, from: { x: 0, y: 0 }, to: { x: 1, y: 1 } };
    const pictures = [{ photoId, name: 'front', heightShare: 1, widthMm: 600 }];
    const ours = jobDraft({ pictures, welds: [jobWeld('W1', { place }), jobWeld('W2')] });
    const jobId = newId();
    await server.http.put(`/api/jobs/${jobId}/revisions/1`).send(ours).expect(200);
    const sent = (await written()).jobs?.find(({ id }) => id === jobId);
    expect(sent?.draft).toMatchObject({ pictures: [], welds: [{ mark: 'W1', place: null }, { mark: 'W2' }] });
    expect(standings(await preview({ ...empty, jobs: [sent] }))).toEqual(['job here']);
    const strange = { id: newId(), draft: { ...jobDraft(), name: 'gate' } };
    const wider = { id: jobId, draft: { ...jobDraft(), name: 'locker frame, wider' } };
    const lost = { id: newId(), draft: { ...jobDraft(), machineId: 'nowhere' } };
    const file = { ...empty, jobs: [strange, wider, lost, { id: 7 }] };
    const shown = await preview(file);
    expect(standings(shown)).toEqual(['job new', 'job conflict', 'job wrong', 'job wrong']);
    expect(shown.rows[2]?.reasons).toEqual(['its machine “nowhere” is neither here nor in this file']);
    expect(await store(file)).toMatchObject({ jobs: 1 });
    expect(await store(file, jobId)).toMatchObject({ jobs: 1 });
    const job = (await server.http.get(`/api/jobs/${jobId}`).expect(200)).body as Job;
    expect(job).toMatchObject({ revision: 2, draft: { name: 'locker frame, wider', pictures } });
    expect(job.draft.welds[0]?.place).toEqual(place);
    expect(await store(file)).toMatchObject({ jobs: 0 });
  });

  it('carries cards and trials of the other modes; a trial that is here stays as it is', async () => {
    const { modeCards = [], trials = [] } = await written();
    expect([modeCards.length, trials.length]).toEqual([5, 25]);
    const [card, trial] = [modeCards[0], trials[0]];
    if (card === undefined || trial === undefined) throw new Error('the sample workshop has some');
    expect(trial.draft).toMatchObject({ ladder: null, photoIds: [] });
    const own = { ...empty, modeCards: [card], trials: [trial] };
    expect(standings(await preview(own))).toEqual(['modeCard here', 'trial here']);
    const renamed = { id: card.id, draft: { ...card.draft, title: 'theirs' } };
    const strange = { id: newId(), draft: trial.draft };
    const beyond = { id: newId(), draft: { ...trial.draft, machineId: 'nowhere' } };
    const file = { ...empty, modeCards: [renamed], trials: [strange, strange, beyond, { id: 7 }] };
    const shown = await preview(file);
    expect(standings(shown)).toEqual([
      'modeCard conflict',
      ...['trial new', 'trial wrong', 'trial wrong', 'trial wrong'],
    ]);
    expect(shown.rows[2]?.reasons).toEqual(['stands twice in this file']);
    expect(await store(file)).toMatchObject({ modeCards: 0, trials: 1 });
    expect(await store(file, card.id)).toMatchObject({ modeCards: 1, trials: 0 });
    const cardsNow = (await server.http.get('/api/mode-cards').expect(200)).body as ModeCard[];
    expect(cardsNow.find(({ id }) => id === card.id)?.versions.map(({ title }) => title)).toEqual([
      'theirs',
      card.draft.title,
    ]);
  });

  it('reads a job as its papers save it, its plan alone', async () => {
    const job = { id: newId(), draft: jobDraft({ name: 'their gate' }), runs: ['whatever'] };
    const file = { format: 'lone-heron-job', version: 1, job };
    expect(standings(await preview(file))).toEqual(['job new']);
    expect(await store(file)).toMatchObject({ jobs: 1 });
    const read = (await server.http.get(`/api/jobs/${job.id}`).expect(200)).body as Job;
    expect(read).toMatchObject({ state: 'planned', revision: 1, runs: [], draft: { name: 'their gate' } });
    expect(standings(await preview({ ...file, job: 3 }))).toEqual(['job wrong']);
    const newer = await send('json/preview', JSON.stringify({ ...file, version: 2 })).expect(422);
    expect((newer.body as Problem).detail).toContain('a job of version 2');
  });

  it('says part by part what is wrong and stores the rest', async () => {
    const good = theirs();
    const version = versionOf(good);
    const lost = theirs({
      versions: [{ ...version, content: { ...version.content, machineId: 'nowhere' } }],
    });
    const { setting } = version.content;
    const hot = theirs({
      versions: [{ ...version, content: { ...version.content, setting: { ...setting, powerW: 5000 } } }],
    });
    const file = { ...empty, cards: [good, lost, hot, { id: 7 }] };
    const shown = await preview(file);
    expect(standings(shown)).toEqual(['card new', 'card wrong', 'card wrong', 'card wrong']);
    expect(shown.rows[1]?.reasons.join()).toContain('machine is “nowhere”');
    expect(shown.rows[2]?.reasons.join()).toMatch(/powerW is 5000; allowed on the bench unit is /);
    expect(await store(file)).toMatchObject({ cards: 1 });
  });

  it('refuses a newer version with the reason, another file, and a file other than was shown', async () => {
    const newer = (await send('json/preview', JSON.stringify({ ...empty, version: 2 })).expect(422))
      .body as Problem;
    expect(newer.detail).toContain('written by a newer Lone Heron');
    await send('json/preview', JSON.stringify({ format: 'other' })).expect(422);
    await send('json/preview', '{"format":').expect(422);
    await send('xml/preview', '<x/>').expect(422);
    const { hash } = await preview(empty);
    await send(
      `json/stored/${hash}`,
      JSON.stringify({ ...empty, writtenAt: '2026-11-26T12:00:00.000Z' }),
    ).expect(409);
  });
});

describe('cards as a table', () => {
  it('read back as they were written, whatever they hold', () => {
    fc.assert(
      fc.property(generatedCards, ({ id, versions: [version] }) => {
        if (version === undefined) throw new Error('a card has a version');
        const [made] = cardOf(1, 'x', buttOf('brass', 1)).versions;
        if (made === undefined) throw new Error('a card has a version');
        const card: Card = {
          ...{ id, number: 1, retiredAt: null },
          versions: [{ ...made, content: version.content }],
        };
        const [row] = readExchange('csv', Buffer.from(cardsAsCsv([card]))).cardRows;
        expect(row?.reasons).toEqual([]);
        expect(row?.record).toEqual({ id, content: version.content });
      }),
      { numRuns: 200 },
    );
  });

  it('go on by a version where they were changed, and name the cell that is wrong', async () => {
    const card = theirs();
    await store({ ...empty, cards: [card] });
    const csv = (await server.http.get(`/api/exchange/csv?cards=${card.id}`).expect(200)).text;
    const see = async (text: string) => (await send('csv/preview', text).expect(200)).body as ExchangePreview;
    expect(standings(await see(csv))).toEqual(['card here']);
    expect(standings(await see(csv.replace(',800,', ',820,')))).toEqual(['card newer']);
    expect(standings(await see(csv.replace(card.id, '')))).toEqual(['card new']);
    const wrong = await see(csv.replace(',800,', ',much,'));
    expect(wrong.rows[0]?.reasons).toEqual([
      'power_w is “much”; allowed is a number, with a point or a comma',
    ]);
  });
});
