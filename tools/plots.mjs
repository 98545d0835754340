/** Draws the figures of docs/science.md from the built core: the melt model against its bands. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { root } from './root.mjs';
import * as core from '../packages/core/dist/index.js';

const echarts = createRequire(join(root, 'apps/web/package.json'))('echarts');
const { findMetal, fraction, hertz, mm, mmPerSecond, predictMelt, watt } = core;

/** Least power for full reach, W, by mm of thickness: butt, no gap, no wire, 2.5 mm side to side at 60 Hz, 8 mm/s. */
const bands = {
  lowCarbonSteel: { 1: [430, 680], 2: [800, 1200], 3: [1250, 1800], 4: [1700, 2500] },
  stainless304: { 1: [370, 580], 2: [680, 1050], 3: [1050, 1600], 4: [1450, 2200] },
  aluminium5052: { 1: [450, 750], 2: [720, 1200], 3: [1100, 1800], 4: [1500, 2400] },
};
const colours = { lowCarbonSteel: '#3f6275', stainless304: '#4d7a54', aluminium5052: '#bf3f27' };
const asides = { lowCarbonSteel: -0.06, stainless304: 0, aluminium5052: 0.06 };

function reachAt(metal, thickness, power) {
  return predictMelt({
    metal,
    thickness: mm(thickness),
    heatDirections: 2,
    power: watt(power),
    duty: fraction(1),
    travel: mmPerSecond(8),
    spot: mm(0.15),
    wobble: { shape: 'sideToSide', width: mm(2.5), frequency: hertz(60) },
    wire: null,
  }).reach;
}

/** Least power, to a watt, whose reach is 1. */
function leastPower(metal, thickness) {
  let [low, high] = [50, 6000];
  while (high - low > 1) {
    const middle = (low + high) / 2;
    if (reachAt(metal, thickness, middle) >= 1) high = middle;
    else low = middle;
  }
  return high;
}

function seriesOf(id) {
  const metal = findMetal(id);
  const line = Array.from({ length: 76 }, (_, i) => 0.5 + i * 0.05).map((t) => [t, leastPower(metal, t)]);
  const bars = Object.entries(bands[id]).map(([t, [from, to]]) => [Number(t) + asides[id], from, to]);
  return [
    {
      type: 'line',
      name: metal.name,
      data: line,
      showSymbol: false,
      lineStyle: { color: colours[id], width: 2 },
      endLabel: { show: true, formatter: '{a}', color: colours[id], fontSize: 13 },
      labelLayout: { moveOverlap: 'shiftY' },
    },
    {
      type: 'custom',
      name: `${metal.name}, band`,
      data: bars,
      encode: { x: 0, y: [1, 2] },
      renderItem: (_, api) => {
        const [x, from] = api.coord([api.value(0), api.value(1)]);
        const [, to] = api.coord([api.value(0), api.value(2)]);
        const style = { stroke: colours[id], lineWidth: 2, opacity: 0.7 };
        const bar = (y) => ({ type: 'line', shape: { x1: x - 5, y1: y, x2: x + 5, y2: y }, style });
        return {
          type: 'group',
          children: [{ type: 'line', shape: { x1: x, y1: from, x2: x, y2: to }, style }, bar(from), bar(to)],
        };
      },
    },
  ];
}

const chart = echarts.init(null, null, { renderer: 'svg', ssr: true, width: 860, height: 480 });
chart.setOption({
  animation: false,
  backgroundColor: '#fcfdfd',
  title: {
    text: 'Least power that reaches the back, and the band it should lie in',
    left: 16,
    top: 12,
    textStyle: { fontSize: 16, color: '#16242c' },
  },
  grid: { left: 70, right: 170, top: 60, bottom: 56 },
  xAxis: { type: 'value', min: 0.5, max: 4.5, name: 'thickness, mm', nameLocation: 'middle', nameGap: 32 },
  yAxis: { type: 'value', min: 0, max: 2500, name: 'power, W', nameLocation: 'middle', nameGap: 48 },
  series: Object.keys(bands).flatMap(seriesOf),
});
mkdirSync(join(root, 'docs/plots'), { recursive: true });
writeFileSync(join(root, 'docs/plots/melt-bands.svg'), `${chart.renderToSVGString()}\n`);
chart.dispose();
console.log('docs/plots/melt-bands.svg');
