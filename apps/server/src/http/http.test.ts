import type { Machine, Person, Problem } from '@lone-heron/contract';
import { startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { problemFor } from './problemFilter.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

describe('the API', () => {
  it('answers for its health', async () => {
    expect((await server.http.get('/api/health').expect(200)).body).toEqual({ status: 'ok' });
  });

  it('lists the machines in the shop’s order and the people by name', async () => {
    const machines = (await server.http.get('/api/machines').expect(200)).body as Machine[];
    expect(machines.map(({ id }) => id)).toEqual(['bench', 'barrow', 'lamp']);
    const people = (await server.http.get('/api/people').expect(200)).body as Person[];
    expect(people.map(({ name }) => name)).toEqual(['Ines', 'Maren', 'Tobias']);
  });

  it('says 404 as a problem for a path nobody knows', async () => {
    const { body } = await server.http
      .get('/api/nowhere')
      .expect(404)
      .expect('content-type', /problem\+json/);
    expect((body as Problem).detail).toBe('There is no path /api/nowhere.');
  });

  it('describes every path and the shape of a coupon', async () => {
    const { body } = await server.http.get('/api/docs-json').expect(200);
    const document = body as {
      paths: Record<string, unknown>;
      components: { schemas: Record<string, { properties: object }> };
    };
    expect(Object.keys(document.paths)).toEqual(
      expect.arrayContaining([
        '/api/machines',
        '/api/people',
        '/api/coupons',
        '/api/coupons/{id}',
        '/api/windows/{id}',
      ]),
    );
    expect(Object.keys(document.components.schemas['CouponDraft']?.properties ?? {})).toContain('lightOnS');
  });

  it('allows scripts from here alone', async () => {
    const { headers } = await server.http.get('/api/health');
    expect(headers['content-security-policy']).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(headers['content-security-policy']).toMatch(
      /script-src 'self' 'wasm-unsafe-eval';.*script-src-attr 'none'|script-src-attr 'none';.*script-src 'self' 'wasm-unsafe-eval';/,
    );
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
    expect(headers['content-security-policy']).not.toContain('upgrade-insecure-requests');
  });
});

describe('failures nobody foresaw', () => {
  it('tells a full disk from everything else', () => {
    expect(problemFor(Object.assign(new Error('full'), { code: 'SQLITE_FULL' }))).toMatchObject({
      status: 507,
      title: 'Storage failed',
    });
    expect(problemFor(Object.assign(new Error('closed'), { code: 'EROFS' })).detail).toBe(
      'The disk did not take it (EROFS). Nothing of this request was stored. It cannot be written: a lead can read at the machine what to do.',
    );
    expect(problemFor(new Error('secret detail'))).toMatchObject({
      status: 500,
      detail: expect.not.stringContaining('secret'),
    });
  });
});
