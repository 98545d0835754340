import { SubjectAlternativeNameExtension, X509Certificate } from '@peculiar/x509';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { createServer, request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ownCertificate } from './ownCertificate.js';

const names = { host: 'weldshop', addresses: ['192.168.1.20'] };
const now = new Date('2026-11-28T12:00:00Z');
const day = 24 * 3600 * 1000;

describe('the shop’s own certificate', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'heron-own-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  const leafOf = (pem: Buffer) =>
    new X509Certificate(`${pem.toString().split('-----END')[0] ?? ''}-----END CERTIFICATE-----`);

  it('is taken by whoever trusts its authority, under each name of the machine, and for no other name', async () => {
    const own = await ownCertificate(folder, names, new Date());
    const server = createServer(own, (_, answer) => answer.end('here')).listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    const { port } = server.address() as AddressInfo;
    const ask = (servername: string) =>
      new Promise<string>((resolve, reject) => {
        request({ host: '127.0.0.1', port, servername, ca: own.authority.pem }, (answer) =>
          answer.on('data', (data: Buffer) => resolve(data.toString())),
        )
          .once('error', reject)
          .end();
      });
    await expect(ask('weldshop.local')).resolves.toBe('here');
    await expect(ask('localhost')).resolves.toBe('here');
    await expect(ask('bank.example')).rejects.toThrow(/altnames/);
    server.close();
    server.closeAllConnections();
  });

  it('names no address beyond the local network, for which its authority could not vouch', async () => {
    const { cert } = await ownCertificate(
      folder,
      { host: 'weldshop', addresses: ['8.8.4.4', '10.1.2.3'] },
      now,
    );
    const said = leafOf(cert).getExtension(SubjectAlternativeNameExtension)?.names.toJSON() ?? [];
    expect(said.map(({ value }) => value)).toEqual([
      ...['localhost', 'weldshop', 'weldshop.local', '127.0.0.1', '10.1.2.3'],
    ]);
  });

  it('stays with its authority over starts, and is made anew when a name is new or its year ends', async () => {
    const first = await ownCertificate(folder, names, now);
    const again = await ownCertificate(folder, names, new Date(now.getTime() + day));
    expect(again.cert).toEqual(first.cert);
    const moved = await ownCertificate(folder, { ...names, addresses: ['192.168.1.77'] }, now);
    expect(moved.cert).not.toEqual(first.cert);
    const later = await ownCertificate(folder, names, new Date(now.getTime() + 380 * day));
    for (const { authority } of [again, moved, later])
      expect(authority.fingerprint).toBe(first.authority.fingerprint);
    expect(leafOf(later.cert).notAfter.getTime()).toBeGreaterThan(now.getTime() + 700 * day);
  });

  it('lasts no longer than phones take, and its keys are for their owner alone', async () => {
    const { cert, authority } = await ownCertificate(folder, names, now);
    const { notBefore, notAfter } = leafOf(cert);
    expect((notAfter.getTime() - notBefore.getTime()) / day).toBeLessThanOrEqual(398);
    expect(authority.fingerprint).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
    for (const key of ['authority', 'server'])
      expect(statSync(join(folder, `${key}.key.pem`)).mode & 0o077).toBe(0);
  });

  it('has an authority that can vouch for names of the local network alone', async () => {
    const { authority } = await ownCertificate(folder, names, now);
    const constraints = new X509Certificate(authority.pem).getExtension('2.5.29.30');
    expect(constraints?.critical).toBe(true);
    expect(Buffer.from(constraints?.value ?? new ArrayBuffer(0)).toString('latin1')).toContain('weldshop');
  });
});
