import 'reflect-metadata';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp } from './createApp.js';
import { seedWorkshop } from './demo/seedWorkshop.js';
import { openDataFolder } from './start/dataFolder.js';
import { requireReadyForNetwork } from './start/networkReady.js';
import { portFault, requireFreePort } from './start/portFree.js';
import { readSettings, type ServerSettings } from './start/settings.js';
import { StartFault } from './start/StartFault.js';
import { readTls } from './start/tls.js';
import { setAsideBeforeMigrating } from './storage/setAside.js';

async function start(): Promise<void> {
  const settings = readSettings(process.env);
  const { port, dataFolder, isOnNetwork } = settings;
  const host = isOnNetwork ? '0.0.0.0' : '127.0.0.1';
  const tls = readTls(settings.tlsFiles);
  const databaseFile = openDataFolder(dataFolder);
  await requireFreePort(port, host);
  const copy = await setAsideBeforeMigrating(databaseFile);
  if (copy !== null) console.log(`The database is brought up to date; the old one is kept as ${copy}`);
  const app = await createApp({ databaseFile, webFolder: settings.webFolder, isOnNetwork, tls });
  try {
    await prepare(app, settings);
    await listen(app, port, host);
  } catch (error) {
    await app.close();
    throw error instanceof Error ? portFault(error, port) : error;
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => void app.close().then(() => process.exit(0)));
  }
  console.log(whereItIs(settings));
}

/** Fills an empty demo, and looks at the door before the network may knock. */
async function prepare(app: NestExpressApplication, { demo, isOnNetwork }: ServerSettings): Promise<void> {
  if (demo && (await seedWorkshop(app, 'months')))
    console.log('The sample workshop was put into an empty database.');
  if (isOnNetwork) await requireReadyForNetwork(app);
}

/** Listens without Nest's own log of a failure, which is told in one line instead. */
function listen(app: NestExpressApplication, port: number, host: string): Promise<void> {
  const server = app.getHttpServer();
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });
}

function whereItIs({ port, dataFolder, isOnNetwork, tlsFiles }: ServerSettings): string {
  const scheme = tlsFiles === null ? 'http' : 'https';
  const address = `Lone Heron is at ${scheme}://127.0.0.1:${port} with its data in ${dataFolder}`;
  if (!isOnNetwork) return address;
  const open =
    tlsFiles === null
      ? 'PINs cross the network unencrypted: give HERON_TLS_CERT and HERON_TLS_KEY where others share it.'
      : 'Over HTTPS.';
  return `${address}\nEverybody on the local network can reach it at this machine’s name or address. ${open}`;
}

start().catch((error: unknown) => {
  console.error(error instanceof StartFault ? `heron: ${error.message}` : error);
  process.exit(1);
});
