import { BlockList } from 'node:net';
import {
  samplePin,
  type Account,
  type Change,
  type Door,
  type Person,
  type Problem,
} from '@lone-heron/contract';
import { newId, startSampleServer, type Desk, type SampleServer } from '../testing/sampleServer.js';
import { standInClient, startStandInProvider, type StandInProvider } from '../testing/standInProvider.js';
import { Clock } from '../time/clock.js';

const login = 'maren@workshop.example';
const passphrase = 'seven gulls over wet slate';

let provider: StandInProvider;
let server: SampleServer;
beforeAll(async () => {
  provider = await startStandInProvider({ sub: 'm-1' });
});
afterAll(() => provider.close());

/** PINs from networks that this machine is none of are taken here all the same: it is a bench. */
async function start(pinFrom: BlockList | null = null): Promise<void> {
  server = await startSampleServer({
    signIn: {
      pinFrom,
      provider: {
        ...{ issuer: provider.issuer, name: 'The firm', url: new URL('https://heron.example') },
        ...{ clientId: standInClient.id, clientSecret: standInClient.secret },
      },
    },
  });
  Object.assign(server.app.get(Clock), { wait: () => Promise.resolve() });
}
beforeEach(() => start());
afterEach(() => server.stop());

const giveAccount = (draft: object = { login, passphrase }) =>
  server.http.put('/api/people/maren/account').send(draft).expect(200);
const byPassphrase = (desk: Desk, given = passphrase, as = login) =>
  desk.put('/api/session/account').send({ login: as, passphrase: given });

describe('an account', () => {
  it('is given by a lead, shown without its passphrase, and told in the history', async () => {
    const { body } = await giveAccount();
    expect(body).toEqual({ personId: 'maren', login, hasPassphrase: true, isLinked: false });
    const { body: all } = await server.http.get('/api/accounts').expect(200);
    expect(all).toEqual([body]);
    const { body: changes } = await server.http.get('/api/changes').expect(200);
    expect((changes as Change[])[0]?.what).toBe(`gave Maren the account ${login}, with a passphrase`);
    const maren = await server.desk('maren');
    await maren.get('/api/accounts').expect(403);
    await maren.put('/api/people/maren/account').send({ login, passphrase }).expect(403);
  });

  it('has a login that nobody else has, and a passphrase that is one', async () => {
    await giveAccount();
    const taken = await server.http.put('/api/people/tobias/account').send({ login, passphrase }).expect(422);
    expect((taken.body as Problem).errors?.[0]?.allowed).toBe('one that nobody else has');
    for (const poor of ['short', 'aaaaaaaaaaaaaaaa']) {
      const { body } = await server.http
        .put('/api/people/maren/account')
        .send({ login, passphrase: poor })
        .expect(422);
      expect((body as Problem).errors?.[0]?.field).toBe('passphrase');
    }
    await server.http.put('/api/people/nobody/account').send({ login: 'nobody' }).expect(404);
  });

  it('lets in by its passphrase, however the login is written', async () => {
    await giveAccount();
    const desk = await server.desk(null);
    const { body } = await byPassphrase(desk, passphrase, ' Maren@Workshop.example').expect(200);
    expect((body as Person).id).toBe('maren');
    await desk
      .put('/api/session/passphrase')
      .send({ passphrase: 'not it', newPassphrase: 'another one of mine' })
      .expect(401);
    await desk
      .put('/api/session/passphrase')
      .send({ passphrase, newPassphrase: 'another one of mine' })
      .expect(204);
    // Every device of hers begins anew.
    await desk.put(`/api/machines/bench/days/${newId()}`).expect(401);
    await byPassphrase(desk).expect(401);
    await byPassphrase(desk, 'another one of mine').expect(200);
  });

  it('tells wrong, unknown and taken away alike, and locks after five', async () => {
    await giveAccount();
    const desk = await server.desk(null);
    const wrong = await byPassphrase(desk, 'guessed at random').expect(401);
    const unknown = await byPassphrase(desk, passphrase, 'who@workshop.example').expect(401);
    expect(unknown.body).toEqual(wrong.body);
    expect((wrong.body as Problem).detail).toBe('That account or passphrase is not right.');
    for (let i = 0; i < 4; i++) await byPassphrase(desk, 'guessed at random');
    expect((await byPassphrase(desk)).status).toBe(429);
    await server.http.delete('/api/people/maren/account').expect(204);
    await server.http.delete('/api/people/maren/account').expect(204);
    expect((await server.http.get('/api/accounts')).body).toEqual([]);
  });

  it('of a disabled person lets nobody in', async () => {
    await giveAccount();
    await server.http.put('/api/people/maren/disabled').expect(200);
    await byPassphrase(await server.desk(null)).expect(401);
  });

  it('keeps its passphrase where only the login is changed', async () => {
    await giveAccount();
    const { body } = await giveAccount({ login: 'maren' });
    expect((body as Account).hasPassphrase).toBe(true);
    await byPassphrase(await server.desk(null), passphrase, 'maren').expect(200);
  });
});

describe('the firm’s provider', () => {
  /** Goes there and comes back, as a browser does. */
  async function round(desk: Desk): Promise<{ query: string }> {
    const { body } = await desk.put('/api/session/provider/begun').expect(200);
    return { query: await provider.signIn((body as { url: string }).url) };
  }

  /** The request is made once the round is over: before that the device has nothing to bring along. */
  async function comeBack(desk: Desk) {
    const answer = await round(desk);
    const { status, body } = await desk.put('/api/session/provider').send(answer);
    return { status, person: body as Person };
  }

  it('lets in whose verified address has an account, and goes by who it says they are from then on', async () => {
    await giveAccount({ login, passphrase: null });
    provider.person = { sub: 'm-1', email: 'Maren@workshop.example', email_verified: true };
    const desk = await server.desk(null);
    expect(await comeBack(desk)).toMatchObject({ status: 200, person: { id: 'maren' } });
    // Another address of the same person is the same person; another person with hers is not.
    provider.person = { sub: 'm-1', email: 'new@workshop.example', email_verified: true };
    const again = await server.desk(null);
    expect(await comeBack(again)).toMatchObject({ status: 200, person: { id: 'maren' } });
    provider.person = { sub: 'x-9', email: login, email_verified: true };
    const other = await server.desk(null);
    expect((await comeBack(other)).status).toBe(403);
  });

  it('lets nobody in by an address that it does not say is theirs, or that has no account', async () => {
    await giveAccount({ login, passphrase: null });
    for (const person of [
      { sub: 'm-2', email: login },
      { sub: 'm-2', email: login, email_verified: false },
      { sub: 'm-2', email: 'stranger@elsewhere.example', email_verified: true },
    ]) {
      provider.person = person;
      const desk = await server.desk(null);
      expect((await comeBack(desk)).status).toBe(403);
    }
  });

  it('is believed only in what this device asked, and once', async () => {
    await giveAccount({ login, passphrase: null });
    provider.person = { sub: 'm-1', email: login, email_verified: true };
    const [mine, theirs] = [await server.desk(null), await server.desk(null)];
    const answer = await round(mine);
    await theirs.put('/api/session/provider').send(answer).expect(401);
    await theirs.put('/api/session/provider/begun').expect(200);
    await theirs.put('/api/session/provider').send(answer).expect(401);
    const second = await round(mine);
    await mine.put('/api/session/provider').send(second).expect(200);
    await mine.put('/api/session/provider').send(second).expect(401);
    const refusal = await round(mine);
    const state = new URLSearchParams(refusal.query).get('state') ?? '';
    const denied = await mine
      .put('/api/session/provider')
      .send({ query: new URLSearchParams({ error: 'access_denied', state }).toString() })
      .expect(401);
    expect((denied.body as Problem).detail).toContain('access_denied');
  });

  it('that does not answer is said so, and asked again the next time', async () => {
    await server.stop();
    const away = new URL('http://127.0.0.1:9');
    server = await startSampleServer({
      signIn: {
        pinFrom: null,
        provider: {
          ...{ issuer: away, name: 'The firm', url: new URL('https://heron.example') },
          ...{ clientId: 'x', clientSecret: null },
        },
      },
    });
    const desk = await server.desk(null);
    const { body } = await desk.put('/api/session/provider/begun').expect(503);
    expect((body as Problem).detail).toMatch(/^The firm does not answer/);
  });
});

describe('PINs', () => {
  const ways = async (desk: Desk) => (await desk.get('/api/session/ways').expect(200)).body as Door;

  it('are taken at this machine whatever networks are named, and everywhere where none are', async () => {
    expect(await ways(await server.desk(null))).toEqual({
      ...{ takesPins: true, hasPassphrases: false, provider: 'The firm' },
    });
    await server.stop();
    const benches = new BlockList();
    benches.addSubnet('192.168.10.0', 24, 'ipv4');
    await start(benches);
    const desk = await server.desk(null);
    expect((await ways(desk)).takesPins).toBe(true);
    await desk.put('/api/session').send({ personId: 'maren', pin: samplePin }).expect(200);
  });
});
