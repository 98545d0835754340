/**
 * What docs/science.md says of the heat field: how it settles as its mesh is refined, and how both editions of the melt model stand
 * beside it. Prints the tables and draws the plots; takes minutes.
 */
import { writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { root } from './root.mjs';
import * as core from '../packages/core/dist/index.js';
import { firstEdition, secondEdition } from '../packages/core/dist/melt/meltEdition.js';
import { predictMelt } from '../packages/core/dist/melt/predictMelt.js';
import { meltedBead, peakRise } from '../packages/core/dist/weldHeat/meltedBead.js';
import { seamHeat } from '../packages/core/dist/weldHeat/seamHeat.js';

const echarts = createRequire(join(root, 'apps/web/package.json'))('echarts');
const { findMetal, fraction, hertz, metre, mm, mmPerSecond, watt } = core;

/** The welds of the bands: butt without gap or wire, spot 0.15 mm, side to side 2.5 mm at 60 Hz, 8 mm/s. */
function melted(metal, thickness, power, edition) {
  return predictMelt(
    {
      metal,
      thickness: mm(thickness),
      heatDirections: 2,
      power: watt(power),
      duty: fraction(1),
      travel: mmPerSecond(8),
      spot: mm(0.15),
      wobble: { shape: 'sideToSide', width: mm(2.5), frequency: hertz(60) },
      wire: null,
    },
    edition,
  );
}

function field(metal, thickness, power, edition, coarser = 1) {
  const prediction = melted(metal, thickness, power, edition);
  const sheet = mm(thickness);
  return seamHeat(
    {
      metal,
      joint: { kind: 'butt', firstThickness: sheet, secondThickness: sheet, gap: mm(0) },
      travel: mmPerSecond(8),
      absorbed: power * prediction.absorptivity,
      keyholeHeat: Math.min(
        1,
        (prediction.keyholeShare * metal.keyholeAbsorptivity) / prediction.absorptivity,
      ),
      keyholeDepth: metre(Math.min(prediction.reachLimitedDepth, sheet)),
      spot: mm(0.15),
      wobble: { shape: 'sideToSide', width: mm(2.5), frequency: hertz(60) },
      beadWidth: prediction.width,
      depth: sheet,
      backing: 'none',
      part: { sideWidth: mm(100), seamLength: mm(300) },
      start: core.celsius(20),
    },
    {},
    coarser,
  );
}

/** Least power, within 1 %, at which something is above nothing. */
function leastPower(isThere) {
  let [low, high] = [100, 6000];
  while (high - low > 0.01 * low) {
    const middle = Math.sqrt(low * high);
    if (isThere(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** Width of the melt model's bead there, m: sweep and spot. */
const beadWidth = 2.5e-3 + 1.2 * 0.15e-3;

/** Melted as wide as the melt model's bead, front and back taken together, and come out behind. */
const isThrough = (metal, thickness, edition, coarser) => (power) => {
  const { front, back } = meltedBead(field(metal, thickness, power, edition, coarser));
  return back > 0 && (front + back) / 2 >= beadWidth;
};

const stainless = findMetal('stainless304');
const meshes = [4, 2.8, 2, 1.4, 1, 0.7];
const study = meshes.map((coarser) => {
  const power = leastPower(isThrough(stainless, 2, secondEdition, coarser));
  const heat = field(stainless, 2, 1000, secondEdition, coarser);
  const bead = meltedBead(heat);
  const peak = peakRise(heat);
  const { section } = heat.cut;
  // Hottest that the back gets 3 mm beside the seam.
  const at = section.y.reduce((best, y, cell) => {
    const off = (cell_) => Math.hypot(section.y[cell_] - 3e-3, section.z[cell_] - 2e-3);
    return off(cell) < off(best) ? cell : best;
  }, 0);
  return {
    coarser,
    cells: section.cells * heat.along.widths.length,
    power,
    front: bead.front * 1000,
    beside: peak[at],
  };
});
console.log('\nMesh, 2 mm of 304 at 1 kW\ncells | least power, W | width in front, mm | back 3 mm beside, K');
for (const { cells, power, front, beside } of study)
  console.log([cells, power.toFixed(0), front.toFixed(2), beside.toFixed(0)].join(' | '));

const welds = [
  'lowCarbonSteel',
  'stainless304',
  'aluminium5052',
  'titanium2',
  'nickel625',
  'brass',
  'copper',
].flatMap((id) =>
  (id === 'copper' ? [0.5, 1] : id === 'brass' ? [1, 2] : [1, 2, 3, 4]).map((thickness) => ({
    id,
    thickness,
  })),
);
console.log('\nLeast power, W\nmetal | mm | first | its field | second | its field');
const editions = welds.map(({ id, thickness }) => {
  const metal = findMetal(id);
  const of = (edition) => ({
    model: leastPower((power) => melted(metal, thickness, power, edition).reach >= 1),
    field: leastPower(isThrough(metal, thickness, edition)),
  });
  const row = { id, thickness, first: of(firstEdition), second: of(secondEdition) };
  const w = ({ model, field: found }) => `${model.toFixed(0)} | ${found.toFixed(0)}`;
  console.log(`${metal.name} | ${thickness} | ${w(row.first)} | ${w(row.second)}`);
  return row;
});

const text = { fontSize: 13 };
function draw(name, option) {
  const chart = echarts.init(null, null, { renderer: 'svg', ssr: true, width: 860, height: 420 });
  chart.setOption({ animation: false, backgroundColor: '#fcfdfd', textStyle: text, ...option });
  writeFileSync(join(root, 'docs/plots', name), chart.renderToSVGString());
  chart.dispose();
}
const last = study.at(-1);
draw('heat-mesh.svg', {
  grid: { left: 70, right: 190, top: 30, bottom: 50 },
  xAxis: { type: 'log', name: 'cells', nameLocation: 'middle', nameGap: 30, min: 'dataMin' },
  yAxis: { type: 'value', name: 'over the finest mesh', min: 0.85, max: 1.15 },
  series: [
    ['least power to reach', 'power', '#bf3f27'],
    ['width in front', 'front', '#3f6275'],
    ['back 3 mm beside', 'beside', '#4d7a54'],
  ].map(([label, key, color]) => ({
    type: 'line',
    name: label,
    data: study.map((row) => [row.cells, row[key] / last[key]]),
    lineStyle: { color },
    itemStyle: { color },
    endLabel: { show: true, formatter: '{a}', color },
    labelLayout: { moveOverlap: 'shiftY' },
  })),
});
draw('heat-editions.svg', {
  grid: { left: 60, right: 30, top: 40, bottom: 90 },
  legend: { top: 5 },
  xAxis: {
    type: 'category',
    data: editions.map(({ id, thickness }) => `${id} ${thickness}`),
    axisLabel: { rotate: 50, fontSize: 11 },
  },
  yAxis: { type: 'value', name: 'model over its field', min: 0.8, max: 1.4 },
  series: ['first', 'second'].map((edition) => ({
    type: 'scatter',
    name: `${edition} edition`,
    symbol: edition === 'first' ? 'emptyCircle' : 'circle',
    data: editions.map((row) => row[edition].model / row[edition].field),
    itemStyle: { color: edition === 'first' ? '#7d909a' : '#3f6275' },
    markLine: { silent: true, symbol: 'none', data: [{ yAxis: 1 }], label: { show: false } },
  })),
});
const apart = (edition) =>
  Math.sqrt(
    editions.reduce((sum, row) => sum + Math.log(row[edition].model / row[edition].field) ** 2, 0) /
      editions.length,
  );
console.log(
  `\nApart from the field, root mean square of the logarithm: first ${apart('first').toFixed(3)}, second ${apart('second').toFixed(3)}`,
);
