import { shieldingGasFor } from '../gas/index.js';
import { kelvin, mm } from '../quantity/index.js';
import {
  dialledMetals,
  diffusivity,
  findMetal,
  heatToMelt,
  heatToMelting,
  liquidDiffusivity,
  meltRise,
  metalTable,
  coveredUntil,
  steelUnderZinc,
  zincBoiledOff,
  zincBoilingPoint,
  zincThickness,
} from './index.js';

const rows = Object.values(metalTable);

describe('the reference data', () => {
  it.each(rows)('of $name is of this world, and says where it comes from', (metal) => {
    expect(metalTable[metal.id]).toBe(metal);
    expect(metal.meltingPoint).toBeGreaterThan(600);
    expect(metal.boilingPoint - metal.meltingPoint).toBeGreaterThan(500);
    expect(metal.keyholeAbsorptivity).toBeGreaterThan(metal.surfaceAbsorptivity);
    expect(metal.keyholeAbsorptivity).toBeLessThan(1);
    expect(metal.lnDepthSd).toBeGreaterThan(0.1);
    expect(metal.source).toContain('handbook');
    for (const share of Object.values(metal.spread)) {
      expect(share).toBeGreaterThanOrEqual(0.03);
      expect(share).toBeLessThanOrEqual(0.5);
    }
    expect(metal.expansion).toBeGreaterThan(8e-6);
    expect(metal.expansion).toBeLessThan(30e-6);
    expect(metal.fumeNote).not.toBe('');
  });

  it('spreads heat as the metals do: copper fastest, titanium slowest', () => {
    const byDiffusivity = [...rows].sort((a, b) => diffusivity(a) - diffusivity(b)).map(({ id }) => id);
    expect(byDiffusivity.at(-1)).toBe('copper');
    expect(byDiffusivity.slice(0, 3)).toEqual(expect.arrayContaining(['stainless304', 'nickel625']));
    expect(diffusivity(findMetal('stainless304'))).toBeCloseTo(25 / (7450 * 620), 12);
    expect(liquidDiffusivity(findMetal('stainless304'))).toBeCloseTo(28 / (7450 * 620), 12);
  });

  it('counts the heat to melt by hand for 304', () => {
    const metal = findMetal('stainless304');
    expect(meltRise(metal)).toBe(1422);
    expect(heatToMelting(metal)).toBeCloseTo(7450 * 620 * 1422, 0);
    expect(heatToMelt(metal)).toBeCloseTo(7450 * (620 * 1422 + 265e3), 0);
  });

  it('has a gas with its reason for every metal that Dial offers', () => {
    for (const id of dialledMetals) {
      const { gas, flowLitresPerMinute, reason } = shieldingGasFor(findMetal(id));
      expect(gas).toBe('argon');
      expect(flowLitresPerMinute).toBeGreaterThanOrEqual(10);
      expect(reason).not.toBe('');
    }
  });
});

describe('the zinc on a sheet', () => {
  it('is as thick as its weight says, and boils off both faces over what got hot', () => {
    expect(zincThickness(71.4)).toBeCloseTo(10e-6, 12);
    expect(zincThickness(0)).toBe(0);
    expect(zincThickness(700)).toBeCloseTo(98.04e-6, 8);
    expect(zincBoiledOff(100, mm(5))).toBeCloseTo(1e-3, 12);
    expect(zincBoilingPoint).toBeCloseTo(1180.15, 9);
  });

  it.each([-1, 701, Number.NaN])('of %d g/m2 there is not', (coat) => {
    expect(() => zincThickness(coat)).toThrow('zinc coat, each side');
    expect(() => zincBoiledOff(coat, mm(5))).toThrow('0 to 700 g/m2');
  });

  it('is not the steel, and cannot be thicker than the sheet', () => {
    expect(steelUnderZinc(mm(1), 71.4)).toBeCloseTo(0.98e-3, 12);
    expect(() => steelUnderZinc(mm(0.02), 71.4)).toThrow(
      'galvanised thickness 0.02 mm: allowed is more than its two coats of 71.4 g/m2.',
    );
  });
});

describe('heat from a warm part', () => {
  it('counts from where the part starts', () => {
    const metal = findMetal('stainless304');
    expect(meltRise(metal, kelvin(493))).toBe(1222);
    expect(heatToMelting(metal, kelvin(493))).toBeCloseTo(7450 * 620 * 1222, 0);
    expect(coveredUntil).toBeCloseTo(673.15, 9);
  });
});

it('a metal that is not in the table is refused with those that are', () => {
  expect(() => findMetal('tin')).toThrow('metal “tin”: allowed is lowCarbonSteel, galvanised');
  expect(() => findMetal('toString')).toThrow('metal “toString”');
});
