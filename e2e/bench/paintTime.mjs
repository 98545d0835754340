import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';
import { startDemo } from '../../tools/bench/startTime.mjs';

const flags = JSON.parse(readFileSync(new URL('../../tools/chromium-flags.json', import.meta.url), 'utf8'));
const rounds = 3;

/** From each of some everyday presses and keys on Dial to the paint that shows it: the median of the best round. */
export async function paintTime() {
  const folder = mkdtempSync(join(tmpdir(), 'heron-bench-'));
  const profile = mkdtempSync(join(tmpdir(), 'heron-chromium-'));
  const heron = await startDemo(folder);
  const browser = await puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    userDataDir: profile,
    args: flags,
  });
  try {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    await page.goto(`${heron.url}/dial`, { waitUntil: 'networkidle0' });
    await page.waitForSelector('::-p-aria([name="Other ways"])');
    const medians = [];
    for (let round = 0; round < rounds; round++) medians.push(await medianPaint(page));
    return {
      what: 'a press painted',
      times: [{ name: 'median of the best round', ms: Math.min(...medians), most: 3.8 }],
    };
  } finally {
    await browser.close();
    await heron.stop();
    for (const each of [folder, profile]) rmSync(each, { recursive: true, force: true });
  }
}

/** ms, out of the browser's own trace. */
async function medianPaint(page) {
  await page.tracing.start({ categories: ['devtools.timeline'] });
  // Long enough for each to be painted before the next, so that none is counted with another.
  const painted = () => page.evaluate(() => new Promise((done) => setTimeout(done, 500)));
  for (const name of ['More Power', 'Less Power', 'More Wobble width', 'Hold Power', 'Hold Power']) {
    await (await page.waitForSelector(`::-p-aria([name="${name}"][role="button"])`)).click();
    await painted();
  }
  for (const [word, key] of [
    ['Joint', 'ArrowDown'],
    ['Joint', 'ArrowUp'],
    ['Metal', 'ArrowDown'],
    ['Metal', 'ArrowUp'],
  ]) {
    await page.focus(`select[aria-label="${word}"]`);
    await page.keyboard.press(key);
    await painted();
  }
  const trace = JSON.parse(new TextDecoder().decode(await page.tracing.stop()));
  const longest = new Map();
  for (const { name, args } of trace.traceEvents) {
    const { interactionId = 0, duration = 0 } = (name === 'EventTiming' ? args?.data : undefined) ?? {};
    if (interactionId > 0) longest.set(interactionId, Math.max(longest.get(interactionId) ?? 0, duration));
  }
  if (longest.size < 7) throw new Error(`only ${longest.size} presses were seen in the trace`);
  return [...longest.values()].toSorted((a, b) => a - b)[longest.size >> 1];
}
