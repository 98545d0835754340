import fc from 'fast-check';
import { wobbleFrom } from '../beam/index.js';
import { findMetal, heatToMelt, type MetalId } from '../metal/index.js';
import { celsius, fraction, hertz, inCelsius, mm, mmPerSecond, watt } from '../quantity/index.js';
import {
  heatCarriedOff,
  heatLimitedDepth,
  keyholeCubic,
  keyholeResistance,
  meltHalfWidth,
  predictMelt,
  readOutcome,
  reachLimits,
  type MeltInput,
} from './index.js';

/** A butt without gap or wire under the reference beam: 0.15 mm spot, side to side 2.5 mm at 60 Hz, 8 mm/s. */
function reference(metal: MetalId, thicknessMm: number, powerW: number): MeltInput {
  return {
    metal: findMetal(metal),
    thickness: mm(thicknessMm),
    heatDirections: 2,
    power: watt(powerW),
    duty: fraction(1),
    travel: mmPerSecond(8),
    spot: mm(0.15),
    wobble: wobbleFrom('sideToSide', mm(2.5), hertz(60)),
    wire: null,
  };
}

function leastPowerThrough(metal: MetalId, thicknessMm: number): number {
  for (let power = 50; power < 6000; power += 1) {
    if (predictMelt(reference(metal, thicknessMm, power)).reach >= 1) return power;
  }
  return Infinity;
}

describe('bands of the melt model', () => {
  it.each<[MetalId, number, number, number]>([
    ['lowCarbonSteel', 1, 430, 680],
    ['lowCarbonSteel', 2, 800, 1200],
    ['lowCarbonSteel', 3, 1250, 1800],
    ['lowCarbonSteel', 4, 1700, 2500],
    ['stainless304', 1, 370, 580],
    ['stainless304', 2, 680, 1050],
    ['stainless304', 3, 1050, 1600],
    ['stainless304', 4, 1450, 2200],
    ['aluminium5052', 1, 450, 750],
    ['aluminium5052', 2, 720, 1200],
    ['aluminium5052', 3, 1100, 1800],
    ['aluminium5052', 4, 1500, 2400],
  ])('%s of %d mm is melted through from %d to %d W', (metal, thickness, least, most) => {
    const power = leastPowerThrough(metal, thickness);
    expect(power).toBeGreaterThanOrEqual(least);
    expect(power).toBeLessThanOrEqual(most);
  });

  it.each([
    [1000, 20, 0.15, 2.2, 3.6],
    [4000, 33, 0.3, 6, 8.5],
  ])(
    '%d W at %d mm/s without wobble in thick 304 goes %d mm spot deep enough',
    (power, travel, spot, least, most) => {
      const still = {
        ...reference('stainless304', 10, power),
        travel: mmPerSecond(travel),
        spot: mm(spot),
        wobble: { shape: 'none' } as const,
      };
      const depth = predictMelt(still).depth * 1000;
      expect(depth).toBeGreaterThan(least);
      expect(depth).toBeLessThan(most);
    },
  );
});

describe('laws of the melt model', () => {
  const weld = fc.record({
    metal: fc.constantFrom<MetalId>('lowCarbonSteel', 'stainless304', 'aluminium5052', 'copper', 'titanium2'),
    thickness: fc.double({ min: 0.5, max: 5, noNaN: true }),
    power: fc.double({ min: 200, max: 2900, noNaN: true }),
    duty: fc.double({ min: 0.4, max: 0.95, noNaN: true }),
    travel: fc.double({ min: 3, max: 20, noNaN: true }),
    frequency: fc.double({ min: 10, max: 200, noNaN: true }),
  });
  type Weld = typeof weld extends fc.Arbitrary<infer T> ? T : never;
  const inputOf = (w: Weld): MeltInput => ({
    ...reference(w.metal, w.thickness, w.power),
    duty: fraction(w.duty),
    travel: mmPerSecond(w.travel),
    wobble: wobbleFrom('sideToSide', mm(2.5), hertz(w.frequency)),
  });
  const slack = 1 + 1e-9;

  /** Depth must not fall from the first weld to the second while the deeper one is under 1.35 of the sheet. */
  function expectDeeper(shallow: MeltInput, deep: MeltInput): void {
    const low = predictMelt(shallow);
    const high = predictMelt(deep);
    if (Math.max(low.reach, high.reach) < 1.35) expect(high.depth * slack).toBeGreaterThanOrEqual(low.depth);
  }

  it('rises with power', () => {
    fc.assert(
      fc.property(weld, (w) => expectDeeper(inputOf(w), { ...inputOf(w), power: watt(w.power * 1.05) })),
    );
  });
  it('rises with duty', () => {
    fc.assert(
      fc.property(weld, (w) => expectDeeper(inputOf(w), { ...inputOf(w), duty: fraction(w.duty * 1.05) })),
    );
  });
  it('falls with travel', () => {
    fc.assert(
      fc.property(weld, (w) =>
        expectDeeper({ ...inputOf(w), travel: mmPerSecond(w.travel * 1.05) }, inputOf(w)),
      ),
    );
  });
  it('falls with wobble rate', () => {
    fc.assert(
      fc.property(weld, (w) => expectDeeper(inputOf({ ...w, frequency: w.frequency * 1.05 }), inputOf(w))),
    );
  });

  it('gives the wire exactly the heat that melts it', () => {
    const wire = { diameter: mm(1), speed: mmPerSecond(10) };
    const input = { ...reference('stainless304', 2, 1200), wire };
    const { wireShare, absorptivity } = predictMelt(input);
    const heat = (Math.PI / 4) * 1e-6 * 0.01 * heatToMelt(input.metal);
    expect(wireShare * absorptivity * 1200).toBeCloseTo(heat, 6);
  });

  it('leaves nothing for the sheets where the wire takes it all', () => {
    const drowned = predictMelt({
      ...reference('stainless304', 2, 150),
      wire: { diameter: mm(1.6), speed: mmPerSecond(60) },
    });
    expect(drowned.wireShare).toBe(1);
    expect(drowned.reach).toBeLessThan(0.05);
  });

  it('counts fast modulation as its mean and slow modulation as its pulses', () => {
    const half = { ...reference('stainless304', 2, 1500), duty: fraction(0.5) };
    const fast = predictMelt({ ...half, modulation: hertz(20_000) });
    const slow = predictMelt({ ...half, modulation: hertz(50) });
    expect(slow.normalisedEnthalpy).toBeCloseTo(2 * fast.normalisedEnthalpy, 9);
  });

  it.each([
    ['power', { power: watt(-5) }, 'power -5 W: allowed is 1 to 20000 W.'],
    ['travel', { travel: mmPerSecond(NaN) }, 'travel NaN mm/s'],
    [
      'wobble',
      { wobble: wobbleFrom('circle', mm(50), hertz(60)) },
      'wobble width 50 mm: allowed is 0 to 20 mm.',
    ],
    ['wire', { wire: { diameter: mm(9), speed: mmPerSecond(1) } }, 'wire diameter'],
  ])('refuses an absurd %s by name', (_, change, message) => {
    expect(() => predictMelt({ ...reference('stainless304', 2, 900), ...change })).toThrow(message);
  });
});

describe('what the melt model takes', () => {
  const wobble = (width: number, rate: number) => ({
    wobble: wobbleFrom('sideToSide', mm(width), hertz(rate)),
  });
  const wire = (diameter: number, speed: number) => ({
    wire: { diameter: mm(diameter), speed: mmPerSecond(speed) },
  });
  const plain = reference('stainless304', 2, 1000);
  const hottest = 0.8 * inCelsius(plain.metal.meltingPoint);

  it.each<[Partial<MeltInput>, Partial<MeltInput>, string]>([
    [{ thickness: mm(0.05) }, { thickness: mm(0.049) }, 'thickness 0.049 mm: allowed is 0.05 to 50 mm'],
    [{ thickness: mm(50) }, { thickness: mm(51) }, 'thickness 51 mm: allowed is 0.05 to 50 mm'],
    [{ heatDirections: 0.25 }, { heatDirections: 0.24 }, 'heat directions 0.24: allowed is 0.25 to 50'],
    [{ heatDirections: 50 }, { heatDirections: 51 }, 'heat directions 51: allowed is 0.25 to 50'],
    [{ power: watt(1) }, { power: watt(0.5) }, 'power 0.5 W: allowed is 1 to 20000 W'],
    [{ power: watt(20_000) }, { power: watt(20_001) }, 'power 20001 W: allowed is 1 to 20000 W'],
    [{ duty: fraction(0.01) }, { duty: 0.009 as MeltInput['duty'] }, 'duty 0.009: allowed is 0.01 to 1'],
    [{ duty: fraction(1) }, { duty: 1.1 as MeltInput['duty'] }, 'duty 1.1: allowed is 0.01 to 1'],
    [
      { travel: mmPerSecond(0.1) },
      { travel: mmPerSecond(0.09) },
      'travel 0.09 mm/s: allowed is 0.1 to 500 mm/s',
    ],
    [
      { travel: mmPerSecond(500) },
      { travel: mmPerSecond(501) },
      'travel 501 mm/s: allowed is 0.1 to 500 mm/s',
    ],
    [{ start: celsius(-40) }, { start: celsius(-41) }, 'start -41 °C: allowed is -40 to'],
    [{ start: celsius(hottest - 1) }, { start: celsius(hottest + 1) }, '°C: allowed is -40 to'],
    [{ spot: mm(0.02) }, { spot: mm(0.019) }, 'spot 0.019 mm: allowed is 0.02 to 2 mm'],
    [{ spot: mm(2) }, { spot: mm(2.1) }, 'spot 2.1 mm: allowed is 0.02 to 2 mm'],
    [wobble(20, 60), wobble(21, 60), 'wobble width 21 mm: allowed is 0 to 20 mm'],
    [wobble(2, 2000), wobble(2, 2001), 'wobble rate 2001 Hz: allowed is 0 to 2000 Hz'],
    [wire(0.1, 10), wire(0.09, 10), 'wire diameter 0.09 mm: allowed is 0.1 to 3 mm'],
    [wire(3, 10), wire(3.1, 10), 'wire diameter 3.1 mm: allowed is 0.1 to 3 mm'],
    [wire(1, 0), wire(1, -1), 'wire speed -1 mm/s: allowed is 0 to 1000 mm/s'],
    [wire(1, 1000), wire(1, 1001), 'wire speed 1001 mm/s: allowed is 0 to 1000 mm/s'],
  ])('takes %j and refuses %j', (fits, not, words) => {
    expect(predictMelt({ ...plain, ...fits }).depth).toBeGreaterThanOrEqual(0);
    expect(() => predictMelt({ ...plain, ...not })).toThrow(words);
  });
});

describe('heat-limited depth', () => {
  it('solves its balance to a thousandth of a per cent, as halving does', () => {
    const balance = fc.record({
      perDepth: fc.double({ min: 5e4, max: 3e6, noNaN: true }),
      thickness: fc.double({ min: 3e-4, max: 12e-3, noNaN: true }),
      belowLength: fc.double({ min: 8e-4, max: 2e-2, noNaN: true }),
    });
    fc.assert(
      fc.property(
        balance,
        fc.double({ min: 5, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (parts, absorbed, share) => {
          const full = { ...parts, below: share * parts.perDepth * parts.belowLength };
          const depth = heatLimitedDepth(full, absorbed);
          let low = 1e-6;
          let high = 50e-3;
          for (let i = 0; i < 80; i++) {
            const middle = (low + high) / 2;
            if (heatCarriedOff(full, middle) > absorbed) high = middle;
            else low = middle;
          }
          expect(Math.abs(depth - low)).toBeLessThanOrEqual(1e-5 * low + 1e-11);
        },
      ),
    );
  });
});

describe('keyhole resistance', () => {
  it('carries on past 6 without a kink', () => {
    expect(keyholeCubic(6.001) - keyholeCubic(6)).toBeCloseTo(keyholeCubic(6) - keyholeCubic(5.999), 5);
  });
  it('falls towards nothing for a beam at rest, where the cubic does not', () => {
    expect(keyholeResistance(0.01)).toBeLessThan(1.4);
    expect(keyholeResistance(0.5)).toBe(keyholeCubic(0.5));
    expect(keyholeResistance(5)).toBe(keyholeCubic(5));
  });
});

describe('reading', () => {
  it('leaves less room for a wide bead and none for a gap of half the sheet', () => {
    expect(reachLimits(mm(1), mm(6), mm(0)).holeFrom).toBeCloseTo(1.3, 9);
    expect(reachLimits(mm(2), mm(2), mm(1)).holeFrom).toBe(1);
  });
  it.each([
    [0.5, 'cold'],
    [0.8, 'part'],
    [1, 'full'],
    [1.4, 'hot'],
    [1.7, 'hole'],
  ])('reads %d of the sheet as %s', (reach, outcome) => {
    expect(readOutcome(reach, reachLimits(mm(2), mm(2.5), mm(0)))).toBe(outcome);
  });
  it('draws no melt below its depth', () => {
    expect(meltHalfWidth(mm(2), mm(1), mm(1.5))).toBe(0);
    expect(meltHalfWidth(mm(2), mm(1), mm(0.6))).toBeCloseTo(0.0008, 9);
  });
});
