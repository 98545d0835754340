import { Readable } from 'node:stream';
import type { Problem } from '@lone-heron/contract';
import { pino } from 'pino';
import request from 'supertest';
import { FileWork } from '../fileWork/FileWork.js';
import { MeasuresController } from '../health/measures.controller.js';
import { MachinesService } from '../machines/machines.service.js';
import { startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { loggingOptions } from './openLog.js';

/** What a server tells of itself, to its log and to whoever watches over it. */

const written: string[] = [];
let server: SampleServer;
beforeAll(async () => {
  const log = pino(loggingOptions, { write: (line: string) => void written.push(line) });
  server = await startSampleServer({ log });
});
afterEach(() => jest.restoreAllMocks());
afterAll(() => server.stop());

const lines = () => written.map((line) => JSON.parse(line) as Record<string, unknown>);
const anybody = () => request(server.app.getHttpServer());

describe('the log', () => {
  it('says of each request its number, the pattern of its route and how it ended, and nothing that was sent', async () => {
    const { headers } = await server.http
      .put('/api/people/maren/pin?secret=words')
      .send({ newPin: '908172' })
      .expect(200);
    const number = headers['x-request-id'];
    expect(number).toMatch(/^[0-9a-f]{8}$/);
    expect(lines()).toContainEqual(
      expect.objectContaining({ request: number, method: 'PUT', route: '/api/people/:id/pin', status: 200 }),
    );
    await anybody().put('/api/session').send({ personId: 'maren', pin: '13572468' });
    expect(written.join('')).not.toMatch(/maren|Maren|908172|13572468|secret/);
  });

  it('has what went wrong under the number that the refusal bears, without the data of it', async () => {
    const fault = Object.assign(new Error('no such column'), { parameters: ['Maren'] });
    jest.spyOn(server.app.get(MachinesService), 'list').mockRejectedValue(fault);
    const { body } = await server.http.get('/api/machines').expect(500);
    const { request: number } = body as Problem;
    const line = lines().find((each) => each['request'] === number && each['level'] === 'error');
    expect(JSON.stringify(line)).toContain('no such column');
    expect(JSON.stringify(line)).not.toContain('Maren');
  });

  it('keeps what browsers report of pages that tried what they may not, and no more than it can bear', async () => {
    const report = {
      'csp-report': {
        ...{ 'blocked-uri': 'https://elsewhere.example/x.js?a=b', 'effective-directive': 'script-src' },
        'document-uri': 'http://shop.local/dial?joint=secret',
      },
    };
    for (let i = 0; i < 80; i++)
      await anybody()
        .post('/api/csp-reports')
        .set('Content-Type', 'application/csp-report')
        .send(JSON.stringify(report))
        .expect(204);
    const told = lines().filter(({ msg }) => msg === 'a page tried what it may not');
    expect(told).toHaveLength(60);
    expect(told[0]).toMatchObject({
      ...{ directive: 'script-src', blocked: 'https://elsewhere.example/x.js' },
      page: 'http://shop.local/dial',
    });
    await anybody().post('/api/csp-reports').set('Content-Type', 'application/json').send('[1]').expect(204);
    const { text } = await anybody().get('/api/metrics').expect(200);
    expect(text).toContain('heron_csp_reports_total 60');
  });
});

describe('what is measured', () => {
  it('is told at the machine itself, by patterns of routes, and nowhere else', async () => {
    await server.http.get('/api/people').expect(200);
    const { text, headers } = await anybody().get('/api/metrics').expect(200);
    expect(headers['content-type']).toContain('text/plain');
    expect(text).toMatch(/heron_answer_seconds_count\{method="GET",route="\/api\/people",status="200"\} \d+/);
    expect(text).toMatch(/heron_disk_free_bytes [1-9]/);
    expect(text).not.toMatch(/maren/i);
    const elsewhere = { socket: { remoteAddress: '192.168.1.20' } };
    const controller = server.app.get(MeasuresController);
    await expect(controller.written(elsewhere as never, {} as never)).rejects.toMatchObject({ status: 404 });
  });
});

describe('a file that fails while it is made', () => {
  const failingAfter = (sent: readonly string[]) =>
    Readable.from(
      (async function* () {
        yield* sent;
        await Promise.resolve();
        throw new Error('the disk is gone');
      })(),
    );
  const written = (file: Readable) => jest.spyOn(server.app.get(FileWork), 'write').mockResolvedValue(file);

  it('is a refusal as any other before its first byte', async () => {
    written(failingAfter([]));
    const { body, headers } = await anybody().get('/api/coupon-files/json').expect(500);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(headers['content-disposition']).toBeUndefined();
    expect((body as Problem).request).toMatch(/^[0-9a-f]{8}$/);
  });

  it('is broken off later, so that nobody takes half of it for the whole', async () => {
    written(failingAfter(['{"coupons": [', '1']));
    await expect(anybody().get('/api/coupon-files/json')).rejects.toThrow(/aborted|hang up/);
  });
});
