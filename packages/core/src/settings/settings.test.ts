import fc from 'fast-check';
import type { MetalId } from '../metal/index.js';
import { stepCount, valueAtStep } from '../machine/index.js';
import { fraction, hertz, inMm, mm, mmPerSecond, watt } from '../quantity/index.js';
import { bench, sampleJob, type SaidJob } from '../testing/sampleJobs.js';
import { wireDiameterFor } from '../wire/index.js';
import {
  forecastWeld,
  knobEffect,
  knobs,
  knobValue,
  obstacleWords,
  settingReasons,
  settingWarnings,
  solvePower,
  suggestSetting,
  tryRemedies,
  turnKnob,
} from './index.js';

type Said = SaidJob;
const job = sampleJob;

describe('suggestSetting', () => {
  it('gives an even line one time in two on steel before any coupon, and goes through without a hole in two of three', () => {
    for (const metal of ['lowCarbonSteel', 'stainless304'] as const) {
      const { setting, forecast, obstacle, keptFor } = suggestSetting(job({ metal, gap: 0 }));
      expect(forecast.evenChance).toBeGreaterThan(0.48);
      expect(forecast.soundChance).toBeGreaterThan(0.63);
      expect(forecast.outcome).toBe('full');
      expect(obstacle).toBeNull();
      expect(keptFor).toBeNull();
      expect((setting.power - 150) % 15).toBe(0);
      expect(forecast.travel * 1000).toBeGreaterThanOrEqual(5);
      expect(forecast.travel * 1000).toBeLessThanOrEqual(20);
    }
  });

  it('lets the wire set the pace, in the feeder’s steps', () => {
    const { setting, forecast } = suggestSetting(job({ wire: mm(0.8) }));
    expect(setting.pace.by).toBe('wire');
    if (setting.pace.by !== 'wire' || setting.wobble.shape === 'none') return;
    const laid = (Math.PI / 4) * 0.64 * setting.pace.wireSpeed * 1000;
    const bead = inMm(setting.wobble.width) + 0.18;
    const [crown, root] = [(2 / 3) * bead * 0.225, (2 / 3) * (bead / 2) * 0.1125];
    expect(forecast.travel * 1000).toBeCloseTo(laid / (0.1 * 1.5 + crown + root), 6);
    expect((setting.pace.wireSpeed * 1000 - 2) / (10 / 60)).toBeCloseTo(
      Math.round((setting.pace.wireSpeed * 1000 - 2) / (10 / 60)),
      6,
    );
  });

  it('gives the same answer each time', () => {
    expect(suggestSetting(job())).toEqual(suggestSetting(job()));
  });

  it('is cooler when asked for least heat', () => {
    const plain = suggestSetting(job());
    const cool = suggestSetting(job({ aim: { kind: 'leastHeat' } }));
    expect(cool.forecast.heat).toBeLessThan(0.9 * plain.forecast.heat);
    expect(cool.forecast.evenChance).toBeGreaterThan(plain.forecast.evenChance - 0.05);
  });

  it('stops at a share of the thickness where the sheet is no thinner than its bead', () => {
    const { forecast, setting } = suggestSetting(
      job({ thickness: 3, aim: { kind: 'share', share: fraction(0.7) } }),
    );
    expect(forecast.prediction.reach).toBeGreaterThan(0.7);
    expect(forecast.prediction.reach).toBeLessThan(0.7 * 1.35);
    expect(setting.wobble.shape === 'none' ? 0 : inMm(setting.wobble.width) + 0.18).toBeLessThanOrEqual(3);
    expect(() =>
      suggestSetting(job({ thickness: 0.6, aim: { kind: 'share', share: fraction(0.7) } })),
    ).toThrow(/share of the thickness on 0.6 mm sheet/);
    expect(() => suggestSetting(job({ aim: { kind: 'share', share: fraction(0.2) } }))).toThrow(
      'allowed is 50 to 90 %',
    );
  });

  it('narrows the sweep only where the machine is short of reach', () => {
    const easy = suggestSetting(job({ thickness: 1.5 }));
    const thick = job({ metal: 'aluminium5052', thickness: 3.5 });
    const hard = suggestSetting(thick);
    expect(knobValue(easy.setting, 'wobbleWidth')).toBeCloseTo(0.002, 9);
    expect(knobValue(hard.setting, 'wobbleWidth')).toBeLessThan(0.003);
    expect(settingReasons(thick, hard).wobbleWidth).toContain('narrower');
  });

  it('says what stands in the way where the machine is too weak, and what was tried and does it', () => {
    const hard = job({ thickness: 6 });
    const best = suggestSetting(hard);
    expect(best.setting.power).toBe(1500);
    expect(obstacleWords(hard, best)).toMatch(
      /At its full 1500 W this machine melts \d\.\d mm, \d+ % of the way through/,
    );
    const kinds = tryRemedies(hard, best).map(({ change }) => change.kind);
    expect(kinds).toEqual(expect.arrayContaining(['bothSides', 'bevel', 'machine']));
  });

  it('names the least machine that does it: 50 W less does not', () => {
    const hard = job({ thickness: 6 });
    const best = suggestSetting(hard);
    const named = tryRemedies(hard, best).flatMap(({ change }) =>
      change.kind === 'machine' ? [change.power] : [],
    )[0];
    const withPower = (power: number) =>
      suggestSetting(
        job({ thickness: 6, machine: { ...bench, power: { ...bench.power, most: watt(power) } } }),
      );
    expect(withPower(named ?? 0).obstacle).toBeNull();
    expect(withPower((named ?? 0) - 50).obstacle).not.toBeNull();
  });

  it('goes quicker, then trims the duty, before it says that the least is too much', () => {
    const strong = { ...bench, power: { least: watt(700), most: watt(3000), step: 20 } };
    const thin = suggestSetting(job({ thickness: 0.8, gap: 0, machine: strong }));
    expect(thin.obstacle).toBeNull();
    expect(thin.forecast.travel * 1000).toBeGreaterThan(10);
    const thinner = suggestSetting(job({ thickness: 0.5, gap: 0, machine: strong }));
    expect(thinner.obstacle).toBeNull();
    expect(thinner.setting.duty).toBeLessThan(1);
    const { duty, ...untrimmed } = strong;
    expect(duty).toBeDefined();
    const tooThin = job({ thickness: 0.4, gap: 0, machine: untrimmed });
    expect(obstacleWords(tooThin, suggestSetting(tooThin))).toMatch(
      /^Even at 700 W and \d+ mm\/s this machine melts too much/,
    );
  });

  it('says so when the gap is too wide', () => {
    const open = job({ thickness: 1, gap: 0.6 });
    expect(obstacleWords(open, suggestSetting(open))).toContain('half the sheet or more');
  });

  it('refuses wire without a feeder, a gap wider than the sheet and sheet out of range', () => {
    expect(() => suggestSetting(job({ wire: mm(1), machine: { ...bench, wireSpeed: null } }))).toThrow(
      'it has no feeder',
    );
    expect(() => suggestSetting(job({ gap: 3 }))).toThrow('gap 3 mm: allowed is 0 to 1.5 mm');
    expect(() => suggestSetting(job({ thickness: 400 }))).toThrow(
      'thickness 400 mm: allowed is 0.3 to 12 mm',
    );
  });
});

describe('solvePower', () => {
  it('finds what trying every step finds', () => {
    const said = fc.record({
      metal: fc.constantFrom<MetalId>('lowCarbonSteel', 'stainless304', 'aluminium5052'),
      thickness: fc.double({ min: 0.5, max: 5, noNaN: true }),
      travel: fc.double({ min: 5, max: 16, noNaN: true }),
      width: fc.double({ min: 0.5, max: 3.5, noNaN: true }),
    });
    fc.assert(
      fc.property(said, ({ metal, thickness, travel, width }) => {
        const one = job({ metal, thickness, gap: 0 });
        const rest = {
          duty: fraction(1),
          wobble: { shape: 'sideToSide' as const, width: mm(width), frequency: hertz(60) },
          pace: { by: 'hand' as const, travel: mmPerSecond(travel) },
        };
        const losses = Array.from(
          { length: stepCount(bench.power) + 1 },
          (_, step) => forecastWeld(one, { ...rest, power: valueAtStep(bench.power, step) }).loss,
        );
        expect(solvePower(one, rest).loss).toBeLessThanOrEqual(Math.min(...losses) + 0.002);
      }),
      { numRuns: 60 },
    );
  });
});

describe('knobs', () => {
  const wired = job({ wire: wireDiameterFor(mm(1.5)).diameter });
  const { setting } = suggestSetting(wired);

  it('turn and read back', () => {
    for (const knob of knobs) {
      const value = knobValue(setting, knob);
      if (value !== null)
        expect(knobValue(turnKnob(setting, knob, value * 0.8), knob)).toBeCloseTo(value * 0.8, 12);
    }
    expect(knobValue(turnKnob(setting, 'duty', 1.3), 'duty')).toBe(1);
    expect(knobValue(setting, 'travel')).toBeNull();
    expect(turnKnob(setting, 'travel', 1)).toBe(setting);
    expect(knobValue({ ...setting, wobble: { shape: 'none' } }, 'wobbleRate')).toBeNull();
  });

  it('say what ten per cent more does: deeper for power, shallower for rate', () => {
    expect(knobEffect(wired, setting, 'power')?.depthForTenPercent).toBeGreaterThan(0);
    expect(knobEffect(wired, setting, 'wobbleRate')?.depthForTenPercent).toBeLessThanOrEqual(0);
    expect(knobEffect(wired, setting, 'travel')).toBeNull();
  });

  it('have a usable band that holds the suggestion and lands at both ends', () => {
    const usable = knobEffect(wired, setting, 'power')?.usable;
    expect(usable?.from).toBeLessThan(setting.power);
    expect(usable?.to).toBeGreaterThan(setting.power);
    for (const power of [usable?.from, usable?.to]) {
      const { prediction, aimed } = forecastWeld(wired, turnKnob(setting, 'power', power as number));
      expect(prediction.reach).toBeGreaterThanOrEqual(aimed.fullFrom);
      expect(prediction.reach).toBeLessThanOrEqual(aimed.hotFrom);
    }
  });

  it('have no usable band where nothing lands', () => {
    const hopeless = job({ thickness: 10 });
    expect(knobEffect(hopeless, suggestSetting(hopeless).setting, 'power')?.usable).toBeNull();
  });
});

describe('warnings', () => {
  const warn = (
    said: Said,
    change: (s: ReturnType<typeof suggestSetting>['setting']) => ReturnType<typeof suggestSetting>['setting'],
  ) => {
    const one = job(said);
    const turned = change(suggestSetting(one).setting);
    return settingWarnings(one, turned, forecastWeld(one, turned)).join(' ');
  };

  it('stay silent on an ordinary setting', () => {
    expect(warn({}, (s) => s)).toBe('');
  });

  it.each<[string, Said, Parameters<typeof warn>[1]]>([
    ['zigzag', {}, (s) => turnKnob(s, 'wobbleRate', 15)],
    [
      'of the heat: thinner wire',
      { wire: mm(1.6) },
      (s) => turnKnob(turnKnob(s, 'power', 400), 'wireSpeed', 0.008),
    ],
    ['nothing is left', { wire: mm(1.6) }, (s) => turnKnob(turnKnob(s, 'power', 150), 'wireSpeed', 0.05)],
    ['easily misses the joint', {}, (s) => ({ ...s, wobble: { shape: 'none' } })],
    ['leaves the bead hollow', { gap: 0.4 }, (s) => s],
    ['at its most', {}, (s) => turnKnob(s, 'power', 1500)],
    ['faster than a hand', {}, (s) => turnKnob(s, 'travel', 0.025)],
    ['is slow', {}, (s) => turnKnob(s, 'travel', 0.003)],
  ])('say “%s”', (words, said, change) => {
    expect(warn(said, change)).toContain(words);
  });
});
