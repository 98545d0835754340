import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import * as core from '../../packages/core/dist/index.js';
import { gradedLine, phaseLawOf } from '../../packages/core/dist/field/index.js';
import { sheetMarch } from '../../packages/core/dist/sheetHeat/index.js';

const {
  findMetal,
  forecastWeld,
  hertz,
  metre,
  mm,
  mmPerSecond,
  seamHeat,
  suggestSetting,
  watt,
  weldHeatInput,
} = core;

const script = fileURLToPath(new URL('scipySolve.py', import.meta.url));
/** Our time over that of SciPy's sparse LU on the same grid, at most. */
const mostOfScipy = 1 / 3;

/** Both heat fields: 2 mm of stainless under way, and a sheet of 300 x 200 mm with four seams of a minute. */
export function heatTimes() {
  const fields = [
    { name: '2 mm of stainless under way', most: 38, ...steadyField() },
    { name: 'a sheet with four seams of a minute', most: 190, ...sheetField() },
  ];
  const compared = fields.map(({ name, ms, task }) => ({ name, ms, seconds: scipySeconds(task) }));
  const isThere = compared.every(({ seconds }) => seconds !== null);
  return {
    what: 'heat field',
    times: fields.map(({ name, ms, most }) => ({ name, ms, most })),
    ratios: isThere
      ? compared.map(({ name, ms, seconds }) => ({
          name: `${name}, over SciPy`,
          value: ms / 1000 / seconds,
          most: mostOfScipy,
        }))
      : [],
    note: isThere
      ? `${compared.map(({ name, seconds }) => `SciPy’s LU on ${name}: ${seconds.toFixed(2)} s`).join('; ')}; memory ${Math.round(process.memoryUsage().rss / 1e6)} MB`
      : 'python3-scipy is not here: not compared',
  };
}

/** The whole answer of Dial: field, melting, boiling, and the cooling until it is cold. */
function steadyField() {
  const machine = {
    power: { least: watt(150), most: watt(2000), step: 15 },
    spot: mm(0.15),
    wobbleShapes: ['sideToSide'],
    wobbleWidth: { least: mm(0), most: mm(4), step: mm(0.1) },
    wobbleRate: { least: hertz(10), most: hertz(150), step: 1 },
    wireSpeed: { least: mmPerSecond(2), most: mmPerSecond(60), step: mmPerSecond(1 / 6) },
  };
  const joint = { kind: 'butt', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0) };
  const job = {
    metal: findMetal('stainless304'),
    joint,
    wireDiameter: null,
    machine,
    aim: { kind: 'reach' },
  };
  const { setting } = suggestSetting(job);
  const part = { sideWidth: mm(100), seamLength: mm(300) };
  const input = weldHeatInput(job, setting, forecastWeld(job, setting), { backing: 'none', part });
  const start = performance.now();
  const { cut, along, law } = seamHeat(input);
  const ms = performance.now() - start;
  const task = {
    kind: 'steady',
    rate: (input.travel * law.capacity) / law.solidConductivity,
    along: [...along.edges],
    across: [...cut.section.across.edges],
    down: [...cut.section.down.edges],
  };
  return { ms, task };
}

const sheetSteps = { seconds: 0.25, steps: 960 };

function sheetField() {
  const law = phaseLawOf(findMetal('stainless304'));
  const line = (to) => gradedLine({ from: 0, to, fineFrom: 0, fineTo: to, fine: 1e-3, growth: 1 });
  const [x, y] = [line(metre(0.3)), line(metre(0.2))];
  const seam = { absorbed: 600, spread: 1e-3, rampUp: 0.1, rampDown: 0.2, pulses: null, lasts: 60 };
  const runs = [0, 1, 2, 3].map((number) => {
    const down = 0.04 * (number + 1);
    return { ...seam, from: [0.02, down], to: [0.28, down], startsAt: 60 * number };
  });
  const metal = new Uint8Array(x.widths.length * y.widths.length).fill(1);
  const start = performance.now();
  const march = sheetMarch({ law, x, y, thickness: 2e-3, metal, runs, sinks: [], toAir: () => 30 });
  for (let step = 0; step < sheetSteps.steps; step++) march.step(sheetSteps.seconds);
  const ms = performance.now() - start;
  const diffusivity = law.solidConductivity / law.capacity;
  return { ms, task: { kind: 'sheet', diffusivity, x: [...x.edges], y: [...y.edges], ...sheetSteps } };
}

/** Null where there is no SciPy. */
function scipySeconds(task) {
  const { status, stdout } = spawnSync('/usr/bin/python3', [script], {
    input: JSON.stringify(task),
    encoding: 'utf8',
  });
  return status === 0 ? JSON.parse(stdout).seconds : null;
}
