import 'reflect-metadata';
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
    await app.listen(port, host);
  } catch (error) {
    await app.close();
    throw listenFault(error, port);
  }
  app.enableShutdownHooks(['SIGINT', 'SIGTERM']);
  console.log(`Lone Heron is at http://${host}:${port} with its data in ${dataFolder}`);
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
