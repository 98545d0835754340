import Database from 'better-sqlite3';
import { statSync } from 'node:fs';
import { join } from 'node:path';
import { shopIn } from '../dist/storage/ShopPlace.js';
import { telemetryRows } from '../dist/telemetry/face/telemetryRows.js';
import { TelemetryStore } from '../dist/telemetry/TelemetryStore.js';
import { spellRow } from '../dist/telemetry/spellRow.js';
import { Draws } from './draws.mjs';
import { campaignFolder } from './servedShop.mjs';

/** A working day has so many spells of light, of so many seconds in the middle: two hours of light. */
const aDay = { spells: 200, seconds: 36 };
const day = 86_400_000;
/** How many times a bare reading of fifty rows each look may take. */
const most = { day: 40, month: 400, curve: 40 };
/** A few days say nothing of a year: from so many on it is judged how long it takes to look. */
const judgedFrom = 100;
/** So many turns of every look, one after another, so that whatever else the machine does meets all of them. */
const turns = 25;

/**
 * A year of one machine at 10 Hz while the light is on, thinned and pruned as it goes, then looked at.
 *
 * @param rounds working days, 250 to the year
 */
export async function year({ rounds, seed }) {
  const draws = new Draws(seed);
  const folder = campaignFolder();
  const file = join(folder, 'telemetry.sqlite');
  const store = new TelemetryStore(telemetryRows(shopIn(folder)));
  await store.open();
  const end = Date.UTC(2026, 10, 27, 17);
  let samples = 0;
  for (let back = rounds; back > 0; back -= 1) {
    const morning = end - back * 1.46 * day;
    for (let at = 0; at < aDay.spells; at += 1) {
      const spell = spellOf(Math.round(morning + at * 120_000), aDay.seconds * (0.5 + draws.next()), draws);
      samples += spell.curve.length;
      await store.keep(spellRow('bench', spell, 'mqtt'));
    }
    if (back % 20 === 1) await store.prune(morning + day);
  }
  const [newest] = await store.between('bench', 0, end, 1);
  const shown = (await store.withCurve(newest.id)).curve.length;
  const bare = bareReading(file);
  const times = await leastOf({
    bare: bare.read,
    day: () => store.between('bench', end - 2 * day, end, 50),
    month: () => store.between('bench', end - 200 * day, end - 170 * day, 1000),
    curve: () => store.withCurve(newest.id),
  });
  bare.close();
  await store.close();
  const megabytes = statSync(file).size / 1e6;
  const ratios = Object.entries(most).map(([what, bound]) => ({
    what,
    bound,
    ratio: times[what] / times.bare,
  }));
  return {
    figures:
      `${rounds} days, ${rounds * aDay.spells} spells, ${samples} samples; the file ${megabytes.toFixed(0)} MB; ` +
      `the newest shown in ${shown} points; ` +
      ratios
        .map(({ what, ratio, bound }) => `${what} in ${ratio.toFixed(0)} bare readings of ${bound}`)
        .join(', '),
    isWell: shown > 0 && (rounds < judgedFrom || ratios.every(({ ratio, bound }) => ratio <= bound)),
  };
}

function spellOf(startedAt, seconds, draws) {
  const curve = Array.from({ length: Math.round(seconds * 10) }, (_, tenth) => {
    const power = 800 + 20 * draws.next();
    const means = {
      realPower: power,
      gasFlow: 14 + draws.next(),
      coolant: 24 + tenth / 600,
      windowHolder: 30 + tenth / 50,
    };
    return { at: tenth / 10, count: 1, means, powerLeast: power, powerMost: power };
  });
  const figures = {
    lit: seconds,
    power: 810,
    gas: 14.5,
    coolantMost: 25,
    holderMost: 40,
    alarm: 0,
    isBroken: false,
  };
  return { startedAt, endedAt: startedAt + 1000 * seconds, figures, curve };
}

/** Reads fifty rows and nothing else. */
function bareReading(file) {
  const database = new Database(file, { readonly: true });
  const rows = database.prepare('SELECT id, figures FROM heard_spell LIMIT 50');
  return {
    read: () => rows.all().map(({ figures }) => JSON.parse(figures)),
    close: () => database.close(),
  };
}

/** The least that each look takes, ms: what the look itself takes, and not what else the machine was at. */
async function leastOf(looks) {
  const least = Object.fromEntries(Object.keys(looks).map((what) => [what, Infinity]));
  for (let turn = 0; turn < turns; turn += 1) {
    for (const [what, look] of Object.entries(looks)) {
      const before = performance.now();
      await look();
      least[what] = Math.min(least[what], performance.now() - before);
    }
  }
  return least;
}
