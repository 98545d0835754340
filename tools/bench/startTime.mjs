import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from '../root.mjs';

/** A start of the sample workshop from the command to its address, its data there already. */
export async function startTime() {
  const folder = mkdtempSync(join(tmpdir(), 'heron-bench-'));
  try {
    await (await startDemo(folder)).stop();
    const times = [];
    for (let i = 0; i < 3; i++) {
      const heron = await startDemo(folder);
      times.push(heron.startMs);
      await heron.stop();
    }
    return { what: 'start', times: [{ name: 'quickest of three', ms: Math.min(...times), most: 95 }] };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Serves the sample workshop on a free port; `stop` ends it and waits for the end. */
export async function startDemo(folder) {
  const port = await freePort();
  const started = performance.now();
  const child = spawn(join(root, 'heron'), ['demo'], {
    env: { ...process.env, PORT: String(port), HERON_DATA: folder },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise((resolve) => child.once('exit', resolve));
  const url = `http://127.0.0.1:${port}`;
  let printed = '';
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (text) => {
      printed += text;
      if (printed.includes(url)) resolve();
    });
    child.once('exit', (code) => reject(new Error(`ended with ${code}: ${printed}`)));
  });
  const startMs = performance.now() - started;
  return {
    url,
    startMs,
    stop: () => {
      child.kill('SIGINT');
      return ended;
    },
  };
}

function freePort() {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
