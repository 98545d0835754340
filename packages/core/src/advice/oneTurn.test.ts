import { shopEvidence } from '../evidence/index.js';
import type { Joint } from '../joint/index.js';
import type { MachineLimits } from '../machine/index.js';
import { mm, mmPerSecond, type Metre } from '../quantity/index.js';
import { oddsWithin } from '../odds/index.js';
import {
  forecastWeld,
  knobRange,
  knobs,
  knobValue,
  repeatsHole,
  suggestSetting,
  turnKnob,
  type Knob,
  type WeldJob,
  type WeldSetting,
} from '../settings/index.js';
import { bench, sampleJob, sampleSetting, sampleWeld, sheetJoint } from '../testing/sampleJobs.js';
import { dialInAdvice, nextCoupons, type SeenWeld } from './index.js';
import { seenCorrection } from './seenCorrection.js';

const seen = (said: Partial<SeenWeld>): SeenWeld => ({ back: null, face: [], welding: [], ...said });
const turnOf = (job: WeldJob, setting: WeldSetting, said: Partial<SeenWeld>) => {
  const advice = dialInAdvice(job, setting, seen(said));
  return advice.kind === 'turn' ? advice.turn : null;
};

/** In the order that hands try them. */
const order: readonly Knob[] = ['power', 'duty', 'wireSpeed', 'wobbleRate', 'wobbleWidth', 'travel'];

/** The job on a machine whose other knobs are stuck where the setting has them. The hand's own pace is no knob of the machine. */
function withAlone(job: WeldJob, setting: WeldSetting, knob: Knob): WeldJob {
  const machine: Record<string, unknown> = { ...job.machine };
  for (const other of knobs) {
    const value = knobValue(setting, other);
    const range = knobRange(job.machine, other);
    if (other === knob || other === 'travel' || value === null || range === null) continue;
    machine[other] = { ...range, least: value, most: value };
  }
  return { ...job, machine: machine as unknown as MachineLimits };
}

/** Settings from where much is needed to where little is, by wire and by hand. */
const cases = [2, 3, 4].flatMap((thickness) =>
  [null, mm(1)].flatMap((wire: Metre | null) =>
    [0.7, 1, 1.3].map((share) => {
      const job = sampleJob({ thickness, wire, gap: 0 });
      const { setting } = suggestSetting(job);
      const power = Math.min(bench.power.most, Math.round((setting.power * share) / 15) * 15);
      return { job, setting: turnKnob(setting, 'power', power) };
    }),
  ),
);
const casesSeen = cases.flatMap((each) =>
  (['none', 'faint', 'heavy', 'hole'] as const).map((back) => ({ ...each, back })),
);

describe('which knob is turned', () => {
  it('is the first that is enough alone, or else the best', () => {
    const turned = new Set<Knob>();
    for (const { job, setting, back } of casesSeen) {
      const alone = order.flatMap((knob) => {
        const turn = turnOf(withAlone(job, setting, knob), setting, { back });
        return turn?.knob === knob ? [turn] : [];
      });
      const best = alone.reduce<(typeof alone)[number] | null>(
        (most, next) => (most === null || next.chanceAfter > most.chanceAfter ? next : most),
        null,
      );
      const wanted = alone.find(({ isEnough }) => isEnough) ?? best;
      const turn = turnOf(job, setting, { back });
      expect(turn?.knob).toBe(wanted?.knob);
      expect(turn?.to).toBe(wanted?.to);
      if (turn !== null) turned.add(turn.knob);
    }
    expect(turned.size).toBeGreaterThan(1);
  });

  it('is the duty where the power cannot be turned', () => {
    const job = sampleJob({ thickness: 2 });
    const { setting } = suggestSetting(job);
    const alone = withAlone(job, setting, 'duty');
    expect(turnOf(alone, setting, { back: 'heavy' })).toMatchObject({ knob: 'duty' });
    expect(turnOf(alone, setting, { back: 'heavy' })?.to).toBeLessThan(1);
    // At its full there is no more of it.
    expect(turnOf(alone, setting, { back: 'none' })?.knob).not.toBe('duty');
    const half = turnKnob(setting, 'duty', 0.5);
    expect(turnOf(withAlone(job, half, 'duty'), half, { back: 'none' })?.to).toBeGreaterThan(0.5);
  });
});

describe('how far it is turned', () => {
  it('is no step further than to the middle of the window, and by a quarter at most', () => {
    const ends = { middle: 0, quarter: 0 };
    for (const { job, setting, back } of casesSeen) {
      const turn = turnOf(job, setting, { back });
      // Of more power than this not every step is tried.
      if (turn?.knob !== 'power' || setting.power > (24 * bench.power.step) / 0.25) continue;
      const isCold = back === 'none' || back === 'faint';
      const { aimed, prediction } = forecastWeld(job, setting);
      const middle = Math.sqrt(aimed.fullFrom * aimed.hotFrom);
      const isShort = (reach: number) => (isCold ? reach < middle : reach > middle);
      const reachAt = (power: number) =>
        (turn.reachBefore / prediction.reach) *
        forecastWeld(job, turnKnob(setting, 'power', power)).prediction.reach;
      const stepBefore = turn.to - (isCold ? 1 : -1) * bench.power.step;
      if (stepBefore !== turn.from) expect(isShort(reachAt(stepBefore))).toBe(true);
      if (!isShort(turn.reachAfter)) ends.middle += 1;
      else if (turn.to !== bench.power.most && turn.to !== bench.power.least) {
        ends.quarter += 1;
        expect(Math.abs(turn.to - turn.from * (isCold ? 1.25 : 0.75))).toBeLessThanOrEqual(7.5);
      }
    }
    expect(ends.middle).toBeGreaterThan(3);
    expect(ends.quarter).toBeGreaterThan(3);
  });

  it('promises the odds of the window as it is before and after', () => {
    for (const { job, setting } of cases) {
      const said = seen({ back: 'faint' });
      const turn = turnOf(job, setting, said);
      if (turn === null) continue;
      const forecast = forecastWeld(job, setting);
      const { sd } = seenCorrection(job, setting, forecast, said, 'cold');
      const after = forecastWeld(job, turn.setting).aimed;
      const { aimed } = forecast;
      expect(turn.chanceBefore).toBe(oddsWithin(turn.reachBefore, sd, aimed.fullFrom, aimed.hotFrom));
      expect(turn.chanceAfter).toBe(oddsWithin(turn.reachAfter, sd, after.fullFrom, after.hotFrom));
    }
  });

  it('is never to where this joint was holed the same way', () => {
    const job = sampleJob({ thickness: 2 });
    const cold = turnKnob(suggestSetting(job).setting, 'power', 600);
    const turn = turnOf(job, cold, { back: 'none' });
    if (turn?.knob !== 'power') throw new Error('the power is turned');
    const holed = holedAt(job, [turnKnob(cold, 'power', turn.to)]);
    const next = turnOf(holed, cold, { back: 'none' });
    if (next === null) throw new Error('something can be turned');
    expect(repeatsHole(holed, next.setting)).toBe(false);
    expect(repeatsHole(holed, turn.setting)).toBe(true);
  });
});

/** The job with a hole behind each of these. */
function holedAt(job: WeldJob, settings: readonly WeldSetting[]): WeldJob {
  const { machineId, gas, gunAngle } = sampleWeld;
  const tried = settings.map((setting) => ({ setting, even: 0, against: 1, holes: 1 }));
  return { ...job, evidence: { shop: shopEvidence(sampleWeld, []), machineId, gas, gunAngle, tried } };
}

describe('what is said', () => {
  const job = sampleJob();

  it('names every sign for either side where they disagree', () => {
    const said = seen({ face: ['sagging', 'undercut'], welding: ['keyholeShut', 'wireStuck'] });
    expect(dialInAdvice(job, sampleSetting, said)).toEqual({
      kind: 'repeat',
      why: 'a keyhole that stays shut, wire that sticks speak for too cold, a sagging face, undercut for too hot: weld it again and watch the pace.',
    });
  });

  it('names every sign of a weld to keep, and does not trust one of which nothing was seen', () => {
    expect(dialInAdvice(job, sampleSetting, seen({ back: 'even', welding: ['steadySound'] }))).toEqual({
      kind: 'keep',
      why: 'An even line behind, a steady sound: keep it, and weld it once more to be sure.',
    });
    expect(dialInAdvice(job, sampleSetting, seen({}))).toEqual({
      kind: 'keep',
      why: 'Nothing speaks against it. Look at what can be seen of it, or cut it, before you trust it.',
    });
  });

  it('names every sign of what is too cold', () => {
    const advice = dialInAdvice(job, sampleSetting, seen({ back: 'faint', welding: ['wireStuck'] }));
    expect(advice.kind === 'turn' && advice.why).toMatch(
      /^Only a faint line behind, wire that sticks: too cold\./,
    );
  });

  it.each([
    ['none', 'cold'],
    ['hole', 'hot'],
  ] as const)(
    'is that nothing is left, after a back that shows %s on a machine without a knob',
    (back, way) => {
      const setting: WeldSetting = {
        ...sampleSetting,
        wobble: { shape: 'none' },
        pace: { by: 'wire', diameter: mm(1), wireSpeed: mmPerSecond(10) },
      };
      const stuck = withAlone(sampleJob({ wire: mm(1) }), setting, 'travel');
      expect(dialInAdvice(stuck, setting, seen({ back }))).toEqual({
        kind: 'stuck',
        why: `Too ${way}, and every knob that helps is at its end on this machine.`,
      });
    },
  );
});

describe('the next coupon of a joint that was holed', () => {
  const job = sampleJob({ thickness: 2 });
  const { setting } = suggestSetting(job);

  it('never goes where a hole was made the same way', () => {
    const free = nextCoupons(job, setting);
    const holed = holedAt(job, [free.mostLikelyToLand.setting, free.teachesMost.setting, setting]);
    const { mostLikelyToLand, teachesMost } = nextCoupons(holed, setting);
    for (const idea of [mostLikelyToLand, teachesMost]) {
      expect(idea.turned).not.toBeNull();
      expect(repeatsHole(holed, idea.setting)).toBe(false);
    }
  });

  it('is the coolest of all where every turn was holed', () => {
    const shares = [0, -0.2, -0.1, -0.05, 0.05, 0.1, 0.2];
    const ideas = knobs.flatMap((knob) => {
      const from = knobValue(setting, knob);
      return from === null ? [] : shares.map((share) => turnKnob(setting, knob, from * (1 + share)));
    });
    const holed = holedAt(
      job,
      ideas.map((each) => turnKnob(each, 'power', bench.power.least)),
    );
    const { mostLikelyToLand, teachesMost } = nextCoupons(holed, setting);
    expect(teachesMost).toBe(mostLikelyToLand);
    const least = Math.min(...ideas.map((each) => forecastWeld(holed, each).expectedReach));
    // The ideas are in the machine's steps, these here are not.
    expect(teachesMost.forecast.expectedReach).toBeLessThan(1.05 * least);
    expect(repeatsHole(holed, teachesMost.setting)).toBe(true);
  });

  it('was made by the setting itself goes less deep, though another would teach more', () => {
    const hot = turnKnob(setting, 'power', 1500);
    const asked = [setting, hot, turnKnob(setting, 'power', 900)];
    const ideas = asked.map((each) => [nextCoupons(job, each), nextCoupons(job, each, true)] as const);
    for (const [i, [, { mostLikelyToLand, teachesMost }]] of ideas.entries()) {
      const made = forecastWeld(job, asked[i] as WeldSetting).expectedReach;
      for (const { forecast } of [mostLikelyToLand, teachesMost])
        expect(forecast.expectedReach).toBeLessThan(0.97 * made);
    }
    const isAnother = ideas.map(([free, held]) => free.teachesMost.teaches > held.teachesMost.teaches + 1e-6);
    expect(isAnother).toContain(true);
  });
});

describe('a look at a far side', () => {
  it('says more of the depth the further that side is', () => {
    const ratio = (second: number) => {
      const joint = { ...sheetJoint('tee', 2), secondThickness: mm(second) } as Joint;
      const job = sampleJob({ joint });
      return seenCorrection(
        job,
        sampleSetting,
        forecastWeld(job, sampleSetting),
        seen({ toes: 'shows' }),
        'hot',
      ).lnRatio;
    };
    expect(ratio(3)).toBeGreaterThan(ratio(1) + 0.1);
  });
});
