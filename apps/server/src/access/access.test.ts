import { roles, type Problem, type Role } from '@lone-heron/contract';
import request from 'supertest';
import { startSampleServer, type Desk, type SampleServer } from '../testing/sampleServer.js';

/** Every route that changes anything, with the roles it is for. A route that is not here fails the first test. */
const changingRoutes: Readonly<Record<string, readonly Role[] | 'anyone'>> = {
  'PUT /api/session': 'anyone',
  'DELETE /api/session': 'anyone',
  'PUT /api/session/pin': roles,
  'PUT /api/session/account': 'anyone',
  'PUT /api/session/passphrase': roles,
  'PUT /api/session/provider/begun': 'anyone',
  'PUT /api/session/provider': 'anyone',
  'PUT /api/people/:id/account': ['lead'],
  'DELETE /api/people/:id/account': ['lead'],
  'PUT /api/people/:id/workshop': ['lead'],
  'PUT /api/workshops/:id': ['lead'],
  'DELETE /api/workshops/:id': ['lead'],
  'PUT /api/machines/:id/workshop': ['lead'],
  'PUT /api/house/:sheet/:revision/firms': ['lead'],
  'PUT /api/people/:id/first-lead': 'anyone',
  'PUT /api/people/:id': ['lead'],
  'PUT /api/people/:id/name': ['lead'],
  'PUT /api/people/:id/role': ['lead'],
  'PUT /api/people/:id/pin': ['lead'],
  'PUT /api/people/:id/disabled': ['lead'],
  'DELETE /api/people/:id/disabled': ['lead'],
  'PUT /api/machines/:id/retired': ['lead'],
  'DELETE /api/machines/:id/retired': ['lead'],
  'PUT /api/machines/:id/revisions/:revision': ['lead'],
  'PUT /api/windows/:id': roles,
  'DELETE /api/windows/:id': roles,
  'PUT /api/coupons/:id': ['welder', 'lead'],
  'PUT /api/coupons/:id/revisions/:revision': ['welder', 'lead'],
  'PUT /api/jobs/:id/revisions/:revision': ['welder', 'lead'],
  'PUT /api/jobs/:id/state': ['welder', 'lead'],
  'PUT /api/jobs/:id/withdrawal': ['welder', 'lead'],
  'DELETE /api/jobs/:id/withdrawal': ['welder', 'lead'],
  'PUT /api/jobs/:id/claims/:mark/:seam': ['welder', 'lead'],
  'DELETE /api/jobs/:id/claims/:mark/:seam': ['welder', 'lead'],
  'PUT /api/weld-checks/:id': ['welder', 'lead'],
  'PUT /api/weld-checks/:id/withdrawal': ['welder', 'lead'],
  'DELETE /api/weld-checks/:id/withdrawal': ['welder', 'lead'],
  'PUT /api/weld-runs/:id': ['welder', 'lead'],
  'PUT /api/weld-runs/:id/withdrawal': ['welder', 'lead'],
  'DELETE /api/weld-runs/:id/withdrawal': ['welder', 'lead'],
  'PUT /api/backups/:id': ['lead'],
  'PUT /api/restores/:id/of/:backupId': ['lead'],
  'PUT /api/restores/:id/file': ['lead'],
  'PUT /api/restores/:id/opened': ['lead'],
  'PUT /api/restores/:id/begun': ['lead'],
  'PUT /api/cards/:id/versions/:version': ['welder', 'lead'],
  'PUT /api/cards/:id/versions/:version/proofs/:couponId': ['welder', 'lead'],
  'DELETE /api/cards/:id/versions/:version/proofs/:couponId': ['welder', 'lead'],
  'PUT /api/cards/:id/versions/:version/signature': ['lead'],
  'PUT /api/cards/:id/retirement': ['lead'],
  'DELETE /api/cards/:id/retirement': ['lead'],
  'PUT /api/cards/:id/procedure/revisions/:revision': ['welder', 'lead'],
  'PUT /api/cards/:id/procedure/revisions/:revision/approval': ['lead'],
  'PUT /api/exchange/:format/preview': ['lead'],
  'PUT /api/exchange/:format/stored/:hash': ['lead'],
  'PUT /api/machines/:id/slots/:slot/entries/:entryId': ['welder', 'lead'],
  'PUT /api/machines/:id/link/revisions/:revision': ['lead'],
  'PUT /api/machines/:id/link/trial': ['lead'],
  'PUT /api/machines/:id/link/reading': ['welder', 'upkeep', 'lead'],
  'PUT /api/machines/:id/link/stored': ['welder', 'upkeep', 'lead'],
  'PUT /api/machines/:id/link/sendings/:sendingId': ['welder', 'lead'],
  'PUT /api/machines/:id/telemetry/revisions/:revision': ['lead'],
  'POST /api/meters/:user/samples': 'anyone',
  'PUT /api/logged-light/:id/preview': ['lead'],
  'PUT /api/logged-light/:id/stored': ['lead'],
  'PUT /api/ladders/:id': ['welder', 'lead'],
  'PUT /api/ladders/:id/closing': ['welder', 'lead'],
  'DELETE /api/ladders/:id/closing': ['welder', 'lead'],
  'PUT /api/coupon-files/:format/preview': ['lead'],
  'PUT /api/coupon-files/:format/stored/:hash': ['lead'],
  'PUT /api/coupons/:id/photos/:photoId': ['welder', 'lead'],
  'PUT /api/photos/:id/withdrawal': ['welder', 'lead'],
  'DELETE /api/photos/:id/withdrawal': ['welder', 'lead'],
  'PUT /api/coupons/:id/tests/:testId': ['welder', 'lead'],
  'PUT /api/tests/:id/withdrawal': ['welder', 'lead'],
  'DELETE /api/tests/:id/withdrawal': ['welder', 'lead'],
  'PUT /api/coupons/:id/withdrawal': ['welder', 'lead'],
  'DELETE /api/coupons/:id/withdrawal': ['welder', 'lead'],
  'PUT /api/machines/:id/days/:dayId': roles,
  'PUT /api/days/:dayId/entries/:entryId': roles,
  'PUT /api/machines/:id/sequence/:revision': ['lead'],
  'PUT /api/bottles/:id': roles,
  'PUT /api/bottles/:id/gone': roles,
  'DELETE /api/bottles/:id/gone': roles,
  'PUT /api/records/:id': roles,
  'PUT /api/records/:id/withdrawal': roles,
  'DELETE /api/records/:id/withdrawal': roles,
  'PUT /api/eyewear/:id': ['upkeep', 'lead'],
  'PUT /api/house/practice/:revision': ['lead'],
  'PUT /api/house/units/:revision': ['lead'],
  'PUT /api/house/prices/:revision': ['lead'],
  'PUT /api/house/jobRates/:revision': ['lead'],
  'PUT /api/house/acceptance/:revision': ['lead'],
  'PUT /api/light/:id': roles,
  'PUT /api/light/:id/withdrawal': roles,
  'DELETE /api/light/:id/withdrawal': roles,
  'PUT /api/parts/:id': roles,
  'DELETE /api/parts/:id': roles,
  'PUT /api/stock/:id': roles,
  'PUT /api/stock/:id/removal': roles,
  'DELETE /api/stock/:id/removal': roles,
  'PUT /api/machines/:id/upkeep/:revision': ['lead'],
  'PUT /api/shop-photos/:id': roles,
  'PUT /api/house/glassWeights/:revision': ['lead'],
  'PUT /api/house/losses/:revision': ['lead'],
  'PUT /api/house/wire/:revision': roles,
  'PUT /api/house/nozzles/:revision': roles,
  'PUT /api/trials/:id': ['welder', 'lead'],
  'PUT /api/trials/:id/withdrawal': ['welder', 'lead'],
  'DELETE /api/trials/:id/withdrawal': ['welder', 'lead'],
  'PUT /api/trial-ladders/:id': ['welder', 'lead'],
  'PUT /api/trial-ladders/:id/closing': ['welder', 'lead'],
  'DELETE /api/trial-ladders/:id/closing': ['welder', 'lead'],
  'PUT /api/mode-cards/:id/versions/:version': ['welder', 'lead'],
  'PUT /api/mode-cards/:id/retirement': ['welder', 'lead'],
  'DELETE /api/mode-cards/:id/retirement': ['welder', 'lead'],
  'PUT /api/clearances/:id': ['lead'],
  'PUT /api/clearances/:id/withdrawal': ['lead'],
  'DELETE /api/clearances/:id/withdrawal': ['lead'],
};

const personOfRole: Readonly<Record<Role, string>> = { lead: 'ines', welder: 'maren', upkeep: 'tobias' };

let server: SampleServer;
const desks = new Map<Role | null, Desk>();
beforeAll(async () => {
  server = await startSampleServer();
  desks.set(null, await server.desk(null));
  for (const role of roles) desks.set(role, await server.desk(personOfRole[role]));
});
afterAll(() => server.stop());

interface RouterLayer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
}

/** What the server really answers, read off its router. */
function servedRoutes(): readonly string[] {
  const { router } = server.app.getHttpAdapter().getInstance() as unknown as {
    router: { stack: RouterLayer[] };
  };
  return router.stack.flatMap(({ route }) =>
    route === undefined
      ? []
      : Object.keys(route.methods).map((method) => `${method.toUpperCase()} ${route.path}`),
  );
}

const call = (role: Role | null, route: string) => {
  const [method, path = ''] = route.split(' ');
  const address = path.replace(/:\w+/g, '1');
  const desk = desks.get(role) as Desk;
  return method === 'PUT' ? desk.put(address).send({}) : desk.delete(address);
};

describe('every route that changes anything', () => {
  it('is in the table above, and nothing else is', () => {
    const changing = servedRoutes().filter(
      (route) => !/^(GET|HEAD|OPTIONS) /.test(route) && !route.includes('{*path}'),
    );
    expect([...changing].sort()).toEqual(Object.keys(changingRoutes).sort());
  });

  const guarded = Object.entries(changingRoutes).filter(([, allowed]) => allowed !== 'anyone');
  it.each(guarded)('%s asks who it is', async (route) => {
    await call(null, route).expect(401);
  });

  const pairs = guarded.flatMap(([route, allowed]) => roles.map((role) => [route, role, allowed] as const));
  it.each(pairs)('%s by %s, allowed to %j', async (route, role, allowed) => {
    const { status } = await call(role, route);
    expect({ status, isRefused: status === 403 }).toEqual({ status, isRefused: !allowed.includes(role) });
  });

  it('says who may, to somebody who may not', async () => {
    const { body } = await (desks.get('welder') as Desk).put('/api/people/1/role').send({ role: 'lead' });
    expect((body as Problem).detail).toBe('Maren is welder here; this is for lead.');
  });
});

describe('a page of another site', () => {
  const plain = () => request(server.app.getHttpServer());

  it.each([
    ['without the header', {}],
    ['with another origin', { 'X-Lone-Heron': '1', Origin: 'http://elsewhere.example' }],
    ['with an origin that is none', { 'X-Lone-Heron': '1', Origin: 'null' }],
    ['that the browser calls foreign', { 'X-Lone-Heron': '1', 'Sec-Fetch-Site': 'cross-site' }],
  ])('changes nothing %s', async (_, headers) => {
    const { body } = await plain().delete('/api/session').set(headers).expect(403);
    expect((body as Problem).title).toBe('Not from here');
  });

  it.each([
    ['another site', { 'Sec-Fetch-Site': 'cross-site' }],
    ['a neighbour of this one', { 'Sec-Fetch-Site': 'same-site' }],
    ['another origin', { Origin: 'http://elsewhere.example' }],
  ])('is not answered either what it only asks for, from %s', async (_, headers) => {
    for (const path of ['coupons', 'windows/weights', 'nowhere'])
      expect((await plain().get(`/api/${path}`).set(headers).expect(403)).body).toMatchObject({
        title: 'Not from here',
      });
  });

  it('differs from one of ours, from an address that was typed and from what is no browser', async () => {
    for (const headers of [{ 'Sec-Fetch-Site': 'same-origin' }, { 'Sec-Fetch-Site': 'none' }, {}])
      await plain().get('/api/people').set(headers).expect(200);
  });

  it('is not answered under a name that was made to point here', async () => {
    await plain().get('/api/people').set('Host', 'elsewhere.example').expect(421);
    await plain().get('/api/people').set('Host', 'localhost:4180').expect(200);
  });
});

describe('on the network', () => {
  it('nothing but the door and the names can be read before signing in', async () => {
    const open = await startSampleServer({ isOnNetwork: true, names: ['workshop.local'] });
    const stranger = await open.desk(null);
    for (const path of ['machines', 'coupons', 'windows', 'changes']) {
      await stranger.get(`/api/${path}`).expect(401);
      await open.http.get(`/api/${path}`).expect(200);
    }
    for (const path of ['session', 'people', 'health']) await stranger.get(`/api/${path}`).expect(200);
    for (const host of ['workshop.local:4180', 'WORKSHOP.local', '192.168.1.20:4180', '[fe80::1]:4180'])
      await stranger.get('/api/people').set('Host', host).expect(200);
    const { body } = await stranger.get('/api/people').set('Host', 'elsewhere.example').expect(421);
    expect((body as Problem).detail).toContain('workshop.local');
    await open.stop();
  });
});

describe('what a stranger sends', () => {
  it('is not taken in: neither a file nor much at the door', async () => {
    const stranger = await server.desk(null);
    const answer = await stranger
      .put('/api/coupon-files/zip/preview')
      .set('Content-Type', 'application/zip')
      .send(Buffer.alloc(2_000_000))
      .expect(401);
    expect(answer.headers['connection']).toBe('close');
    const long = { personId: 'ines', pin: '1'.repeat(5000) };
    await stranger.put('/api/session').send(long).expect(413);
    await stranger.put('/api/people/x/first-lead').send(long).expect(413);
  });

  it('is said back by no refusal, whatever it is called', async () => {
    const stranger = await server.desk(null);
    const json = (text: string, status = 422) =>
      stranger.put('/api/session').set('Content-Type', 'application/json').send(text).expect(status);
    for (const broken of ['{"personId":"ines","pin":97531x}', '{"pin":"97531', '97531x'])
      expect((await json(broken, 400)).text).not.toContain('97531');
    for (const body of [
      { personId: 'ines', pin: '97531x', code: '86420' },
      { personId: { newPin: '97531' } },
      '97531',
      86420,
    ]) {
      const { text } = await json(JSON.stringify(body));
      expect(text).not.toMatch(/97531|86420/);
    }
  });
});

describe('a flood', () => {
  it('of sign-ins is cut off', async () => {
    const open = await startSampleServer();
    const stranger = await open.desk(null);
    const tries = Array.from({ length: 40 }, () => stranger.put('/api/session').send({}));
    const statuses = (await Promise.all(tries)).map(({ status }) => status);
    expect(statuses.filter((status) => status === 429).length).toBeGreaterThanOrEqual(10);
    await open.stop();
  });
});
