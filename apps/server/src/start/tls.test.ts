import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request, type RequestOptions } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { samplePin } from '@lone-heron/contract';
import { generate } from 'selfsigned';
import { createApp } from '../createApp.js';
import { seedWorkshop } from '../demo/seedWorkshop.js';
import { shopIn } from '../storage/ShopPlace.js';
import { readTls } from './tls.js';

interface Answer {
  readonly status: number | undefined;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
}

/** One request over HTTPS to a certificate that nobody else vouches for. */
function ask(options: RequestOptions, body = ''): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const call = request({ host: '127.0.0.1', rejectUnauthorized: false, ...options }, (response) => {
      response.resume();
      response.on('end', () => resolve({ status: response.statusCode, headers: response.headers }));
    });
    call.on('error', reject);
    call.end(body);
  });
}

describe('a shop served over HTTPS', () => {
  it('answers with its own certificate, tells browsers to stay, and gives a cookie for HTTPS alone', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'heron-https-'));
    const files = { cert: join(folder, 'cert.pem'), key: join(folder, 'key.pem') };
    const made = await generate([{ name: 'commonName', value: 'localhost' }]);
    writeFileSync(files.cert, made.cert);
    writeFileSync(files.key, made.private);
    const plan = { place: shopIn(folder), webFolder: null, isOnNetwork: false };
    const app = await createApp({ ...plan, tls: readTls(files) });
    await seedWorkshop(app, 'days');
    await app.listen(0, '127.0.0.1');
    const { port } = app.getHttpServer().address() as AddressInfo;
    const health = await ask({ port, path: '/api/health' });
    expect(health.status).toBe(200);
    expect(health.headers['strict-transport-security']).toContain('max-age=');
    const headers = { 'x-lone-heron': '1', 'content-type': 'application/json' };
    const door = await ask(
      { port, path: '/api/session', method: 'PUT', headers },
      JSON.stringify({ personId: 'ines', pin: samplePin }),
    );
    expect(door.headers['set-cookie']?.[0]).toMatch(/; Secure/);
    await app.close();
    rmSync(folder, { recursive: true });
  });
});
