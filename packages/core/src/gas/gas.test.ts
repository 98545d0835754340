import fc from 'fast-check';
import {
  barGauge,
  fraction,
  inNormalLitresPerMinute,
  kelvin,
  litre,
  mm,
  mmPerSecond,
  normalLitrePerMinute,
  second,
} from '../quantity/index.js';
import { findMetal } from '../metal/index.js';
import { usualPractice } from '../practice/index.js';
import {
  bottleReach,
  flowSlip,
  gasesByFamily,
  gasOnJoint,
  gasLeft,
  gasPerSeam,
  gasTable,
  nozzleFlow,
  shieldingGases,
  shieldingGasFor,
} from './index.js';

const nozzle = {
  gas: 'argon' as const,
  bore: mm(3),
  pressure: barGauge(0.5),
  dischargeCoefficient: fraction(0.8),
  gasTemperature: kelvin(293.15),
};

describe('flow through a nozzle', () => {
  it('rises with pressure and is smooth where the bore chokes', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 9.9, noNaN: true }), (bar) => {
        const flow = (at: number) => nozzleFlow({ ...nozzle, pressure: barGauge(at) });
        expect(flow(bar + 0.1)).toBeGreaterThan(flow(bar));
        expect(flow(bar + 0.001) - flow(bar)).toBeLessThan(flow(10) / 20);
      }),
    );
    expect(nozzleFlow({ ...nozzle, pressure: barGauge(0) })).toBe(0);
  });

  it('is larger for a lighter gas, by the square root of its mass once choked', () => {
    const choked = { ...nozzle, pressure: barGauge(5) };
    const ratio = nozzleFlow({ ...choked, gas: 'helium' }) / nozzleFlow(choked);
    expect(ratio).toBeCloseTo(Math.sqrt(39.948 / 4.002602), 9);
  });
});

describe('a flow that cannot be', () => {
  it('is not raised against what passes', () => {
    expect(flowSlip(normalLitrePerMinute(15), nozzle)).toBeNull();
  });

  it.each([
    [28.316846592 * 30, 'cubic feet an hour, not a minute', (28.316846592 * 30) / 60],
    [24 * 28.316846592, 'cubic feet an hour, not a minute', (24 * 28.316846592) / 60],
  ])('of %d L/min was probably %s', (litres, words, meant) => {
    const slip = flowSlip(normalLitrePerMinute(litres), nozzle);
    expect(slip?.words).toContain(words);
    expect(inNormalLitresPerMinute(slip!.probably!)).toBeCloseTo(meant, 9);
  });

  it('just over the most was CFH read as litres', () => {
    const most = inNormalLitresPerMinute(nozzleFlow({ ...nozzle, bore: mm(1.2), pressure: barGauge(0.2) }));
    const slip = flowSlip(normalLitrePerMinute(most * 2), {
      ...nozzle,
      bore: mm(1.2),
      pressure: barGauge(0.2),
    });
    expect(slip?.words).toContain('not litres a minute');
  });

  it('is let through up to a fifth over the most: bores wear and regulators creep', () => {
    const most = inNormalLitresPerMinute(nozzleFlow(nozzle));
    expect(flowSlip(normalLitrePerMinute(most * 1.199), nozzle)).toBeNull();
    expect(flowSlip(normalLitrePerMinute(most * 1.201), nozzle)).not.toBeNull();
  });

  it('is not explained by what would be less than shields', () => {
    const probably = (litres: number) => {
      const slip = flowSlip(normalLitrePerMinute(litres), nozzle);
      return slip?.probably == null ? null : inNormalLitresPerMinute(slip.probably);
    };
    expect(probably(3.05 * 60)).toBeCloseTo(3.05, 9);
    expect(probably(2.95 * 60)).toBeCloseTo((2.95 * 60 * 28.316846592) / 60, 9);
  });

  it('that no slip explains is said to be impossible and no more', () => {
    const slip = flowSlip(normalLitrePerMinute(1e6), nozzle);
    expect(slip?.probably).toBeNull();
    expect(slip?.words).toMatch(
      /^1000000 L\/min cannot pass a 3 mm bore at 0\.5 bar: the most is about \d+ L\/min\.$/,
    );
  });
});

describe('a bottle', () => {
  const bottle = { waterVolume: litre(50), pressure: barGauge(200), changedAt: barGauge(10) };
  const use = {
    flow: normalLitrePerMinute(15),
    travel: mmPerSecond(10),
    beforeAndAfter: second(2),
    seamLength: mm(200),
  };

  it('gives what its pressure and volume say', () => {
    expect(gasLeft(bottle) * 1000).toBeCloseTo((190 / 1.01325) * 50 * (273.15 / 293.15), 6);
    expect(gasLeft({ ...bottle, pressure: barGauge(8) })).toBe(0);
  });

  it('counts gas before and after each seam, and only whole seams', () => {
    expect(gasPerSeam(use) * 1000).toBeCloseTo((15 * 22) / 60, 9);
    const reach = bottleReach(bottle, use);
    expect(reach.seams).toBe(Math.floor((gasLeft(bottle) * 1000) / 5.5));
    expect(reach.seam).toBeCloseTo(reach.seams * 0.2, 9);
    expect(reach.open / 3600).toBeCloseTo((gasLeft(bottle) * 1000) / 15 / 60, 9);
  });
});

describe('the gases', () => {
  it('are judged for every metal family, with a reason in each cell, argon always allowed', () => {
    for (const rows of Object.values(gasesByFamily)) {
      expect(rows.map(({ gas }) => gas)).toEqual([...shieldingGases]);
      expect(rows[0]?.refused).toBeNull();
      for (const { why } of rows) expect(why).not.toBe('');
    }
    for (const row of Object.values(gasTable)) {
      for (const cell of [row.purity, row.colour, row.reach, row.cost, row.caution, row.source]) {
        expect(cell.length).toBeGreaterThan(10);
      }
    }
    expect(gasTable.argon.costBesideArgon).toBe(1);
    expect(gasesByFamily.titanium[1]?.refused).toContain('brittle');
  });

  it('are chosen by the shop’s school where there is one, and by the joint’s shelter', () => {
    const shop = {
      ...usualPractice,
      gasOnMildSteel: 'dryAir',
      gasOnStainless: 'nitrogen',
      flow: 'generous',
    } as const;
    expect(shieldingGasFor(findMetal('lowCarbonSteel'), null, shop).gas).toBe('dryAir');
    expect(shieldingGasFor(findMetal('stainless316'), null, shop).gas).toBe('nitrogen');
    expect(shieldingGasFor(findMetal('aluminium6061'), null, shop).gas).toBe('argon');
    const sheet = { firstThickness: mm(2), secondThickness: mm(2), gap: mm(0) };
    const flow = (kind: 'edge' | 'butt') =>
      shieldingGasFor(findMetal('stainless304'), { kind, ...sheet }).flowLitresPerMinute;
    expect(flow('edge')).toBe(20);
    expect(flow('butt')).toBe(15);
    const generous = shieldingGasFor(findMetal('stainless304'), { kind: 'edge', ...sheet }, shop);
    expect(generous.flowLitresPerMinute).toBe(25);
    expect(generous.reason).toContain('edge');
    expect(generous.reason).toContain('spatter');
  });

  it.each([
    ['lowCarbonSteel', 15],
    ['stainless304', 15],
    ['aluminium5052', 18],
    ['copper', 18],
    ['titanium2', 20],
    ['nickel625', 15],
  ] as const)('flow over %s at %d L/min in the open, argon as every shop begins', (metal, flow) => {
    const choice = shieldingGasFor(findMetal(metal));
    expect(choice).toMatchObject({ gas: 'argon', flowLitresPerMinute: flow });
    expect(choice.reason).toBe(gasesByFamily[findMetal(metal).family][0]?.why);
  });

  const flowFor = (power: number, bore: number) =>
    shieldingGasFor(findMetal('titanium2'), null, usualPractice, { power, bore });

  it.each([
    [100, 6e-3, 16, '; for 100 W'],
    [500, 6e-3, 17, '; for 500 W'],
    [1100, 6e-3, 20, ''],
    [2000, 6e-3, 24, '; for 2000 W'],
    [1e4, 6e-3, 26, '; for 10000 W'],
    [1000, 2e-3, 12, '; for a bore of 2.0 mm'],
    [1000, 5.8e-3, 19, ''],
    [1000, 9e-3, 30, '; for a bore of 9.0 mm'],
    [1000, 2e-2, 36, '; for a bore of 20.0 mm'],
    [2000, 9e-3, 36, '; for 2000 W and for a bore of 9.0 mm'],
  ])('flow at %d W through %d m as hot pool and wide stream ask, within limits', (power, bore, flow, why) => {
    const choice = flowFor(power, bore);
    expect(choice.flowLitresPerMinute).toBe(flow);
    expect(choice.reason).toBe(`argon in front, behind and trailing until the seam has cooled${why}`);
  });

  it('that somebody chose are said with what they do there, what they cost, and why not', () => {
    const joint = { kind: 'butt', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0) } as const;
    expect(gasOnJoint('nitrogen', findMetal('stainless304'), joint)).toEqual({
      gas: 'nitrogen',
      flowLitresPerMinute: 15,
      reason: 'cheaper, and it holds austenite; bottled or made on site, cheaper than argon',
      refused: null,
    });
    expect(gasOnJoint('dryAir', findMetal('stainless304'), joint).refused).toBe(
      'scale that rusts: the chromium burns',
    );
    const hot = gasOnJoint('argon', findMetal('stainless304'), joint, usualPractice, {
      power: 2000,
      bore: 6e-3,
    });
    expect(hot.flowLitresPerMinute).toBe(18);
  });

  it('spoil these metals and no others', () => {
    const refused = Object.entries(gasesByFamily).flatMap(([family, rows]) =>
      rows.filter((row) => row.refused !== null).map(({ gas }) => `${gas} on ${family}`),
    );
    expect(refused).toEqual([
      'dryAir on stainless',
      'nitrogen on aluminium',
      'dryAir on aluminium',
      'dryAir on copperAlloy',
      'nitrogen on titanium',
      'dryAir on titanium',
      'nitrogen on nickel',
      'dryAir on nickel',
    ]);
  });
});
