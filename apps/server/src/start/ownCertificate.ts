import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import {
  AuthorityKeyIdentifierExtension,
  BasicConstraintsExtension,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  Extension,
  KeyUsageFlags,
  KeyUsagesExtension,
  PemConverter,
  SubjectAlternativeNameExtension,
  SubjectKeyIdentifierExtension,
  X509Certificate,
  X509CertificateGenerator,
} from '@peculiar/x509';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { createHash, webcrypto } from 'node:crypto';
import { join } from 'node:path';
import { isLocal, localRanges, type LocalNames } from './localNames.js';
import type { Tls } from './tls.js';

/** A certificate that the shop makes itself, with the authority that vouches for it. */
export interface OwnCertificate extends Tls {
  readonly authority: { readonly name: string; readonly fingerprint: string; readonly pem: string };
}

const algorithm = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const day = 24 * 3600 * 1000;
/** Phones take no server certificate that is longer than 398 days. */
const leafDays = 397;
const authorityDays = 3650;
/** Made anew when less is left. */
const renewDays = 30;

/** A key with its certificate, as it lies in a folder. */
interface Pair {
  readonly certificate: X509Certificate;
  readonly key: webcrypto.CryptoKey;
}

/**
 * The shop's own certificate, from the folder that keeps it. The authority is made once, for phones are told to trust it;
 * what the server shows is made anew when the machine's names changed or it runs out.
 *
 * The authority can vouch for names of the local network alone, so that whoever got hold of its key could pretend to be no
 * other site to a phone that trusts it.
 *
 * @param folder is made where it is missing, for its owner alone
 */
export async function ownCertificate(folder: string, names: LocalNames, now: Date): Promise<OwnCertificate> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const authority = (await readPair(folder, 'authority')) ?? (await makeAuthority(folder, names, now));
  const kept = await readPair(folder, 'server');
  const leaf =
    kept !== null && isGood(kept, names, now) ? kept : await makeLeaf(folder, authority, names, now);
  return {
    cert: Buffer.from(`${leaf.certificate.toString('pem')}\n${authority.certificate.toString('pem')}\n`),
    key: Buffer.from(await keyPem(leaf.key)),
    authority: {
      name: authority.certificate.subjectName.getField('CN')[0] ?? '',
      fingerprint: fingerprintOf(authority.certificate),
      pem: `${authority.certificate.toString('pem')}\n`,
    },
  };
}

function isGood({ certificate }: Pair, names: LocalNames, now: Date): boolean {
  const lastDay = certificate.notAfter.getTime() - renewDays * day;
  const has = certificate.getExtension(SubjectAlternativeNameExtension)?.names.toJSON() ?? [];
  return (
    now.getTime() < lastDay && namesOf(names).every(({ value }) => has.some((each) => each.value === value))
  );
}

function namesOf({ host, addresses }: LocalNames) {
  const dns = ['localhost', host, `${host}.local`].map((value) => ({ type: 'dns', value }) as const);
  return [
    ...dns,
    ...['127.0.0.1', ...addresses.filter(isLocal)].map((value) => ({ type: 'ip', value }) as const),
  ];
}

async function makeAuthority(folder: string, { host }: LocalNames, now: Date): Promise<Pair> {
  const keys = await newKeys();
  const certificate = await X509CertificateGenerator.createSelfSigned({
    name: `CN=Lone Heron on ${host}`,
    ...validFor(authorityDays, now),
    keys,
    signingAlgorithm: algorithm,
    extensions: [
      new BasicConstraintsExtension(true, 0, true),
      new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
      localNamesAlone(host),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return keepPair(folder, 'authority', { certificate, key: keys.privateKey });
}

async function makeLeaf(folder: string, authority: Pair, names: LocalNames, now: Date): Promise<Pair> {
  const keys = await newKeys();
  const certificate = await X509CertificateGenerator.create({
    subject: `CN=${names.host}`,
    issuer: authority.certificate.subject,
    ...validFor(leafDays, now),
    publicKey: keys.publicKey,
    signingKey: authority.key,
    signingAlgorithm: algorithm,
    extensions: [
      new BasicConstraintsExtension(false),
      new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
      new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
      new SubjectAlternativeNameExtension(namesOf(names)),
      await AuthorityKeyIdentifierExtension.create(authority.certificate),
    ],
  });
  return keepPair(folder, 'server', { certificate, key: keys.privateKey });
}

const nameConstraintsId = '2.5.29.30';

/** RFC 5280, 4.2.1.10. */
function localNamesAlone(host: string): Extension {
  const named = [host, 'localhost', 'local'].map((dNSName) => new GeneralName({ dNSName }));
  const numbered = localRanges.map((range) => new GeneralName({ iPAddress: range.join('/') }));
  const permittedSubtrees = new GeneralSubtrees(
    [...named, ...numbered].map((base) => new GeneralSubtree({ base })),
  );
  return new Extension(
    nameConstraintsId,
    true,
    AsnConvert.serialize(new NameConstraints({ permittedSubtrees })),
  );
}

function newKeys(): Promise<webcrypto.CryptoKeyPair> {
  return webcrypto.subtle.generateKey(algorithm, true, ['sign', 'verify']);
}

/** From the day before, for a phone's clock may be behind. */
function validFor(days: number, now: Date) {
  return { notBefore: new Date(now.getTime() - day), notAfter: new Date(now.getTime() + (days - 1) * day) };
}

async function keyPem(key: webcrypto.CryptoKey): Promise<string> {
  return PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}

function fingerprintOf(certificate: X509Certificate): string {
  const digest = createHash('sha256').update(Buffer.from(certificate.rawData)).digest('hex').toUpperCase();
  return digest.match(/../g)?.join(':') ?? '';
}

/** The key lies there before its certificate names it: one without the other is made anew. */
async function keepPair(folder: string, name: string, pair: Pair): Promise<Pair> {
  keepFile(join(folder, `${name}.key.pem`), await keyPem(pair.key));
  keepFile(join(folder, `${name}.pem`), pair.certificate.toString('pem'));
  return pair;
}

function keepFile(file: string, text: string): void {
  writeFileSync(`${file}.new`, `${text}\n`, { mode: 0o600 });
  renameSync(`${file}.new`, file);
}

async function readPair(folder: string, name: string): Promise<Pair | null> {
  const [certificateFile, keyFile] = [join(folder, `${name}.pem`), join(folder, `${name}.key.pem`)];
  if (!existsSync(certificateFile) || !existsSync(keyFile)) return null;
  const key = await webcrypto.subtle.importKey(
    'pkcs8',
    PemConverter.decodeFirst(readFileSync(keyFile, 'utf8')),
    algorithm,
    true,
    ['sign'],
  );
  return { certificate: new X509Certificate(readFileSync(certificateFile, 'utf8')), key };
}
