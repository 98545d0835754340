import { shopEvidence } from '../evidence/index.js';
import { degree } from '../quantity/index.js';
import { bench, sampleJob, sampleWeld } from '../testing/sampleJobs.js';
import {
  forecastWeld,
  lossForAim,
  lossTie,
  suggestSetting,
  turnKnob,
  type TriedSetting,
  type WeldJob,
  type WeldSetting,
} from './index.js';

const plain = sampleJob({ thickness: 2 });
const searched = suggestSetting(plain);
const { machineId, gas } = sampleWeld;
const after = (...tried: readonly TriedSetting[]): WeldJob => ({
  ...plain,
  evidence: { ...{ shop: shopEvidence(sampleWeld, []), machineId, gas, gunAngle: degree(30) }, tried },
});
const tried = (setting: WeldSetting, even: number, against = 0): TriedSetting => ({
  ...{ setting, even, against, holes: 0 },
});
const lossOf = (setting: WeldSetting) => lossForAim(plain, setting, forecastWeld(plain, setting));
const powerAt = (by: number) => turnKnob(searched.setting, 'power', Math.round(searched.setting.power * by));
/** A little beside what is searched, and costing hardly more. */
const beside = powerAt(1.02);

describe('a setting that even coupons stand behind', () => {
  it('is kept from three on, with none against it', () => {
    const kept = (even: number, against = 0) => {
      const { setting, keptFor } = suggestSetting(after(tried(beside, even, against)));
      return [setting.power, keptFor];
    };
    expect(lossOf(beside)).toBeLessThan(searched.loss + lossTie);
    expect(kept(3)).toEqual([beside.power, 3]);
    expect(kept(20)).toEqual([beside.power, 20]);
    expect(kept(2)).toEqual([searched.setting.power, null]);
    expect(kept(9, 1)).toEqual([searched.setting.power, null]);
  });

  it('is left where another costs clearly less by all that is known', () => {
    const cold = powerAt(0.7);
    expect(lossOf(cold)).toBeGreaterThan(searched.loss + lossTie);
    expect(suggestSetting(after(tried(cold, 5)))).toMatchObject({ setting: searched.setting, keptFor: null });
  });

  it('is kept only where it can be dialled here', () => {
    const strong = { ...bench, power: { ...bench.power, most: (beside.power - 10) as never } };
    const { setting, keptFor } = suggestSetting({ ...after(tried(beside, 5)), machine: strong });
    expect(keptFor).toBeNull();
    expect(setting.power).toBeLessThan(beside.power);
  });

  it('is the first of several that cost as much, and the cheaper where they do not', () => {
    const near = powerAt(1.04);
    const far = powerAt(1.25);
    expect(Math.abs(lossOf(near) - lossOf(beside))).toBeLessThan(lossTie);
    expect(lossOf(far)).toBeGreaterThan(lossOf(beside) + lossTie);
    const chosen = (...all: TriedSetting[]) => suggestSetting(after(...all)).setting.power;
    expect(chosen(tried(near, 3), tried(beside, 8))).toBe(near.power);
    expect(chosen(tried(beside, 3), tried(near, 8))).toBe(beside.power);
    expect(chosen(tried(far, 9), tried(beside, 3))).toBe(beside.power);
  });
});
