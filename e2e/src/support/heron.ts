import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const script = join(__dirname, '../../../heron');
const longestStart = 120_000;

/** A run of `./heron demo` as a shop would start it. */
export interface RunningHeron {
  readonly url: string;
  readonly port: number;
  readonly process: ChildProcess;
  /** Everything it has printed. */
  readonly printed: () => string;
  /** Sends a signal and waits for the end; gives the exit code, or null after a signal that kills. */
  readonly stop: (signal?: NodeJS.Signals) => Promise<number | null>;
}

export function freshFolder(): string {
  return mkdtempSync(join(tmpdir(), 'heron-e2e-'));
}

export function removeFolder(folder: string): void {
  rmSync(folder, { recursive: true, force: true });
}

export function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}

/** Says the folder with the sample workshop that each file takes a copy of. @see ../../seedOnce.cjs */
const seededFolder = 'HERON_E2E_SEEDED';

/** Takes a copy of the seeded workshop into a folder that is empty. Two copies are one shop twice, with the same ids. */
export function takeSeeded(folder: string): void {
  const seeded = process.env[seededFolder];
  if (seeded !== undefined) cpSync(seeded, folder, { recursive: true });
}

/** Starts `./heron demo`, or another command that serves, and waits for the address it prints. */
export async function startHeron(
  dataFolder: string,
  port?: number,
  command: readonly string[] = ['demo'],
): Promise<RunningHeron> {
  const chosen = port ?? (await freePort());
  const run = spawnHeron(dataFolder, chosen, command);
  await new Promise<void>((resolve, reject) => {
    const timer = setTimeout(
      () => reject(new Error(`no address after ${longestStart} ms: ${run.printed()}`)),
      longestStart,
    );
    run.child.stdout.on('data', () => {
      if (!run.printed().includes(`http://127.0.0.1:${chosen}`)) return;
      clearTimeout(timer);
      resolve();
    });
    run.child.once('exit', (code) => {
      clearTimeout(timer);
      reject(new Error(`ended with ${code}: ${run.printed()}`));
    });
  });
  return {
    url: `http://127.0.0.1:${chosen}`,
    port: chosen,
    process: run.child,
    printed: run.printed,
    stop: (signal = 'SIGINT') => {
      run.child.kill(signal);
      return run.ended;
    },
  };
}

/** Runs a command that serves where it should refuse to start: its exit code and what it printed. */
export async function refusedStart(
  dataFolder: string,
  port: number,
  command: readonly string[] = ['demo'],
): Promise<{ code: number | null; errors: string }> {
  const run = spawnHeron(dataFolder, port, command);
  const code = await run.ended;
  return { code, errors: run.errors() };
}

/** Nothing may outlive the tests, whatever failed. */
const running = new Set<ChildProcess>();
afterAll(() => running.forEach((child) => child.kill('SIGKILL')));

function spawnHeron(dataFolder: string, port: number, command: readonly string[]) {
  const child = spawn(script, command, {
    // Who needs a simulated machine starts one of their own, at ports of its own.
    env: {
      HERON_MQTT_PORT: String(port + 2),
      ...process.env,
      PORT: String(port),
      HERON_DATA: dataFolder,
      HERON_RIG: 'off',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  running.add(child);
  let printed = '';
  let errors = '';
  child.stdout.on('data', (chunk: Buffer) => (printed += chunk.toString()));
  child.stderr.on('data', (chunk: Buffer) => {
    printed += chunk.toString();
    errors += chunk.toString();
  });
  const ended = new Promise<number | null>((resolve) => child.once('close', (code) => resolve(code)));
  return { child, ended, printed: () => printed, errors: () => errors };
}
