/** Measures what the product promises: speed of the melt model and of one search, and the weight of the first screen. */
import { existsSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import * as core from '../packages/core/dist/index.js';

const { findMetal, fraction, hertz, meltKernel, mm, mmPerSecond, predictMelt, suggestSetting, watt } = core;

const results = [
  meltSpeed('melt model, guarded', predictMelt),
  meltSpeed('melt model, kernel', meltKernel),
  searchTime(),
  firstScreenScript(),
];
for (const { what, value, bound, ok } of results) {
  console.log(`${ok ? 'ok  ' : 'MISS'}  ${what.padEnd(34)} ${value.padEnd(26)} wanted ${bound}`);
}
process.exit(results.every((result) => result.ok) ? 0 : 1);

/** Predictions a second on one core over varied welds: every wobble shape, with and without wire. */
function meltSpeed(what, predict) {
  const shapes = ['sideToSide', 'circle', 'figureEight'];
  const metals = ['lowCarbonSteel', 'stainless304', 'aluminium5052'].map(findMetal);
  const inputs = Array.from({ length: 1000 }, (_, i) => ({
    metal: metals[i % 3],
    thickness: mm(0.5 + (i % 40) / 10),
    heatDirections: 2,
    power: watt(300 + ((i * 37) % 1700)),
    duty: fraction(1),
    travel: mmPerSecond(4 + (i % 13)),
    spot: mm(0.15),
    wobble:
      i % 10 === 0
        ? { shape: 'none' }
        : { shape: shapes[i % 3], width: mm(1 + (i % 20) / 10), frequency: hertz(60) },
    wire: i % 2 === 0 ? null : { diameter: mm(0.8), speed: mmPerSecond(8) },
  }));
  const round = () => inputs.reduce((sum, input) => sum + predict(input).depth, 0);
  for (let i = 0; i < 20; i++) round();
  const rounds = 200;
  const start = performance.now();
  for (let i = 0; i < rounds; i++) round();
  const perSecond = (rounds * inputs.length) / ((performance.now() - start) / 1000);
  return {
    what,
    value: `${Math.round(perSecond).toLocaleString('en')} a second`,
    bound: '100,000 or more',
    ok: perSecond >= 100_000,
  };
}

/** The slowest of many searches after a warm-up, so that no joint is left out by a kind average. */
function searchTime() {
  const machine = {
    power: { least: watt(150), most: watt(1500), step: 15 },
    spot: mm(0.15),
    wobbleShapes: ['sideToSide'],
    wobbleWidth: { least: mm(0), most: mm(4), step: mm(0.1) },
    wobbleRate: { least: hertz(10), most: hertz(150), step: 1 },
    wireSpeed: { least: mmPerSecond(2), most: mmPerSecond(60), step: mmPerSecond(1 / 6) },
  };
  const search = (metal, thickness, wireDiameter, aim) => {
    const joint = { firstThickness: mm(thickness), secondThickness: mm(thickness), gap: mm(0.1) };
    const start = performance.now();
    suggestSetting({ metal: findMetal(metal), joint, wireDiameter, machine, aim });
    return performance.now() - start;
  };
  const times = [];
  for (let round = 0; round < 3; round++) {
    for (const metal of ['lowCarbonSteel', 'stainless304', 'aluminium5052']) {
      for (const thickness of [0.6, 1, 1.5, 2, 3, 4, 6]) {
        for (const wire of [null, mm(0.8), mm(1.2)]) {
          for (const kind of ['reach', 'leastHeat']) {
            const time = search(metal, thickness, wire, { kind });
            if (round > 0) times.push(time);
          }
        }
      }
    }
  }
  times.sort((a, b) => a - b);
  const median = times[times.length >> 1];
  const slowest = times.at(-1);
  return {
    what: 'settings search, median and slowest',
    value: `${median.toFixed(1)} ms, ${slowest.toFixed(1)} ms`,
    bound: 'under 50 ms',
    ok: slowest < 50,
  };
}

/** Gzipped script that the built page names before it can show anything: its modules and their preloads. */
function firstScreenScript() {
  const what = 'script of the first screen, gzipped';
  const bound = 'under 220 kB';
  const dist = new URL('../apps/web/dist/', import.meta.url);
  if (!existsSync(new URL('first-screen.json', dist))) return { what, value: 'not built', bound, ok: false };
  const files = JSON.parse(readFileSync(new URL('first-screen.json', dist), 'utf8'));
  const bytes = files.reduce((sum, file) => sum + gzipSync(readFileSync(new URL(file, dist))).length, 0);
  return {
    what,
    value: `${(bytes / 1000).toFixed(1)} kB in ${files.length} files`,
    bound,
    ok: bytes < 220_000,
  };
}
