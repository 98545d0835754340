import * as core from '../../packages/core/dist/index.js';

const { findMetal, hertz, mm, mmPerSecond, suggestAlternatives, suggestSetting, watt } = core;

/** The slowest of many searches after a warm-up, so that no joint is left out by a kind average. */
export function searchTime() {
  const machine = {
    power: { least: watt(150), most: watt(1500), step: 15 },
    spot: mm(0.15),
    wobbleShapes: ['sideToSide'],
    wobbleWidth: { least: mm(0), most: mm(4), step: mm(0.1) },
    wobbleRate: { least: hertz(10), most: hertz(150), step: 1 },
    wireSpeed: { least: mmPerSecond(2), most: mmPerSecond(60), step: mmPerSecond(1 / 6) },
  };
  const search = (metal, thickness, wireDiameter, aim) => {
    const joint = {
      kind: 'butt',
      firstThickness: mm(thickness),
      secondThickness: mm(thickness),
      gap: mm(0.1),
    };
    const job = { metal: findMetal(metal), joint, wireDiameter, machine, aim };
    const start = performance.now();
    const suggestion = suggestSetting(job);
    const search = performance.now() - start;
    suggestAlternatives(job, suggestion);
    return { search, all: performance.now() - start };
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
  const [searches, all] = ['search', 'all'].map((part) =>
    times.map((time) => time[part]).sort((a, b) => a - b),
  );
  const [median, slowest] = [searches[searches.length >> 1], searches.at(-1)];
  return {
    what: 'settings search',
    times: [
      { name: 'slowest', ms: slowest, most: 0.77 },
      { name: 'with alternatives', ms: all.at(-1), most: 2 },
    ],
    note: `median ${median.toFixed(1)} ms`,
  };
}
