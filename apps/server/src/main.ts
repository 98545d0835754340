import 'reflect-metadata';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp } from './createApp.js';
import { seedWorkshop } from './demo/seedWorkshop.js';
import { openDataFolder } from './start/dataFolder.js';
import { readSettings } from './start/settings.js';
import { StartFault } from './start/StartFault.js';
import { setAsideBeforeMigrating } from './storage/setAside.js';

/** Only this machine may connect: there are no PINs yet. */
const host = '127.0.0.1';

async function start(): Promise<void> {
  const { port, dataFolder, demo, webFolder } = readSettings(process.env);
  const databaseFile = openDataFolder(dataFolder);
  const copy = await setAsideBeforeMigrating(databaseFile);
  if (copy !== null) console.log(`The database is brought up to date; the old one is kept as ${copy}`);
  const app = await createApp(databaseFile, webFolder);
  if (demo && (await seedWorkshop(app))) console.log('The sample workshop was put into an empty database.');
  try {
    await listen(app, port);
  } catch (error) {
    await app.close();
    throw listenFault(error, port);
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => void app.close().then(() => process.exit(0)));
  }
  console.log(`Lone Heron is at http://${host}:${port} with its data in ${dataFolder}`);
}

/** Listens without Nest's own log of a failure, which is told in one line instead. */
function listen(app: NestExpressApplication, port: number): Promise<void> {
  const server = app.getHttpServer();
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });
}

function listenFault(error: unknown, port: number): unknown {
  const { code } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE') return new StartFault(`Port ${port} is taken. Give another one in PORT.`);
  if (code === 'EACCES') return new StartFault(`Port ${port} may not be used. Give one above 1023 in PORT.`);
  return error;
}

start().catch((error: unknown) => {
  console.error(error instanceof StartFault ? `heron: ${error.message}` : error);
  process.exit(1);
});
