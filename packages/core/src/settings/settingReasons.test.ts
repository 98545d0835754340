import { fraction, metre, mm, mmPerSecond, watt } from '../quantity/index.js';
import { inches } from '../testing/inches.js';
import { bench, sampleJob, sheetJoint, type SaidJob } from '../testing/sampleJobs.js';
import {
  forecastWeld,
  settingReasons,
  suggestSetting,
  wobbleFor,
  type Suggestion,
  type WeldSetting,
} from './index.js';

const job = sampleJob();
const found = suggestSetting(job);
const { duty, ...untrimmed } = bench;

const reasonsOf = (setting: WeldSetting, said: SaidJob = {}, change: Partial<Suggestion> = {}) => {
  const one = sampleJob(said);
  return settingReasons(one, { ...found, forecast: forecastWeld(one, setting), ...change, setting });
};
const swept = (width: number, said: SaidJob = {}, strength: Partial<WeldSetting> = {}) => {
  const { wobble } = found.setting;
  if (wobble.shape === 'none') throw new Error('the sample sweeps');
  return reasonsOf({ ...found.setting, ...strength, wobble: { ...wobble, width: metre(width) } }, said)
    .wobbleWidth;
};

describe('why each number is what it is', () => {
  it('the power: what coupons stand behind comes before all else, then the ends of the knob', () => {
    const at = (power: number, change: Partial<Suggestion> = {}, dutyAt = 1) =>
      reasonsOf({ ...found.setting, power: watt(power), duty: fraction(dutyAt) }, {}, change).power;
    expect(at(1500, { keptFor: 4 })).toBe('what 4 even coupons of yours stand behind');
    expect(at(1500, {}, 0.5)).toBe(
      'full peak power, as the shop lights reflective metals: the duty sets how much',
    );
    expect(at(1500)).toBe('all the machine has');
    expect(at(150)).toBe('the least the machine gives');
    const forecast = { ...found.forecast, expectedReach: 1.147 };
    const middling =
      'the 15 W step that too cold and too hot weigh least against: 115 % of the thickness is expected';
    expect(at(165, { forecast })).toBe(middling);
    expect(at(1485, { forecast }, 0.5)).toBe(middling);
  });

  it('the duty, where the machine has that knob', () => {
    expect(reasonsOf(found.setting).duty).toBe('full: the light is on all the time');
    expect(reasonsOf({ ...found.setting, duty: fraction(0.95) }).duty).toBe(
      'trimmed until the depth is right',
    );
    expect(duty).toBeDefined();
    expect(reasonsOf(found.setting, { machine: untrimmed })).not.toHaveProperty('duty');
  });

  it('the sweep: as usual to half a step, else what the aim wants of it', () => {
    const usual = wobbleFor(job);
    expect(swept(usual.width)).toBe(usual.reasons.width);
    expect(swept(usual.width - 0.055e-3)).toBe(usual.reasons.width);
    const narrower = usual.width - 0.065e-3;
    const wider = usual.width + 0.065e-3;
    for (const kind of ['leastHeat', 'leastDressing'] as const)
      expect(swept(narrower, { aim: { kind } })).toBe('narrower than usual: less metal is melted');
    const forgiving = { aim: { kind: 'wideForgiving' } } as const;
    expect(swept(narrower, forgiving)).toBe(
      'narrower than usual and slower: the depth minds a hand’s pace less',
    );
    expect(swept(wider, forgiving)).toBe('wider than usual: it bears an unsteady hand');
    expect(swept(narrower, {}, { power: watt(1500) })).toBe(
      'narrower than usual: the machine needs all its reach here',
    );
    for (const strength of [{}, { power: watt(1500), duty: fraction(0.5) }])
      expect(swept(narrower, {}, strength)).toBe('narrower than usual: it lands more surely here');
    expect(swept(wider)).toBe('wider than usual: it bears an unsteady hand');
  });

  it('no sweep, no reason for one', () => {
    const straight = reasonsOf({ ...found.setting, wobble: { shape: 'none' } });
    expect(Object.keys(straight).toSorted()).toEqual(['duty', 'power', 'travel']);
    expect(Object.keys(reasonsOf(found.setting)).toSorted()).toEqual([
      ...['duty', 'power', 'travel', 'wobbleRate', 'wobbleShape', 'wobbleWidth'],
    ]);
    expect(reasonsOf(found.setting)).toMatchObject({
      wobbleShape: wobbleFor(job).reasons.shape,
      wobbleRate: wobbleFor(job).reasons.rate,
    });
  });

  it('the pace: the hand’s by the aim, a tack’s by its time, or what the wire sets', () => {
    const plain = 'a pace a hand keeps, the quickest that still lands as surely';
    const quick = 'as quick as still lands as surely: less heat in the part';
    const by = (kind: 'reach' | 'leastHeat' | 'leastDressing' | 'wideForgiving') =>
      reasonsOf(found.setting, { aim: { kind } }).travel;
    expect([by('reach'), by('wideForgiving'), by('leastHeat'), by('leastDressing')]).toEqual([
      ...[plain, plain, quick, quick],
    ]);
    expect(reasonsOf(found.setting, { joint: sheetJoint('tack', 1.5) }).travel).toBe(
      'the tack’s length over its time',
    );
    const wired: WeldSetting = {
      ...found.setting,
      pace: { by: 'wire', diameter: mm(1), wireSpeed: mmPerSecond(20) },
    };
    const forecast = { ...found.forecast, travel: mmPerSecond(9.2) };
    const reasons = reasonsOf(wired, {}, { forecast });
    expect(reasons.wireSpeed).toBe('lays down the gap and the crown at 9 mm/s: the wire sets the pace');
    expect(reasons).not.toHaveProperty('travel');
    expect(
      settingReasons({ ...job, saidIn: inches }, { ...found, setting: wired, forecast }).wireSpeed,
    ).toContain('22 in/min');
  });
});
