import * as core from '../../packages/core/dist/index.js';

const { findMetal, fraction, hertz, mm, mmPerSecond, watt } = core;

/** A thousand predictions on one core over varied welds: every wobble shape, with and without wire. */
export function meltSpeed(what, predict) {
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
  const ms = performance.now() - start;
  const perSecond = (rounds * inputs.length) / (ms / 1000);
  return {
    what,
    times: [{ name: 'a thousand predictions', ms: ms / rounds, most: 0.19 }],
    note: `${Math.round(perSecond).toLocaleString('en')} a second`,
  };
}
