/**
 * Measures what the product promises. Speeds are ratios to a plain job measured before and after, so that they hold on a
 * machine that is slow or busy: `./heron bench`.
 */
import { couponListTime } from '../apps/server/bench/couponList.mjs';
import { windowStudyTime } from '../apps/server/bench/windowStudy.mjs';
import * as core from '../packages/core/dist/index.js';
import { changeoverTimes } from './bench/changeoverTimes.mjs';
import { evidenceTime } from './bench/evidenceTime.mjs';
import { firstScreenScript } from './bench/firstScreenScript.mjs';
import { heatTimes } from './bench/heatTimes.mjs';
import { meltSpeed } from './bench/meltSpeed.mjs';
import { paintTime } from '../e2e/bench/paintTime.mjs';
import { plainJobMs } from './bench/plainJob.mjs';
import { searchTime } from './bench/searchTime.mjs';
import { startTime } from './bench/startTime.mjs';
import { tracingTime } from './bench/tracingTime.mjs';
import { weldOrderTimes } from './bench/weldOrderTimes.mjs';

const measures = [
  () => meltSpeed('melt model, guarded', core.predictMelt),
  () => meltSpeed('melt model, kernel', core.meltKernel),
  searchTime,
  evidenceTime,
  changeoverTimes,
  weldOrderTimes,
  tracingTime,
  heatTimes,
  couponListTime,
  windowStudyTime,
  startTime,
  paintTime,
];

let isWell = true;
for (const measure of measures) {
  const before = plainJobMs();
  const { what, times, ratios = [], note = '' } = await measure();
  const plain = (before + plainJobMs()) / 2;
  for (const { name, ms, most } of times) {
    const jobs = ms / plain;
    tell(
      jobs <= most,
      `${what}, ${name}`,
      `${jobs.toFixed(2)} plain jobs (${ms.toFixed(1)} ms)`,
      `under ${most}`,
    );
  }
  for (const { name, value, most } of ratios)
    tell(value <= most, `${what}, ${name}`, value.toFixed(3), `under ${most.toFixed(2)}`);
  if (note !== '') console.log(`      ${note}`);
}
const { what, value, bound, ok } = firstScreenScript();
tell(ok, what, value, bound);
process.exit(isWell ? 0 : 1);

function tell(ok, what, value, bound) {
  isWell &&= ok;
  console.log(`${ok ? 'ok  ' : 'MISS'}  ${what.padEnd(52)} ${value.padEnd(36)} wanted ${bound}`);
}
