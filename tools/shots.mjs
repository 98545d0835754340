/** Takes the pictures in docs/screenshots from the demo data, each of a main view as its users see it. */
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from './root.mjs';

const { default: puppeteer } = await import(
  createRequire(join(root, 'e2e/package.json')).resolve('puppeteer-core')
);
const folder = join(root, 'docs/screenshots');
const port = 4189;
const address = `http://127.0.0.1:${port}`;

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844, hasTouch: true, isMobile: true };

const shots = [
  { name: 'dial', path: '/dial' },
  { name: 'dial-heat', path: '/dial', theme: 'dusk', act: openHeat },
  { name: 'dial-clean', path: '/dial/clean' },
  { name: 'dial-cut', path: '/dial/cut', theme: 'dusk' },
  { name: 'dial-seam', path: '/dial/seam' },
  { name: 'dial-phone', path: '/dial', size: phone },
  { name: 'log-coupon', path: '/dial', act: logHalfDone },
  { name: 'coupons', path: '/coupons' },
  { name: 'coupon', path: '/coupons', act: openCutCoupon },
  { name: 'coupons-evidence', path: '/coupons/evidence' },
  { name: 'card', path: '/cards?find=galley', act: openFirstCard },
  { name: 'card-wall', path: '/cards/chart', act: waitForPage },
  { name: 'ready', path: '/ready?machine=barrow', act: typeColdCoolant },
  { name: 'shop', path: '/shop' },
  { name: 'shop-machine', path: '/shop/machines/barrow' },
  { name: 'optics', path: '/optics' },
  { name: 'optics-lives', path: '/optics/lives' },
  { name: 'job', path: '/jobs', act: openHalfDoneJob },
  { name: 'job-bench-phone', path: '/jobs', act: openBench, size: phone },
];

/** A busy machine takes longer than a browser waits by itself, ms. */
const longestPage = 120_000;

const data = mkdtempSync(join(tmpdir(), 'heron-shots-'));
const server = spawn(process.execPath, ['apps/server/dist/served/main.js'], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, PORT: String(port), HERON_DATA: data, HERON_DEMO: '1', HERON_WEB: 'apps/web/dist' },
});
const browser = await puppeteer.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  userDataDir: mkdtempSync(join(tmpdir(), 'heron-chromium-')),
  args: JSON.parse(readFileSync(join(root, 'tools/chromium-flags.json'), 'utf8')),
});
try {
  mkdirSync(folder, { recursive: true });
  await untilItAnswers();
  await signIn();
  for (const shot of shots) await take(shot);
} finally {
  await browser.close();
  server.kill();
  rmSync(data, { recursive: true, force: true });
}

async function take({ name, path, size = desk, theme = 'marsh', act }) {
  const page = await newPage();
  await page.setViewport(size);
  const memory = JSON.stringify({ theme, dialSearch: '', recentJoints: [] });
  await page.evaluateOnNewDocument((text) => localStorage.setItem('lone-heron.desk', text), memory);
  await page.goto(`${address}${path}`, { waitUntil: 'networkidle2' });
  await act?.(page);
  await new Promise((settled) => setTimeout(settled, 600));
  await page.screenshot({ path: join(folder, `${name}.png`) });
  await page.close();
  console.log(`docs/screenshots/${name}.png`);
}

/** A page without a service worker: that fetches the whole application beside it, and a page of its is never told to be quiet. */
async function newPage() {
  const page = await browser.newPage();
  page.setDefaultNavigationTimeout(longestPage);
  await page.evaluateOnNewDocument(() => {
    delete Navigator.prototype.serviceWorker;
  });
  return page;
}

/** The browser's pages share one cookie: everybody's pictures are the lead's. */
async function signIn() {
  const page = await newPage();
  await page.goto(`${address}/dial`, { waitUntil: 'networkidle2' });
  await page.evaluate(() =>
    fetch('/api/session', {
      method: 'PUT',
      headers: { 'content-type': 'application/json', 'x-lone-heron': '1' },
      body: JSON.stringify({ personId: 'ines', pin: '2468' }),
    }),
  );
  await page.close();
}

async function typeColdCoolant(page) {
  await (await page.waitForSelector('::-p-aria([name="Coolant"])')).type('19,5');
}

async function openHeat(page) {
  await (await page.waitForSelector('::-p-aria([name="Heat"][role="button"])')).click();
  await page.waitForSelector('::-p-text(Next pass after)');
  await (await page.waitForSelector('::-p-aria([name="Front"][role="button"])')).click();
}

async function logHalfDone(page) {
  await page.keyboard.press('l');
  await page.waitForSelector('dialog[open]');
  await page.keyboard.press('3');
  for (const [name, text] of [
    ['Light on if known', '12.4'],
    ['Length of run if known', '120'],
    ['Remark', 'even all along'],
  ]) {
    await (await page.waitForSelector(`::-p-aria([name="${name}"])`)).click();
    await page.keyboard.type(text);
  }
}

/** The newest coupon that was cut and whose melt stopped well inside the sheet. */
/** The job of the sample workshop that is at the bench, once it is worked out. */
async function openHalfDoneJob(page) {
  await page.goto(`${address}/jobs/${await halfDoneJob()}`);
  await page.waitForSelector('::-p-text(Beside the arc)');
  await page.waitForSelector('figure img');
}

async function openBench(page) {
  await page.goto(`${address}/jobs/${await halfDoneJob()}/bench`);
  await page.waitForSelector('section[aria-label="Dial these"] dd');
  await page.waitForSelector('figure img');
}

async function halfDoneJob() {
  const jobs = await (await fetch(`${address}/api/jobs`)).json();
  return jobs.find(({ state }) => state === 'released').id;
}

async function openFirstCard(page) {
  await (await page.waitForSelector('main li a[href^="/cards/"]')).click();
  await page.waitForSelector('section[aria-label="What proves it"]');
}

async function waitForPage(page) {
  await page.waitForSelector('main img[alt*="page 1 of "]', { timeout: 60_000 });
}

async function openCutCoupon(page) {
  await page.goto(`${address}/coupons/${await cutCoupon()}`, { waitUntil: 'networkidle2' });
}

async function cutCoupon() {
  const { coupons } = await (await fetch(`${address}/api/coupons?limit=200`)).json();
  const { id } =
    coupons.find(
      ({ section, joint }) => section?.isThrough === false && section.depthMm < 0.85 * joint.firstThicknessMm,
    ) ?? coupons.find(({ section }) => section !== null);
  return id;
}

async function untilItAnswers() {
  for (let i = 0; i < 600; i++) {
    try {
      if ((await fetch(`${address}/api/health`)).ok) return;
    } catch {
      // Not listening yet.
    }
    await new Promise((again) => setTimeout(again, 100));
  }
  throw new Error('the server did not answer');
}
