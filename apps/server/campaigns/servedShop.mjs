/** A sample shop that is served for a campaign, and what its clients do. */
import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { v7 as uuid } from 'uuid';
import { call } from './calls.mjs';
import { databaseUrl, engineEnv } from './engine.mjs';

const main = fileURLToPath(new URL('../dist/served/main.js', import.meta.url));
/** A start that takes longer hangs, ms. */
const longestStart = 120_000;
/** Where the browser tests keep a sample shop. */
const seeded = process.env.HERON_E2E_SEEDED;
const pageHeaders = { 'X-Lone-Heron': '1', 'Content-Type': 'application/json' };

/** A folder for a campaign, which is gone with it. */
export function campaignFolder() {
  const folder = mkdtempSync(join(tmpdir(), 'heron-campaign-'));
  process.once('exit', () => rmSync(folder, { recursive: true, force: true }));
  return folder;
}

/** A sample shop in a folder, and the headers of a lead who is signed in; copied where the tests have made one already. */
export async function sampleShop(folder) {
  if (seeded !== undefined && databaseUrl(folder) === null) cpSync(seeded, folder, { recursive: true });
  const shop = await serveShop(folder);
  const headers = await signedIn(shop.url);
  await shop.stop();
  return headers;
}

/**
 * Serves the shop of a folder, the sample workshop where it is empty.
 *
 * @param env what is added to the environment
 */
export async function serveShop(folder, env = {}) {
  const port = await freePort();
  const mqtt = await freePort();
  const child = spawn(process.execPath, [main], {
    env: {
      ...process.env,
      ...{ HERON_DATA: folder, HERON_DEMO: '1', PORT: String(port), HERON_MQTT_PORT: String(mqtt) },
      ...engineEnv(folder),
      ...env,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let printed = '';
  const ended = new Promise((resolve) => child.once('close', (code) => resolve(code)));
  const isUp = new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error(`no start: ${printed}`)), longestStart);
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (text) => {
        printed += text;
        if (printed.includes(`http://127.0.0.1:${port}`)) {
          clearTimeout(timer);
          resolve();
        }
      });
    child.once('close', (code) => {
      clearTimeout(timer);
      reject(new Error(`ended with ${code}: ${printed}`));
    });
  });
  await isUp;
  return {
    url: `http://127.0.0.1:${port}`,
    pid: child.pid,
    printed: () => printed,
    hasEnded: () => child.exitCode !== null || child.signalCode !== null,
    stop: (signal = 'SIGINT') => {
      child.kill(signal);
      return ended;
    },
  };
}

/** Signs a device in. @returns the headers it sends from then on */
export async function signedIn(url, personId = 'ines', from = undefined) {
  const body = JSON.stringify({ personId, pin: '2468' });
  const { status, headers, text } = await call(`${url}/api/session`, {
    method: 'PUT',
    headers: pageHeaders,
    body,
    from,
  });
  if (status !== 200) throw new Error(`nobody could sign in: ${status} ${text}`);
  return { ...pageHeaders, Cookie: headers['set-cookie'][0].split(';')[0] };
}

/** Saves one coupon. @returns its id and the status of the answer; null for one that never came */
export async function saveCoupon(url, headers, { from = undefined, machineId = 'bench' } = {}) {
  const id = uuid();
  const body = JSON.stringify({ ...coupon(), machineId });
  const { status } = await call(`${url}/api/coupons/${id}`, { method: 'PUT', headers, body, from });
  return { id, status };
}

/** A coupon as a welder logs it. */
export function coupon() {
  return {
    machineId: 'bench',
    joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5, gapMm: 0.1 },
    setting: {
      ...{ powerW: 870, dutyPercent: 100, wobble: { shape: 'sideToSide', widthMm: 2, frequencyHz: 60 } },
      ...{ pace: { by: 'wire', wireDiameterMm: 0.8, wireSpeedMmS: 11.167 }, gas: 'argon', gasFlowLMin: 15 },
    },
    ...{ back: 'even', lightOnS: 12.4, runLengthMm: 120, remark: '', weldedAt: new Date().toISOString() },
  };
}

/** All coupons that stand. */
export async function couponRows(url, headers) {
  const { status, text } = await call(`${url}/api/coupon-files/json`, { headers });
  if (status !== 200) throw new Error(`the coupons cannot be read: ${status} ${text}`);
  return JSON.parse(text).coupons;
}

/** Their ids. */
export async function couponIds(url, headers) {
  return new Set((await couponRows(url, headers)).map(({ id }) => id));
}

export function freePort() {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
