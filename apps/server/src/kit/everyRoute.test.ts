import {
  houseStarts,
  nothingStated,
  startingProfiles,
  usualSequence,
  usualUpkeep,
  type Change,
  type Day,
  type House,
  type Machine,
  type Problem,
} from '@lone-heron/contract';
import { cardOf, jobDraft, weldCheckDraft, weldRunDraft } from '@lone-heron/contract/testing';
import {
  couponDraft,
  newId,
  startSampleServer,
  windowChange,
  type Desk,
  type SampleServer,
} from '../testing/sampleServer.js';

/**
 * The kit's promises, once for every route that writes: a route that is not in one of these tables fails. What somebody of another
 * workshop sends is refused by each of them.
 */

let server: SampleServer;
/** Another lead of the shop, at another device. */
let other: Desk;
let couponId: string;
let cardId: string;
let jobId: string;
const modeCardId = newId();
let day: Day;
/** A lead of a workshop that none of these machines stands in. */
let elsewhere: Desk;

beforeAll(async () => {
  server = await startSampleServer();
  await server.http.put('/api/people/maren/role').send({ role: 'lead' }).expect(200);
  other = await server.desk('maren');
  elsewhere = await leadOfAnotherWorkshop();
  couponId = newId();
  await server.http.put(`/api/coupons/${couponId}`).send(couponDraft()).expect(201);
  cardId = newId();
  await server.http.put(`/api/cards/${cardId}/versions/1`).send(card('')).expect(200);
  await server.http.put(`/api/mode-cards/${modeCardId}/versions/1`).send(modeCard('')).expect(200);
  jobId = newId();
  await server.http.put(`/api/jobs/${jobId}/revisions/1`).send(jobDraft()).expect(200);
  ({ body: day } = (await server.http.put(`/api/machines/barrow/days/${newId()}`).expect(200)) as {
    body: Day;
  });
});
afterAll(() => server.stop());

async function leadOfAnotherWorkshop(): Promise<Desk> {
  const workshopId = newId();
  await server.http.put(`/api/workshops/${workshopId}`).send({ name: 'Slipway' }).expect(200);
  await server.http.put('/api/people/tobias/role').send({ role: 'lead' }).expect(200);
  await server.http.put('/api/people/tobias/workshop').send({ workshopId }).expect(200);
  return server.desk('tobias');
}

function card(why: string, name = 'galley worktop') {
  const { machineId, joint, setting } = couponDraft();
  const [version] = cardOf(1, name, joint, { machineId, setting }).versions;
  return { content: version?.content, why, carriedFrom: null };
}

const test = { result: 'holds', remark: '', doneAt: '2026-11-24T11:00:00.000Z', photoIds: [] };
const leak = { kind: 'leak', medium: 'water', leak: 'none' };
const light = () => ({
  ...{ machineId: 'bench', minutes: 30, powerW: 900, metal: 'stainless304', gas: 'argon', batch: '' },
  ...{ gunAngleDeg: 45, isSoftStart: false, weldedAt: couponDraft().weldedAt },
});
const ladder = () => {
  const { machineId, joint: seam, setting } = couponDraft();
  const axes = [{ knob: 'power', values: [700, 800, 900] }];
  return { name: 'power', machineId, joint: seam, setting, axes, rungs: [[700], [800], [900]] };
};
const part = {
  machineId: 'bench',
  kind: 'nozzle',
  place: '',
  reason: 'worn',
  note: '',
  supplier: '',
  lot: '',
};
const cut = () => ({
  machineId: 'bench',
  work: {
    ...{ mode: 'cut', metal: 'lowCarbonSteel', thicknessMm: 1.5, gas: 'air', pressureBar: 8, boreMm: 1.2 },
    ...{ line: 'straight', lengthMm: 300, aim: 'clean' },
  },
  setting: {
    ...{ mode: 'cut', powerW: 900, dutyPercent: 100, pulseHz: null, paceMmS: 15 },
    ...{ focusMm: 0, standoffMm: 1 },
  },
});
const trial = () => ({
  ...{ ...cut(), look: 'beard', isTintLeft: null, kerfMm: 0.3, wasSent: null, lightOnS: 20, stated: 0.4 },
  ...{ ladder: null, photoIds: [], remark: '', madeAt: couponDraft().weldedAt },
});
const modeCard = (why: string, title = 'hatch blanks') => ({ ...cut(), title, notes: '', slot: '', why });
const clearance = { personId: 'tobias', machineId: 'bench', mode: 'weld', until: null, note: '' };
const record = { machineId: 'bench', detail: { kind: 'focus', tubeMm: 1.4 }, note: 'narrowest' };
/** The first step of the evening, which nothing comes before. */
const firstStep = () => ({
  ...{ stepId: day.shutDown[0]?.id ?? '', outcome: 'done' },
  ...{ reading: { reads: 'none' }, reason: '' },
});

/** A route that keeps a record under the client's id, with two drafts that it takes. */
interface OnceRow {
  readonly route: string;
  readonly path: (id: string) => string;
  readonly draft: () => object;
  readonly otherwise: () => object;
}
const once: readonly OnceRow[] = [
  {
    route: '/api/coupons/{id}',
    path: (id) => `coupons/${id}`,
    draft: couponDraft,
    otherwise: () => couponDraft({ remark: 'another' }),
  },
  {
    route: '/api/coupons/{id}/tests/{testId}',
    path: (id) => `coupons/${couponId}/tests/${id}`,
    draft: () => ({ detail: leak, ...test }),
    otherwise: () => ({ detail: leak, ...test, remark: 'another' }),
  },
  {
    route: '/api/machines/{id}/slots/{slot}/entries/{entryId}',
    path: (id) => `machines/bench/slots/2/entries/${id}`,
    draft: () => ({ did: 'stored', cardId, version: 1 }),
    otherwise: () => ({ did: 'emptied' }),
  },
  {
    route: '/api/ladders/{id}',
    path: (id) => `ladders/${id}`,
    draft: ladder,
    otherwise: () => ({ ...ladder(), name: 'another' }),
  },
  {
    route: '/api/days/{dayId}/entries/{entryId}',
    path: (id) => `days/${day.id}/entries/${id}`,
    draft: firstStep,
    otherwise: () => ({ ...firstStep(), outcome: 'undone' }),
  },
  {
    route: '/api/records/{id}',
    path: (id) => `records/${id}`,
    draft: () => record,
    otherwise: () => ({ ...record, note: 'another' }),
  },
  {
    route: '/api/light/{id}',
    path: (id) => `light/${id}`,
    draft: light,
    otherwise: () => ({ ...light(), minutes: 31 }),
  },
  {
    route: '/api/parts/{id}',
    path: (id) => `parts/${id}`,
    draft: () => part,
    otherwise: () => ({ ...part, lot: 'another' }),
  },
  {
    route: '/api/windows/{id}',
    path: (id) => `windows/${id}`,
    draft: () => windowChange({ machineId: 'barrow' }),
    otherwise: () => windowChange({ machineId: 'barrow', lot: 'another' }),
  },
  {
    route: '/api/clearances/{id}',
    path: (id) => `clearances/${id}`,
    draft: () => clearance,
    otherwise: () => ({ ...clearance, note: 'another' }),
  },
  {
    route: '/api/trials/{id}',
    path: (id) => `trials/${id}`,
    draft: trial,
    otherwise: () => ({ ...trial(), remark: 'another' }),
  },
  {
    route: '/api/trial-ladders/{id}',
    path: (id) => `trial-ladders/${id}`,
    draft: () => ({ ...cut(), name: 'pace', knob: 'paceMmS', values: [8, 12, 18] }),
    otherwise: () => ({ ...cut(), name: 'another', knob: 'paceMmS', values: [8, 12, 18] }),
  },
  {
    route: '/api/weld-checks/{id}',
    path: (id) => `weld-checks/${id}`,
    draft: () => weldCheckDraft(jobId, 'W1', { doneAt: couponDraft().weldedAt }),
    otherwise: () => weldCheckDraft(jobId, 'W1', { doneAt: couponDraft().weldedAt, found: 'another' }),
  },
  {
    route: '/api/weld-runs/{id}',
    path: (id) => `weld-runs/${id}`,
    draft: () => weldRunDraft(jobId, 'W1', { weldedAt: couponDraft().weldedAt }),
    otherwise: () => weldRunDraft(jobId, 'W1', { weldedAt: couponDraft().weldedAt, remark: 'another' }),
  },
];

describe.each(once)('put $route', ({ route, path, draft, otherwise }) => {
  it('is written once: again is the same save, other content or another author a conflict', async () => {
    const at = `/api/${path(newId())}`;
    const sent = draft();
    await elsewhere.put(at).send(sent).expect(403);
    expect((await server.http.put(at).send(sent)).status).toBeLessThan(202);
    await server.http.put(at).send(sent).expect(200);
    await server.http.put(at).send(otherwise()).expect(409);
    await other.put(at).send(sent).expect(409);
    // A client's id of another form is refused by its own name.
    const { body } = await server.http
      .put(`/api/${path('x')}`)
      .send(sent)
      .expect(422);
    const field = /\{(\w+)\}$/.exec(route)?.[1];
    expect((body as Problem).errors?.map((each) => each.field)).toEqual([field]);
  });
});

/** A route that writes the next revision, with two drafts that it takes. */
interface RevisionRow {
  readonly route: string;
  readonly path: (revision: number) => string;
  /** The newest there is. */
  readonly newest: () => Promise<number>;
  readonly draft: (revision: number) => object;
  readonly otherwise: (revision: number) => object;
}
const houseNow = async () => (await server.http.get('/api/house').expect(200)).body as House;
const machineNow = async () =>
  ((await server.http.get('/api/machines').expect(200)).body as Machine[]).find(
    ({ id }) => id === 'bench',
  ) as Machine;
const bench = startingProfiles.find(({ id }) => id === 'bench')?.profile;
if (bench === undefined) throw new Error('no starting profile for a bench');
const sequence = usualSequence(bench);
const losses = (hole: number) => ({ ...houseStarts.losses, reach: { ...houseStarts.losses.reach, hole } });
const sheets = {
  practice: [houseStarts.practice, { ...houseStarts.practice, tacks: 'none' }],
  units: [houseStarts.units, { ...houseStarts.units, travel: 'cm/min' }],
  prices: [houseStarts.prices, { ...houseStarts.prices, labourPerHour: 41 }],
  jobRates: [houseStarts.jobRates, { ...houseStarts.jobRates, turnMin: 2 }],
  acceptance: [houseStarts.acceptance, houseStarts.acceptance.slice(0, 1)],
  wire: [[], [{ filler: '308L', diameterMm: 0.8, kilograms: 4.5, batch: 'H7' }]],
  nozzles: [[], [{ shape: 'flat', isGrooved: false, boreMm: 4, count: 1 }]],
  glassWeights: [houseStarts.glassWeights, { ...houseStarts.glassWeights, power: 0.9 }],
  losses: [losses(1.6), losses(1.7)],
} as const satisfies Record<keyof House, readonly [object, object]>;

const wire = {
  host: '192.168.10.20',
  port: 502,
  map: {
    ...{ format: 'lone-heron-map', version: 1, name: 'a made-up one', unitId: 1 },
    points: [
      {
        ...{ key: 'power', area: 'holding', address: 1, type: 'u16', byteOrder: 'ABCD' },
        ...{ bit: 0, scale: 1, offset: 0 },
      },
    ],
  },
  mayWrite: false,
  allowed: [],
};

const listened = {
  ...{ isOn: false, broker: { is: 'own', user: 'bench' }, password: '', silenceS: 2 },
  map: {
    ...{ format: 'lone-heron-topics', version: 1, name: 'a made-up machine', alarms: [] },
    topics: [{ topic: 'bench', time: '', points: [{ key: 'lightOn', path: '', scale: 1, offset: 0 }] }],
  },
};

const revisions: readonly RevisionRow[] = [
  {
    route: '/api/machines/{id}/revisions/{revision}',
    path: (revision) => `machines/bench/revisions/${revision}`,
    newest: async () => (await machineNow()).revision,
    draft: () => ({ name: 'the bench unit', profile: bench, note: '' }),
    otherwise: () => ({ name: 'the bench unit', profile: bench, note: 'another' }),
  },
  {
    route: '/api/machines/{id}/link/revisions/{revision}',
    path: (revision) => `machines/bench/link/revisions/${revision}`,
    newest: () => Promise.resolve(0),
    draft: () => wire,
    otherwise: () => ({ ...wire, port: 503 }),
  },
  {
    route: '/api/machines/{id}/telemetry/revisions/{revision}',
    path: (revision) => `machines/bench/telemetry/revisions/${revision}`,
    newest: () => Promise.resolve(0),
    draft: () => listened,
    otherwise: () => ({ ...listened, silenceS: 5 }),
  },
  {
    route: '/api/cards/{id}/versions/{version}',
    path: (version) => `cards/${cardId}/versions/${version}`,
    newest: () => Promise.resolve(1),
    draft: () => card('so'),
    otherwise: () => card('so', 'another'),
  },
  {
    route: '/api/cards/{id}/procedure/revisions/{revision}',
    path: (revision) => `cards/${cardId}/procedure/revisions/${revision}`,
    newest: () => Promise.resolve(0),
    draft: () => ({ cardVersion: 1, stated: nothingStated, why: 'so' }),
    otherwise: () => ({ cardVersion: 1, stated: nothingStated, why: 'another' }),
  },
  {
    route: '/api/machines/{id}/sequence/{revision}',
    path: (revision) => `machines/barrow/sequence/${revision}`,
    newest: () => Promise.resolve(0),
    draft: () => ({ ...sequence, note: '' }),
    otherwise: () => ({ ...sequence, note: 'another' }),
  },
  {
    route: '/api/machines/{id}/upkeep/{revision}',
    path: (revision) => `machines/bench/upkeep/${revision}`,
    newest: () => Promise.resolve(0),
    draft: () => ({ tasks: usualUpkeep(bench), note: '' }),
    otherwise: () => ({ tasks: usualUpkeep(bench), note: 'another' }),
  },
  {
    route: '/api/coupons/{id}/revisions/{revision}',
    path: (revision) => `coupons/${couponId}/revisions/${revision}`,
    newest: () => Promise.resolve(1),
    draft: () => ({ draft: couponDraft({ back: 'faint' }), why: 'misread' }),
    otherwise: () => ({ draft: couponDraft({ back: 'none' }), why: 'misread' }),
  },
  {
    route: '/api/jobs/{id}/revisions/{revision}',
    path: (revision) => `jobs/${jobId}/revisions/${revision}`,
    newest: () => Promise.resolve(1),
    draft: () => jobDraft({ why: 'so' }),
    otherwise: () => jobDraft({ why: 'another' }),
  },
  {
    route: '/api/mode-cards/{id}/versions/{version}',
    path: (version) => `mode-cards/${modeCardId}/versions/${version}`,
    newest: () => Promise.resolve(1),
    draft: () => modeCard('so'),
    otherwise: () => modeCard('so', 'another'),
  },
  ...Object.entries(sheets).map(([sheet, [draft, otherwise]]) => ({
    route: `/api/house/${sheet}/{revision}`,
    path: (revision: number) => `house/${sheet}/${revision}`,
    newest: async () => (await houseNow())[sheet as keyof House].revision,
    draft: () => draft,
    otherwise: () => otherwise,
  })),
];

/** Of these a workshop writes its own instead: house.test. */
const isOwnOnTop = (path: string) => path.startsWith('house/') && !path.startsWith('house/glassWeights');

describe.each(revisions)('put $route', ({ path, newest, draft, otherwise }) => {
  it('takes the next revision alone: a gap, other content and another author are conflicts', async () => {
    const next = (await newest()) + 1;
    const put = (desk: Desk, revision: number, body: object) => desk.put(`/api/${path(revision)}`).send(body);
    await put(server.http, next + 2, draft(next)).expect(409);
    if (!isOwnOnTop(path(next))) await put(elsewhere, next, draft(next)).expect(403);
    expect((await put(server.http, next, draft(next))).status).toBeLessThan(202);
    await put(server.http, next, draft(next)).expect(200);
    await put(server.http, next, otherwise(next)).expect(409);
    await put(other, next, draft(next)).expect(409);
    await put(server.http, 0, draft(next)).expect(422);
  });
});

/** A route that takes something back, and puts it in again; its record is made first. */
interface TakenBackRow {
  readonly route: string;
  readonly make: string;
  readonly path: (id: string) => string;
}
const takenBack: readonly TakenBackRow[] = [
  {
    route: '/api/coupons/{id}/withdrawal',
    make: '/api/coupons/{id}',
    path: (id) => `coupons/${id}/withdrawal`,
  },
  {
    route: '/api/tests/{id}/withdrawal',
    make: '/api/coupons/{id}/tests/{testId}',
    path: (id) => `tests/${id}/withdrawal`,
  },
  {
    route: '/api/trials/{id}/withdrawal',
    make: '/api/trials/{id}',
    path: (id) => `trials/${id}/withdrawal`,
  },
  {
    route: '/api/trial-ladders/{id}/closing',
    make: '/api/trial-ladders/{id}',
    path: (id) => `trial-ladders/${id}/closing`,
  },
  {
    route: '/api/mode-cards/{id}/retirement',
    make: '/api/mode-cards/{id}/versions/{version}',
    path: (id) => `mode-cards/${id}/retirement`,
  },
  { route: '/api/ladders/{id}/closing', make: '/api/ladders/{id}', path: (id) => `ladders/${id}/closing` },
  {
    route: '/api/records/{id}/withdrawal',
    make: '/api/records/{id}',
    path: (id) => `records/${id}/withdrawal`,
  },
  { route: '/api/light/{id}/withdrawal', make: '/api/light/{id}', path: (id) => `light/${id}/withdrawal` },
  {
    route: '/api/clearances/{id}/withdrawal',
    make: '/api/clearances/{id}',
    path: (id) => `clearances/${id}/withdrawal`,
  },
  { route: '/api/bottles/{id}/gone', make: '/api/bottles/{id}', path: (id) => `bottles/${id}/gone` },
  { route: '/api/stock/{id}/removal', make: '/api/stock/{id}', path: (id) => `stock/${id}/removal` },
  {
    route: '/api/cards/{id}/retirement',
    make: '/api/cards/{id}/versions/{version}',
    path: (id) => `cards/${id}/retirement`,
  },
  {
    route: '/api/jobs/{id}/withdrawal',
    make: '/api/jobs/{id}/revisions/{revision}',
    path: (id) => `jobs/${id}/withdrawal`,
  },
  {
    route: '/api/weld-checks/{id}/withdrawal',
    make: '/api/weld-checks/{id}',
    path: (id) => `weld-checks/${id}/withdrawal`,
  },
  {
    route: '/api/weld-runs/{id}/withdrawal',
    make: '/api/weld-runs/{id}',
    path: (id) => `weld-runs/${id}/withdrawal`,
  },
];
const made: Readonly<Record<string, (id: string) => [path: string, draft: object]>> = {
  '/api/bottles/{id}': (id) => [
    `bottles/${id}`,
    {
      ...{ gas: 'argon', litres: 50, pressureBar: 180, purity: '4.6', batch: '', supplier: '' },
      ...{ price: null, machineId: null },
    },
  ],
  '/api/stock/{id}': (id) => [
    `stock/${id}`,
    {
      ...{ kind: 'nozzle', name: 'plain', supplier: '', lot: '', count: 2, price: null, deliveryDays: 3 },
      ...{ serviceLevel: 0.95, usedPerMonth: null },
    },
  ],
  '/api/cards/{id}/versions/{version}': (id) => [`cards/${id}/versions/1`, card('')],
  '/api/jobs/{id}/revisions/{revision}': (id) => [`jobs/${id}/revisions/1`, jobDraft()],
  '/api/mode-cards/{id}/versions/{version}': (id) => [`mode-cards/${id}/versions/1`, modeCard('')],
};

describe.each(takenBack)('put and delete $route', ({ make, path }) => {
  it('changes once, in somebody’s name, and is told once each way', async () => {
    const id = newId();
    const row = once.find(({ route }) => route === make);
    const [at, draft] = row === undefined ? (made[make]?.(id) ?? ['', {}]) : [row.path(id), row.draft()];
    expect((await server.http.put(`/api/${at}`).send(draft)).status).toBeLessThan(202);
    const told = async () =>
      ((await server.http.get('/api/changes').expect(200)).body as Change[]).filter(
        ({ subjectId, personId }) => subjectId === id && personId === 'maren',
      ).length;
    await elsewhere.put(`/api/${path(id)}`).expect(403);
    await other.put(`/api/${path(id)}`).expect(200);
    await other.put(`/api/${path(id)}`).expect(200);
    await elsewhere.delete(`/api/${path(id)}`).expect(403);
    expect(await told()).toBe(1);
    await other.delete(`/api/${path(id)}`).expect(200);
    await other.delete(`/api/${path(id)}`).expect(200);
    expect(await told()).toBe(2);
    await other.put(`/api/${path(newId())}`).expect(404);
  });
});

describe.each(revisions.filter(({ path }) => /^machines\/\w+\/(?!revisions)/.test(path(1))))(
  'put $route of a machine that is not there',
  ({ path, draft }) => {
    it('is told so to somebody of a workshop, not that it is the firm’s', async () => {
      const nowhere = path(1).replace(/^machines\/\w+/, 'machines/nowhere');
      await elsewhere.put(`/api/${nowhere}`).send(draft(1)).expect(404);
    });
  },
);

/** Routes that promise something else, with where it is tested. */
const otherwise: Readonly<Record<string, string>> = {
  '/api/people/{id}/first-lead': 'once in a shop’s life: people.test',
  '/api/people/{id}': 'people.test',
  '/api/people/{id}/name': 'people.test',
  '/api/people/{id}/role': 'people.test',
  '/api/people/{id}/pin': 'people.test',
  '/api/people/{id}/account': 'accounts.test',
  '/api/session/account': 'accounts.test',
  '/api/session/passphrase': 'accounts.test',
  '/api/session/provider': 'accounts.test',
  '/api/session/provider/begun': 'stores nothing: accounts.test',
  '/api/people/{id}/workshop': 'workshops.test',
  '/api/machines/{id}/workshop': 'workshops.test',
  '/api/workshops/{id}': 'workshops.test',
  '/api/house/{sheet}/{revision}/firms': 'house.test',
  '/api/people/{id}/disabled': 'people.test',
  '/api/machines/{id}/retired': 'machines.test',
  '/api/machines/{id}/link/trial': 'stores nothing: links.test',
  '/api/machines/{id}/link/stored': 'stores nothing: links.test',
  '/api/machines/{id}/link/reading': 'stores nothing: links.test',
  '/api/machines/{id}/link/sendings/{sendingId}': 'a machine at the other end: links.test',
  '/api/logged-light/{id}/preview': 'stores nothing: telemetry.test',
  '/api/logged-light/{id}/stored': 'spells named by their start: telemetry.test',
  '/api/meters/{user}/samples': 'a meter repeats nothing: telemetry.test',
  '/api/session': 'the door: people.test',
  '/api/session/pin': 'people.test',
  '/api/coupons/{id}/photos/{photoId}': 'bytes: photos.test',
  '/api/photos/{id}/withdrawal': 'photos.test',
  '/api/shop-photos/{id}': 'bytes: shopPhotos.test',
  '/api/coupon-files/{format}/preview': 'stores nothing: couponFiles.test',
  '/api/coupon-files/{format}/stored/{hash}': 'a file that was shown: couponFiles.test',
  '/api/exchange/{format}/preview': 'stores nothing: exchange.test',
  '/api/exchange/{format}/stored/{hash}': 'a file that was shown: exchange.test',
  '/api/cards/{id}/versions/{version}/proofs/{couponId}': 'cards.test',
  '/api/cards/{id}/versions/{version}/signature': 'cards.test',
  '/api/cards/{id}/procedure/revisions/{revision}/approval': 'procedures.test',
  '/api/bottles/{id}': 'the last look counts: records.test',
  '/api/stock/{id}': 'the last count counts: stock.test',
  '/api/eyewear/{id}': 'the last look counts: records.test',
  '/api/machines/{id}/days/{dayId}': 'one day is open: readiness.test',
  '/api/jobs/{id}/state': 'jobs.test',
  '/api/jobs/{id}/claims/{mark}/{seam}': 'jobs.test',
  '/api/backups/{id}': 'backups.test',
  '/api/restores/{id}/of/{backupId}': 'stores nothing: restores.test',
  '/api/restores/{id}/file': 'stores nothing: restores.test',
  '/api/restores/{id}/opened': 'stores nothing: restores.test',
  '/api/restores/{id}/begun': 'the shop is another afterwards: restores.test',
};

it('every route that writes is in one of the tables', async () => {
  const { body } = await server.http.get('/api/docs-json').expect(200);
  const { paths } = body as { paths: Record<string, object> };
  const writing = Object.entries(paths)
    .filter(([, methods]) => Object.keys(methods).some((method) => method !== 'get'))
    .map(([path]) => path);
  const known = [...once, ...revisions, ...takenBack].map(({ route }) => route);
  expect([...known, ...Object.keys(otherwise)].toSorted()).toEqual(writing.toSorted());
});
