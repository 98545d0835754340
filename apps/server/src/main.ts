import 'reflect-metadata';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { readPassphrase, sealOf } from './backups/ageFile.js';
import { backupsInThread } from './backups/backupsInThread.js';
import { openLog } from './logging/openLog.js';
import type { SecondPlace } from './backups/secondPlace.js';
import { seedWorkshop } from './demo/seedWorkshop.js';
import { thisMachineAlone, type ReachedBy } from './network/reachedBy.js';
import { openDataFolder } from './start/dataFolder.js';
import { isLocal, localNames } from './start/localNames.js';
import { openShop } from './start/openShop.js';
import { requireReadyForNetwork } from './start/networkReady.js';
import { ownCertificate, type OwnCertificate } from './start/ownCertificate.js';
import { requireFreePort } from './start/portFree.js';
import { isOnReadOnlyDisk, readingCopy } from './start/readingCopy.js';
import { shownAddress } from './storage/postgres.js';
import { shopIn } from './storage/ShopPlace.js';
import { markReadOnly } from './storage/readOnlyMark.js';
import { placeOf, readSettings, type ServerSettings } from './start/settings.js';
import { ServedShop } from './start/ServedShop.js';
import { readTls } from './start/tls.js';
import { endInWords } from './start/endInWords.js';

async function start(): Promise<void> {
  // Whatever is made is for whoever starts the server alone.
  process.umask(0o077);
  const settings = readSettings(process.env);
  const { port, isOnNetwork } = settings;
  const host = isOnNetwork ? '0.0.0.0' : '127.0.0.1';
  const tls = readTls(settings.tlsFiles);
  // Before a copy is made that nobody would clear away.
  await requireFreePort(port, host);
  const isOnlyRead = settings.databaseUrl === null && isOnReadOnlyDisk(settings.dataFolder);
  const dataFolder = isOnlyRead ? readingCopy(settings.dataFolder) : settings.dataFolder;
  openDataFolder(dataFolder);
  const place = isOnlyRead ? shopIn(dataFolder) : placeOf(settings);
  const lock = await openShop(place, console.log);
  if (isOnlyRead) markReadOnly(dataFolder);
  const own = await ownCertificateFor(settings, dataFolder);
  if (own !== null) await requireFreePort(settings.httpsPort, host);
  const reached = reachedBy(settings, own);
  const { host: machine } = localNames();
  const names = [machine, `${machine}.local`, ...settings.names];
  const shop = new ServedShop(
    {
      place,
      webFolder: settings.webFolder,
      isOnNetwork,
      names,
      tls,
      reached,
      signIn: settings.signIn,
      telemetry: { host, port: settings.mqttPort },
      backups: backupsInThread,
      second: secondPlaceOf(settings),
      isInThreads: true,
      log: openLog(join(dataFolder, 'logs')),
    },
    { host, port, second: own === null ? null : { port: settings.httpsPort, certificate: own } },
    (app) => prepare(app, settings),
  );
  await shop.open();
  const end = async () => {
    await shop.close();
    lock.release();
    if (isOnlyRead) rmSync(dataFolder, { recursive: true });
    process.exit(0);
  };
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void end());
  if (isOnlyRead) console.log(onlyReadInWords(settings.dataFolder));
  console.log(whereItIs(settings, reached));
}

/** On the network without a certificate that was given: one of the shop's own, which lies beside its data. */
function ownCertificateFor(
  { isOnNetwork, tlsFiles }: ServerSettings,
  dataFolder: string,
): Promise<OwnCertificate | null> {
  if (!isOnNetwork || tlsFiles !== null) return Promise.resolve(null);
  return ownCertificate(join(dataFolder, 'certificate'), localNames(), new Date());
}

/** @throws StartFault for a passphrase that cannot be read */
function secondPlaceOf({ backupAlso, passphraseFile }: ServerSettings): SecondPlace | null {
  if (backupAlso === null) return null;
  const seal = passphraseFile === null ? null : sealOf(readPassphrase(passphraseFile));
  return { folder: backupAlso, seal };
}

function reachedBy(
  { isOnNetwork, port, httpsPort, tlsFiles }: ServerSettings,
  own: OwnCertificate | null,
): ReachedBy {
  if (!isOnNetwork) return thisMachineAlone;
  const { host, addresses: all } = localNames();
  const at = (scheme: string, onPort: number, named: readonly string[] = all) =>
    named.map((address) => `${scheme}://${address}:${onPort}`);
  const addresses =
    tlsFiles === null
      ? [...at('https', httpsPort, [...all.filter(isLocal), `${host}.local`]), ...at('http', port)]
      : at('https', port);
  return { isOnNetwork, addresses, authority: own?.authority ?? null };
}

/** Fills an empty demo, and looks at the door before the network may knock. */
async function prepare(app: NestExpressApplication, { demo, isOnNetwork }: ServerSettings): Promise<void> {
  if (demo && (await seedWorkshop(app, 'months')))
    console.log('The sample workshop was put into an empty database.');
  if (isOnNetwork) await requireReadyForNetwork(app);
}

const onlyReadInWords = (dataFolder: string): string =>
  `The disk of ${dataFolder} takes nothing: a copy of the shop is shown, and nothing can be saved. Copy the folder to another disk, then give that one in HERON_DATA.`;

function whereItIs({ port, dataFolder, databaseUrl, tlsFiles }: ServerSettings, reached: ReachedBy): string {
  const here = `${tlsFiles === null ? 'http' : 'https'}://127.0.0.1:${port}`;
  const rows = databaseUrl === null ? '' : `, its rows in ${shownAddress(databaseUrl)} (PostgreSQL)`;
  const address = `Lone Heron is at ${here} with its data in ${dataFolder}${rows}`;
  if (!reached.isOnNetwork) return address;
  const lines = [
    address,
    'Everybody on the local network can reach it:',
    ...reached.addresses.map((each) => `  ${each}`),
  ];
  if (reached.authority === null) return [...lines, 'Over HTTPS.'].join('\n');
  return [
    ...lines,
    'Over http PINs cross the network unencrypted, and phones do not keep it for when the server is away.',
    `Over https a phone warns until it trusts this shop: ${here}/shop/phones says how, step by step.`,
    `Fingerprint (SHA-256) of “${reached.authority.name}”:`,
    `  ${reached.authority.fingerprint}`,
  ].join('\n');
}

start().catch(endInWords);
