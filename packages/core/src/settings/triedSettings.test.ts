import { shopEvidence } from '../evidence/index.js';
import { degree, fraction, hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import { sampleJob, sampleSetting, sampleWeld } from '../testing/sampleJobs.js';
import { hottestAllowed, repeatsHole, triedSettings, turnKnob, type WeldSetting } from './index.js';

const base: WeldSetting = {
  power: watt(1000),
  duty: fraction(1),
  wobble: { shape: 'circle', width: mm(2), frequency: hertz(60) },
  pace: { by: 'hand', travel: mmPerSecond(10) },
};
const wired: WeldSetting = {
  ...base,
  pace: { by: 'wire', diameter: mm(1), wireSpeed: mmPerSecond(20) },
};
const thin: WeldSetting = { ...base, wobble: { shape: 'circle', width: mm(8), frequency: hertz(60) } };
const straight: WeldSetting = { ...base, wobble: { shape: 'none' } };

describe('coupons gathered by their setting', () => {
  it('are counted even, against and holed', () => {
    const verdicts = ['even', 'short', 'hot', 'hole', 'even', 'hole'] as const;
    expect(triedSettings(verdicts.map((verdict) => ({ setting: base, verdict })))).toEqual([
      { setting: base, even: 2, against: 4, holes: 2 },
    ]);
  });

  it('keep the order they come in, each under its first', () => {
    const other = turnKnob(base, 'power', 1200);
    const found = triedSettings([
      { setting: other, verdict: 'hole' },
      { setting: base, verdict: 'even' },
      { setting: turnKnob(base, 'power', 1015), verdict: 'even' },
    ]);
    expect(found.map(({ setting, even }) => [setting.power, even])).toEqual([
      [1200, 0],
      [1000, 2],
    ]);
  });

  it.each<[string, WeldSetting, WeldSetting, boolean]>([
    ['2 % of power apart', base, turnKnob(base, 'power', 1020), true],
    ['more than 2 % apart', base, turnKnob(base, 'power', 1021), false],
    ['less light at the same mean', base, { ...base, power: watt(2000), duty: fraction(0.5) }, true],
    ['more light at the same mean', { ...base, power: watt(2000), duty: fraction(0.5) }, base, true],
    ['the same peak at half the light', base, turnKnob(base, 'duty', 0.5), false],
    ['2 % of pace apart', base, turnKnob(base, 'travel', 0.0102), true],
    ['more of pace', base, turnKnob(base, 'travel', 0.01021), false],
    ['2 % of rate apart', base, turnKnob(base, 'wobbleRate', 61.2), true],
    ['more of rate', base, turnKnob(base, 'wobbleRate', 61.3), false],
    ['a tenth of a millimetre of sweep apart', base, turnKnob(base, 'wobbleWidth', 2.1e-3), true],
    ['more of sweep', base, turnKnob(base, 'wobbleWidth', 2.11e-3), false],
    ['2 % of a wide sweep', thin, turnKnob(thin, 'wobbleWidth', 8.16e-3), true],
    ['more of a wide sweep', thin, turnKnob(thin, 'wobbleWidth', 8.17e-3), false],
    ['another shape', base, { ...base, wobble: { ...base.wobble, shape: 'sideToSide' } as never }, false],
    ['both straight', straight, straight, true],
    ['one of them straight', straight, base, false],
    ['the other straight', base, straight, false],
    ['2 % of wire apart', wired, turnKnob(wired, 'wireSpeed', 0.0204), true],
    ['more of wire', wired, turnKnob(wired, 'wireSpeed', 0.02041), false],
    ['thicker wire', wired, { ...wired, pace: { ...wired.pace, diameter: mm(1.2) } as never }, false],
    ['one by hand', wired, base, false],
    ['the other by hand', base, wired, false],
  ])('%s are one setting, or two', (_, one, other, isOne) => {
    const found = triedSettings([
      { setting: one, verdict: 'even' },
      { setting: other, verdict: 'even' },
    ]);
    expect(found.length).toBe(isOne ? 1 : 2);
  });
});

describe('after a hole', () => {
  const { machineId, gas } = sampleWeld;
  const holedBy = (...settings: WeldSetting[]) => ({
    ...sampleJob(),
    evidence: {
      ...{ shop: shopEvidence(sampleWeld, []), machineId, gas, gunAngle: degree(30) },
      tried: triedSettings(settings.map((setting) => ({ setting, verdict: 'hole' }) as const)),
    },
  });

  it('95 % of the least mean power that made one the same way is the most', () => {
    expect(hottestAllowed(sampleJob(), base)).toBeNull();
    expect(hottestAllowed(holedBy(base), base)).toBeCloseTo(950, 9);
    expect(hottestAllowed(holedBy({ ...base, duty: fraction(0.5) }), base)).toBeCloseTo(475, 9);
    expect(hottestAllowed(holedBy(turnKnob(base, 'power', 1100), base), base)).toBeCloseTo(950, 9);
  });

  it('another pace or sweep is another way, from 5 % on', () => {
    expect(hottestAllowed(holedBy(base), turnKnob(base, 'travel', 0.0105))).toBeCloseTo(950, 9);
    expect(hottestAllowed(holedBy(base), turnKnob(base, 'travel', 0.0106))).toBeNull();
    expect(hottestAllowed(holedBy(straight), base)).toBeNull();
  });

  it('what came out even limits nothing', () => {
    const job = holedBy(base);
    const tried = triedSettings([{ setting: base, verdict: 'hot' }]);
    expect(hottestAllowed({ ...job, evidence: { ...job.evidence, tried } }, base)).toBeNull();
  });

  it('a setting repeats it that is hotter by mean power, whatever its peak', () => {
    const job = holedBy(base);
    expect(repeatsHole(job, turnKnob(base, 'power', 951))).toBe(true);
    expect(repeatsHole(job, turnKnob(base, 'power', 950))).toBe(false);
    expect(repeatsHole(job, { ...base, power: watt(1200), duty: fraction(0.75) })).toBe(false);
    expect(repeatsHole(job, { ...base, power: watt(1300), duty: fraction(0.75) })).toBe(true);
    expect(repeatsHole(sampleJob(), sampleSetting)).toBe(false);
  });
});
