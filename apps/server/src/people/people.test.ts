import { readFileSync } from 'node:fs';
import { samplePin, type Change, type Person, type Problem, type Session } from '@lone-heron/contract';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { createApp } from '../createApp.js';
import { requireReadyForNetwork } from '../start/networkReady.js';
import {
  couponDraft,
  newId,
  startFileServer,
  startSampleServer,
  type Desk,
  type SampleServer,
} from '../testing/sampleServer.js';
import { testPlace } from '../testing/testPlace.js';
import type { ProblemException } from '../http/problem.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { freeTries, lockMs } from './pinLock.js';
import { idleMs, longestMs } from './sessions.service.js';
import { SignInService } from './signIn.service.js';

let server: SampleServer;
let now: number;
let waited: number[];
beforeEach(async () => {
  server = await startSampleServer();
  now = Date.now();
  waited = [];
  Object.assign(server.app.get(Clock), {
    now: () => new Date(now),
    wait: (ms: number) => Promise.resolve(void waited.push(ms)),
  });
});
afterEach(() => server.stop());

const whoIs = async (desk: Desk) => ((await desk.get('/api/session').expect(200)).body as Session).person;
const signIn = (desk: Desk, personId: string, pin: string) =>
  desk.put('/api/session').send({ personId, pin });

describe('signing in', () => {
  it('keeps who it is in a cookie that no script and no other site sees', async () => {
    const desk = await server.desk(null);
    const { headers, body } = await signIn(desk, 'maren', samplePin).expect(200);
    expect(body).toEqual({ id: 'maren', name: 'Maren', role: 'welder', isDisabled: false, workshopId: null });
    expect(headers['set-cookie']?.[0]).toMatch(/HttpOnly.*SameSite=Strict/);
    expect((await whoIs(desk))?.id).toBe('maren');
    await desk.delete('/api/session').expect(204);
    expect(await whoIs(desk)).toBeNull();
  });

  it('ends when the device is left alone, and after a long shift', async () => {
    const desk = await server.desk('maren');
    for (let busy = 0; busy < longestMs; busy += idleMs / 2) {
      expect((await whoIs(desk))?.id).toBe('maren');
      now += idleMs / 2;
    }
    now += 1;
    expect(await whoIs(desk)).toBeNull();
    const other = await server.desk('maren');
    now += idleMs + 61_000;
    expect(await whoIs(other)).toBeNull();
  });

  it('keeps neither PIN nor cookie readable in the file', async () => {
    const file = await startFileServer();
    const desk = await file.desk(null);
    const { headers } = await signIn(desk, 'maren', samplePin);
    const token = /session=([^;]+)/.exec(headers['set-cookie']?.[0] ?? '')?.[1] ?? '';
    await file.app.get(DataSource).query('PRAGMA wal_checkpoint(TRUNCATE)');
    const bytes = readFileSync(file.databaseFile, 'latin1');
    await file.stop();
    expect(token.length).toBeGreaterThan(40);
    expect(bytes).not.toContain(token);
    expect(bytes).not.toMatch(new RegExp(`\\b${samplePin}\\b.{0,3}ines`));
    expect(bytes).toContain('$argon2id$');
  });
});

describe('a wrong PIN', () => {
  it('is told alike whether anybody goes by that name or not', async () => {
    const desk = await server.desk(null);
    const known = await signIn(desk, 'maren', '0000').expect(401);
    const unknown = await signIn(desk, 'nobody', '0000').expect(401);
    expect(known.body).toEqual(unknown.body);
    expect((known.body as Problem).detail).toBe('That PIN is not right.');
  });

  it.each(['maren', 'nobody'])(
    'locks %s after five, longer each time, even for the right one',
    async (id) => {
      const desk = await server.desk(null);
      const statuses = [];
      for (let i = 0; i < freeTries; i++) statuses.push((await signIn(desk, id, '0000')).status);
      expect(statuses).toEqual([401, 401, 401, 401, 429]);
      expect(waited).toEqual([100, 200, 400, 800, 1600]);
      const { body } = await signIn(desk, id, samplePin).expect(429);
      expect((body as Problem).detail).toBe(
        'Too many wrong PINs: this name is locked for a minute. A lead can give a new PIN.',
      );
      now += lockMs(freeTries);
      await signIn(desk, id, '0000').expect(429);
      // Here at the shop's own machine it is never longer than the first time.
      now += lockMs(freeTries);
      await signIn(desk, id, samplePin).expect(id === 'maren' ? 200 : 429);
    },
  );

  describe('from another device', () => {
    const from = async (address: string, pin: string): Promise<number> => {
      try {
        await server.app.get(SignInService).signIn({ personId: 'maren', pin }, address);
        return 200;
      } catch (fault) {
        return (fault as ProblemException).problem.status;
      }
    };
    const lockedOut = '192.168.1.20';

    it('locks the name there alone, longer each time', async () => {
      for (let i = 0; i < freeTries; i++) await from(lockedOut, '0000');
      expect(await from(lockedOut, samplePin)).toBe(429);
      expect(await from('192.168.1.21', samplePin)).toBe(200);
      await signIn(await server.desk(null), 'maren', samplePin).expect(200);
      now += lockMs(freeTries);
      expect(await from(lockedOut, '0000')).toBe(429);
      now += lockMs(freeTries);
      expect(await from(lockedOut, samplePin)).toBe(429);
      now += lockMs(freeTries);
      expect(await from(lockedOut, samplePin)).toBe(200);
    });

    it('is in the history, the first of a row and those that lock', async () => {
      for (let i = 0; i < freeTries; i++) await from(lockedOut, '0000');
      const { body } = await server.http.get('/api/changes').expect(200);
      const told = (body as Change[]).filter(({ noun }) => noun === 'door').map(({ what }) => what);
      expect(told.slice(0, 2)).toEqual([
        `5 wrong PINs in a row for Maren, from ${lockedOut}`,
        `a wrong PIN for Maren, from ${lockedOut}`,
      ]);
    });

    it('is no lock of a day where the clock is set back', async () => {
      for (let i = 0; i < freeTries; i++) await from(lockedOut, '0000');
      now -= 24 * 3600 * 1000;
      expect(await from(lockedOut, samplePin)).toBe(200);
    });
  });

  it('counts tries that come all at once', async () => {
    const desk = await server.desk(null);
    const tries = Array.from({ length: 8 }, () => signIn(desk, 'maren', '0000'));
    const statuses = (await Promise.all(tries)).map(({ status }) => status);
    expect(statuses.filter((status) => status === 401)).toHaveLength(4);
  });

  it('is never said back', async () => {
    const desk = await server.desk(null);
    const { text } = await signIn(desk, 'maren', '12').expect(422);
    expect(text).toContain('4 to 8 digits');
    expect(text).toContain('kept to yourself');
    expect(text).not.toContain('12"');
  });

  it('is forgiven by a lead’s reset, which ends every session too', async () => {
    const desk = await server.desk('maren');
    for (let i = 0; i < freeTries; i++) await signIn(await server.desk(null), 'maren', '0000');
    await server.http.put('/api/people/maren/pin').send({ newPin: '97531' }).expect(200);
    expect(await whoIs(desk)).toBeNull();
    await signIn(desk, 'maren', '97531').expect(200);
  });
});

describe('a new PIN', () => {
  it.each(['0000', '99999999', '1234', '87654321', '0123', '1212', '454545', '1987', '2026', samplePin])(
    '%s is refused wherever one is given, for it is guessed first',
    async (pin) => {
      const refusals = [
        server.http.put(`/api/people/${newId()}`).send({ name: 'Jonna', role: 'welder', pin }),
        server.http.put('/api/people/maren/pin').send({ newPin: pin }),
        server.http.put('/api/session/pin').send({ pin: samplePin, newPin: pin }),
        server.http.put(`/api/people/${newId()}/first-lead`).send({ name: 'Ada', pin }),
      ];
      for (const { status, text } of await Promise.all(refusals)) {
        expect(status).toBe(422);
        expect(text).toContain('nobody guesses first');
        expect(text).toContain('kept to yourself');
      }
    },
  );
});

describe('on a disk that takes nothing any more', () => {
  it('people sign in and read on, and what cannot be stored is told', async () => {
    const full = Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
    const write = jest.spyOn(server.app.get(WriteQueue), 'run').mockRejectedValue(full);
    const desk = await server.desk('maren');
    expect((await whoIs(desk))?.name).toBe('Maren');
    now += 10 * 60_000;
    expect((await whoIs(desk))?.name).toBe('Maren');
    await desk.get('/api/coupons').expect(200);
    const { body } = await desk.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(507);
    expect((body as Problem).detail).toContain('Nothing of this request was stored');
    const old = server.http;
    await old.delete('/api/session').expect(204);
    write.mockRestore();
    expect((await whoIs(desk))?.name).toBe('Maren');
    expect(await whoIs(old)).toBeNull();
  });
});

describe('one’s own PIN', () => {
  it('is changed with the old one', async () => {
    const desk = await server.desk('maren');
    await desk.put('/api/session/pin').send({ pin: '0000', newPin: '86420' }).expect(401);
    await desk.put('/api/session/pin').send({ pin: samplePin, newPin: '86420' }).expect(204);
    expect(await whoIs(desk)).toBeNull();
    await signIn(desk, 'maren', samplePin).expect(401);
    await signIn(desk, 'maren', '86420').expect(200);
  });
});

describe('a lead', () => {
  it('adds somebody, who can sign in; the same save twice is one', async () => {
    const id = newId();
    const draft = { name: 'Jonna', role: 'welder', pin: '13579' };
    await server.http.put(`/api/people/${id}`).send(draft).expect(200);
    await server.http.put(`/api/people/${id}`).send(draft).expect(200);
    await server.http.put(`/api/people/${newId()}`).send(draft).expect(422);
    await signIn(await server.desk(null), id, '13579').expect(200);
  });

  it('disables somebody, whose session ends and whose name stays', async () => {
    const desk = await server.desk('tobias');
    await server.http.put('/api/people/tobias/disabled').expect(200);
    expect(await whoIs(desk)).toBeNull();
    await signIn(desk, 'tobias', samplePin).expect(401);
    const people = (await server.http.get('/api/people')).body as Person[];
    expect(people.find(({ id }) => id === 'tobias')).toMatchObject({ name: 'Tobias', isDisabled: true });
    await server.http.delete('/api/people/tobias/disabled').expect(200);
    await signIn(desk, 'tobias', samplePin).expect(200);
  });

  it('renames somebody, by no name that somebody else has, and everywhere they are named', async () => {
    await server.http.put('/api/people/tobias/name').send({ name: 'Maren' }).expect(422);
    await server.http.put('/api/people/tobias/name').send({ name: ' ' }).expect(422);
    const { body } = await server.http.put('/api/people/tobias/name').send({ name: 'Tobias K.' }).expect(200);
    expect(body).toMatchObject({ id: 'tobias', name: 'Tobias K.' });
    await signIn(await server.desk(null), 'tobias', samplePin).expect(200);
    await server.http.put('/api/people/tobias/name').send({ name: 'Tobias' }).expect(200);
  });

  it('stays: the last one can be neither disabled nor given another role', async () => {
    await server.http.put('/api/people/ines/disabled').expect(409);
    const { body } = await server.http.put('/api/people/ines/role').send({ role: 'welder' }).expect(409);
    expect((body as Problem).detail).toBe('Ines is the only lead: make somebody else lead first.');
    await server.http.put('/api/people/maren/role').send({ role: 'lead' }).expect(200);
    await server.http.put('/api/people/ines/role').send({ role: 'welder' }).expect(200);
    await server.http.put('/api/people/maren/role').send({ role: 'welder' }).expect(403);
  });

  it('is named in the history with what was done', async () => {
    await server.http.put('/api/people/maren/role').send({ role: 'upkeep' }).expect(200);
    await server.http.put('/api/people/maren/role').send({ role: 'upkeep' }).expect(200);
    const changes = (await server.http.get('/api/changes').expect(200)).body as Change[];
    expect(changes[0]).toMatchObject({
      personId: 'ines',
      noun: 'person',
      subjectId: 'maren',
      what: 'made Maren upkeep (was welder)',
    });
    expect(changes.filter(({ subjectId }) => subjectId === 'maren')).toHaveLength(1);
  });
});

describe('a new shop', () => {
  it('asks for its first lead, once, and goes to the network only with real PINs', async () => {
    const { place, remove } = await testPlace();
    const app = await createApp({ place, webFolder: null, isOnNetwork: false, tls: null });
    const desk = request.agent(app.getHttpServer()).set('X-Lone-Heron', '1');
    await expect(requireReadyForNetwork(app)).rejects.toThrow('Nobody leads this shop yet');
    expect(((await desk.get('/api/session')).body as Session).needsFirstLead).toBe(true);
    const [first, second] = [newId(), newId()];
    const made = await Promise.all(
      [first, second].map((id, index) =>
        desk.put(`/api/people/${id}/first-lead`).send({ name: `Lead ${index}`, pin: '8642' }),
      ),
    );
    expect(made.map(({ status }) => status).sort()).toEqual([200, 409]);
    expect(((await desk.get('/api/session')).body as Session).needsFirstLead).toBe(false);
    await requireReadyForNetwork(app);
    await app.close();
    await remove();
  });

  it('with the sample PIN stays on its own machine until everybody has another', async () => {
    await expect(requireReadyForNetwork(server.app)).rejects.toThrow('Somebody still has the sample PIN');
    await server.http.put('/api/people/maren/pin').send({ newPin: '86419' }).expect(200);
    await server.http.put('/api/people/tobias/disabled').expect(200);
    await expect(requireReadyForNetwork(server.app)).rejects.toThrow('sample PIN');
    await server.http.put('/api/session/pin').send({ pin: samplePin, newPin: '86419' }).expect(204);
    await requireReadyForNetwork(server.app);
  });
});
