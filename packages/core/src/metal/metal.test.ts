import { shieldingGasFor } from '../gas/index.js';
import {
  dialledMetals,
  diffusivity,
  findMetal,
  heatToMelt,
  heatToMelting,
  liquidDiffusivity,
  meltRise,
  metalTable,
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
