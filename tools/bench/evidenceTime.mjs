import * as core from '../../packages/core/dist/index.js';

const { degree, depthCorrection, findMetal, fraction, hertz, mm, mmPerSecond, shopEvidence, watt } = core;

/** Learning from 500 coupons of two machines and three metals, and one answer from them. */
export function evidenceTime() {
  const looks = ['none', 'faint', 'even', 'heavy'];
  const metals = ['lowCarbonSteel', 'stainless304', 'aluminium5052'].map(findMetal);
  const weld = (i) => ({
    machineId: i % 2 === 0 ? 'bench' : 'barrow',
    melt: {
      metal: metals[i % 3],
      thickness: mm(1 + (i % 5) / 2),
      heatDirections: 2,
      power: watt(500 + ((i * 37) % 1000)),
      duty: fraction(1),
      travel: mmPerSecond(6 + (i % 7)),
      spot: mm(0.15),
      wobble: { shape: 'sideToSide', width: mm(2), frequency: hertz(40 + (i % 80)) },
      wire: null,
    },
    gap: mm(0),
    gas: i % 4 === 0 ? 'nitrogen' : 'argon',
    gunAngle: degree(45),
  });
  const coupons = Array.from({ length: 500 }, (_, i) => ({
    id: String(i),
    weld: weld(i),
    finding: { by: 'look', back: looks[(i * 7) % 4] },
    isTravelMeasured: i % 3 === 0,
    isSlip: false,
  }));
  const once = () => {
    const start = performance.now();
    depthCorrection(shopEvidence(weld(1), coupons), weld(1));
    return performance.now() - start;
  };
  for (let i = 0; i < 20; i++) once();
  // Somebody else's work on the same machine can spoil a round or two; it does not spoil all.
  const rounds = Array.from({ length: 3 }, () => Math.max(...Array.from({ length: 20 }, once)));
  return {
    what: 'evidence over 500 coupons',
    times: [{ name: 'slowest of a round', ms: Math.min(...rounds), most: 1.15 }],
  };
}
