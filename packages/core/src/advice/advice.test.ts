import { depthCorrection, shopEvidence } from '../evidence/index.js';
import { stepCount, valueAtStep } from '../machine/index.js';
import { mm } from '../quantity/index.js';
import { forecastWeld, knobValue, suggestSetting, turnKnob } from '../settings/index.js';
import { bench, sampleJob } from '../testing/sampleJobs.js';
import { diagnose, dialInAdvice, evidenceWeldOf, nextCoupons, type SeenWeld } from './index.js';

const seen = (said: Partial<SeenWeld>): SeenWeld => ({ back: null, face: [], welding: [], ...said });

describe('the diagnosis', () => {
  it('goes by the back where it can be seen, whatever the face says', () => {
    expect(diagnose(seen({ back: 'none', face: ['sagging'] }))).toEqual({
      kind: 'cold',
      signs: ['no mark behind'],
    });
    expect(diagnose(seen({ back: 'hole', welding: ['keyholeShut'] })).kind).toBe('hot');
    expect(diagnose(seen({ back: 'even', face: ['even'] })).kind).toBe('right');
    expect(diagnose(seen({ back: 'even', face: ['undercut'] }))).toEqual({
      kind: 'hot',
      signs: ['undercut'],
    });
  });

  it('asks nothing of the back after the first of two runs but that it is not too hot', () => {
    const between = (back: SeenWeld['back']) => diagnose(seen({ back, isFirstRun: true }));
    expect(between('none')).toEqual({ kind: 'right', signs: [] });
    expect(between('faint').kind).toBe('right');
    expect(between('even')).toEqual({
      kind: 'right',
      signs: ['a line behind after the first run: the runs meet'],
    });
    expect(between('heavy').kind).toBe('hot');
    expect(between('hole').kind).toBe('hot');
    expect(diagnose(seen({ back: 'none', isFirstRun: true, welding: ['wireStuck'] })).kind).toBe('cold');
  });

  it('goes by face and gun where the back is hidden', () => {
    expect(diagnose(seen({ face: ['roundedPulledAway'], welding: ['keyholeShut'] })).kind).toBe('cold');
    expect(diagnose(seen({ welding: ['keyholeWide'] })).kind).toBe('hot');
    expect(diagnose(seen({})).kind).toBe('right');
    expect(diagnose(seen({ face: ['sagging'], welding: ['wireStuck'] }))).toEqual({
      kind: 'unclear',
      cold: ['wire that sticks'],
      hot: ['a sagging face'],
    });
  });

  it.each([
    ['fadedAlongSeam', 'protective window'],
    ['sparks', 'protective window'],
    ['oneSide', 'Centre the dot'],
    ['dullOrSooty', 'gas'],
    ['pores', 'Clean edges'],
  ] as const)('mends %s before any knob is turned', (sign, action) => {
    const welding = sign === 'fadedAlongSeam' || sign === 'sparks' ? [sign] : [];
    const face = sign === 'oneSide' || sign === 'dullOrSooty' || sign === 'pores' ? [sign] : [];
    const found = diagnose(seen({ back: 'none', face, welding }));
    expect(found.kind).toBe('mend');
    expect('action' in found && found.action).toContain(action);
  });
});

describe('dial-in advice', () => {
  const job = sampleJob({ thickness: 2 });
  const { setting } = suggestSetting(job);

  it('turns power up after a cold coupon, in the machine’s steps, to where the weld is expected to land', () => {
    const advice = dialInAdvice(job, setting, seen({ back: 'none' }));
    expect(advice.kind).toBe('turn');
    if (advice.kind !== 'turn') return;
    const { knob, from, to, reachBefore, reachAfter, chanceBefore, chanceAfter, isEnough } = advice.turn;
    expect(knob).toBe('power');
    expect(to).toBeGreaterThan(from);
    expect((to - 150) % 15).toBeCloseTo(0, 9);
    expect(to).toBeLessThanOrEqual(from * 1.25 + 15);
    expect(reachBefore).toBeLessThan(1);
    expect(reachAfter).toBeGreaterThan(1);
    expect(chanceAfter).toBeGreaterThan(chanceBefore + 0.2);
    expect(isEnough).toBe(true);
    expect(advice.why).toBe('No mark behind: too cold.');
    expect(advice.turn.cost).toContain('heat');
  });

  it('turns power down after a hole', () => {
    const advice = dialInAdvice(job, setting, seen({ back: 'hole' }));
    expect(advice.kind === 'turn' && advice.turn.knob).toBe('power');
    expect(advice.kind === 'turn' && advice.turn.to < advice.turn.from).toBe(true);
  });

  it('changes nothing but the one knob', () => {
    const advice = dialInAdvice(job, setting, seen({ back: 'faint' }));
    if (advice.kind !== 'turn') throw new Error(advice.kind);
    expect(advice.turn.setting).toEqual(turnKnob(setting, advice.turn.knob, advice.turn.to));
  });

  it('goes to the next knob where the power is at its end', () => {
    const full = { ...setting, power: bench.power.most };
    const cold = sampleJob({ thickness: 3 });
    const advice = dialInAdvice(cold, full, seen({ back: 'faint' }));
    if (advice.kind !== 'turn') throw new Error(advice.kind);
    expect(['wobbleRate', 'wobbleWidth', 'travel']).toContain(advice.turn.knob);
    expect(advice.turn.to).toBeLessThan(advice.turn.from);
  });

  it('says that one knob is not enough near the machine’s limit', () => {
    const full = { ...suggestSetting(sampleJob({ thickness: 6 })).setting, power: bench.power.most };
    const advice = dialInAdvice(sampleJob({ thickness: 6 }), full, seen({ back: 'none' }));
    if (advice.kind !== 'turn') throw new Error(advice.kind);
    expect(advice.turn.isEnough).toBe(false);
    expect(advice.why).toContain('one knob alone will not be enough');
  });

  it('keeps what is right, asks again where the signs disagree, mends faults, and says when nothing is left', () => {
    expect(dialInAdvice(job, setting, seen({ back: 'even' }))).toEqual({
      kind: 'keep',
      why: 'An even line behind: keep it, and weld it once more to be sure.',
    });
    expect(dialInAdvice(job, setting, seen({})).kind).toBe('keep');
    const unclear = dialInAdvice(job, setting, seen({ face: ['sagging'], welding: ['keyholeShut'] }));
    expect(unclear.kind === 'repeat' && unclear.why).toContain('weld it again');
    expect(dialInAdvice(job, setting, seen({ face: ['pores'] })).kind).toBe('mend');
    const fixed = {
      ...bench,
      power: { ...bench.power, least: bench.power.most },
      wobbleShapes: [],
      duty: { ...bench.duty!, least: bench.duty!.most },
    };
    const stuck = dialInAdvice(
      { ...job, machine: fixed },
      {
        ...setting,
        power: fixed.power.most,
        wobble: { shape: 'none' },
        pace: { by: 'hand', travel: 0.002 as never },
      },
      seen({ back: 'none' }),
    );
    expect(stuck.kind).toBe('stuck');
  });

  it('moves by the other signs where the back is hidden', () => {
    const advice = dialInAdvice(job, setting, seen({ face: ['roundedPulledAway'] }));
    if (advice.kind !== 'turn') throw new Error(advice.kind);
    const expected = forecastWeld(job, setting).expectedReach;
    expect(advice.turn.reachBefore).toBeCloseTo(expected * Math.exp(-0.15), 9);
  });
});

describe('the next coupon', () => {
  const job = sampleJob({ thickness: 2 });
  const { setting, forecast } = suggestSetting(job);
  const cold = turnKnob(setting, 'power', setting.power - 300);

  it('most likely to land never costs more than the same again', () => {
    const { mostLikelyToLand } = nextCoupons(job, cold);
    expect(mostLikelyToLand.forecast.loss).toBeLessThan(forecastWeld(job, cold).loss - 0.1);
    const again = nextCoupons(job, setting).mostLikelyToLand;
    expect(again.forecast.loss).toBeLessThanOrEqual(forecast.loss);
  });

  it('that teaches most is a single turn in the machine’s steps', () => {
    const { teachesMost, mostLikelyToLand } = nextCoupons(job, cold);
    expect(teachesMost.teaches).toBeGreaterThanOrEqual(mostLikelyToLand.teaches);
    if (teachesMost.turned === null) return;
    const { knob, to } = teachesMost.turned;
    expect(knobValue(teachesMost.setting, knob)).toBeCloseTo(to, 12);
    if (knob !== 'power') return;
    const steps = Array.from({ length: stepCount(bench.power) + 1 }, (_, i) => valueAtStep(bench.power, i));
    expect(steps).toContain(to);
  });

  it('listens to the shop’s own coupons', () => {
    const weld = evidenceWeldOf(job, setting);
    const coupons = Array.from({ length: 8 }, (_, i) => ({
      id: `c${i}`,
      weld,
      finding: { by: 'look', back: 'faint' } as const,
      isTravelMeasured: true,
      isSlip: false,
    }));
    const shop = shopEvidence(weld, coupons);
    expect(depthCorrection(shop, weld).lnRatio).toBeLessThan(-0.1);
    const known = {
      ...job,
      evidence: { shop, machineId: weld.machineId, gas: weld.gas, gunAngle: weld.gunAngle },
    };
    const forecastThere = forecastWeld(known, setting);
    expect(forecastThere.expectedReach).toBeLessThan(forecast.expectedReach * 0.9);
    // The line is known to better than a tenth; the next weld still scatters by a tenth around it.
    expect(depthCorrection(shop, weld).sd).toBeLessThan(0.1);
    expect(forecastThere.spread).toBeGreaterThan(0.1);
    expect(forecastThere.spread).toBeLessThan(0.15);
    expect(suggestSetting(known).setting.power).toBeGreaterThan(setting.power);
    expect(suggestSetting(known).forecast.soundChance).toBeGreaterThan(0.85);
    expect(nextCoupons(known, setting).mostLikelyToLand.turned).not.toBeNull();
    expect(inSheet(forecastThere.prediction.depth)).toBe(true);
  });

  const inSheet = (depth: number) => depth < mm(10);
});
