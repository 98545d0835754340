import fc from 'fast-check';
import { snapToKnob, stepCount, valueAtStep } from '../machine/index.js';
import { metre, mm, second } from '../quantity/index.js';
import { bench, sampleJob } from '../testing/sampleJobs.js';
import {
  forecastWeld,
  knobRange,
  knobValue,
  suggestHolding,
  suggestSetting,
  turnKnob,
  type Knob,
} from './index.js';

describe('a held knob', () => {
  const jobs = [
    sampleJob(),
    sampleJob({ metal: 'aluminium5052', thickness: 2 }),
    sampleJob({ thickness: 2, gap: 0.2, wire: mm(1) }),
    sampleJob({ metal: 'lowCarbonSteel', thickness: 3, aim: { kind: 'wideForgiving' } }),
  ].map((job) => ({ job, start: suggestSetting(job).setting }));
  const holdable: readonly Knob[] = ['power', 'wobbleWidth', 'wobbleRate', 'wireSpeed', 'travel'];

  it('stays exactly where it is held, and the rest costs no more than before it adapted', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...jobs),
        fc.constantFrom(...holdable),
        fc.double({ min: 0, max: 1, noNaN: true }),
        ({ job, start }, knob, share) => {
          const range = knobRange(job.machine, knob);
          if (range === null || knobValue(start, knob) === null) return;
          const value = valueAtStep(range, Math.max(1, Math.round(share * stepCount(range))));
          const { setting, loss } = suggestHolding(job, start, { [knob]: value });
          expect(knobValue(setting, knob)).toBeCloseTo(value, 12);
          const unadapted = forecastWeld(job, turnKnob(start, knob, value));
          if (job.aim.kind === 'reach') expect(loss).toBeLessThanOrEqual(unadapted.loss + 0.02 + 1e-9);
        },
      ),
      { numRuns: 120 },
    );
  });

  it('adapts power to a slow hand, and pace to a strong light', () => {
    const job = sampleJob();
    const { setting: start } = suggestSetting(job);
    const slow = suggestHolding(job, start, { travel: 0.005 });
    expect(slow.setting.power).toBeLessThan(start.power);
    const strong = suggestHolding(job, start, { power: 1200 });
    expect(strong.loss).toBeLessThan(forecastWeld(job, turnKnob(start, 'power', 1200)).loss);
  });

  it('makes up for a strong light by the hand alone where the sweep is held too', () => {
    const job = sampleJob();
    const { setting: start } = suggestSetting(job);
    const [width, rate] = [knobValue(start, 'wobbleWidth') ?? NaN, knobValue(start, 'wobbleRate') ?? NaN];
    const { setting } = suggestHolding(job, start, { power: 900, wobbleWidth: width, wobbleRate: rate });
    expect(setting.wobble).toEqual(start.wobble);
    expect(setting.pace.by).toBe('hand');
    // As fast as its aim is tried at.
    expect(knobValue(setting, 'travel')).toBeCloseTo(0.01, 9);
    const slow = suggestHolding(job, start, { power: 600, wobbleWidth: width, wobbleRate: rate });
    expect(knobValue(slow.setting, 'travel')).toBeLessThan(knobValue(start, 'travel') ?? 0);
  });

  it('tries the sweep in its shares, on the knob’s steps and never none', () => {
    const job = sampleJob();
    const { setting: start } = suggestSetting(job);
    const { wobbleWidth: range } = bench;
    const from = knobValue(start, 'wobbleWidth') ?? NaN;
    const shares = [1.5, 1.25, 1, 0.8, 0.6, 0.4].map((by) => snapToKnob(range, metre(from * by)));
    const found = [300, 450, 600, 800, 1000, 1500].map(
      (power) => knobValue(suggestHolding(job, start, { power }).setting, 'wobbleWidth') ?? NaN,
    );
    for (const width of found)
      expect(Math.min(...shares.map((each) => Math.abs(each - width)))).toBeLessThan(1e-9);
    expect(new Set(found).size).toBeGreaterThan(2);
    const hair = turnKnob(start, 'wobbleWidth', 0.1e-3);
    for (const power of [300, 900])
      expect(knobValue(suggestHolding(job, hair, { power }).setting, 'wobbleWidth')).toBeGreaterThanOrEqual(
        0.1e-3 - 1e-12,
      );
  });

  it('turns nothing that need not be turned where the start lands as surely', () => {
    const job = sampleJob();
    const { setting: start } = suggestSetting(job);
    expect(suggestHolding(job, start, {}).setting.wobble).toEqual(start.wobble);
    expect(suggestHolding(job, start, { power: start.power }).setting).toEqual(start);
  });

  it('keeps every other knob inside the machine and on its steps', () => {
    const { job, start } = jobs[2] as (typeof jobs)[0];
    const { setting } = suggestHolding(job, start, { power: 1400 });
    expect(setting.pace.by).toBe('wire');
    const wireSpeed = knobValue(setting, 'wireSpeed') ?? 0;
    const range = bench.wireSpeed ?? { least: 0, most: 0, step: 1 };
    expect(
      Math.abs(Math.round((wireSpeed - range.least) / range.step) * range.step + range.least - wireSpeed),
    ).toBeLessThan(1e-9);
  });

  it('keeps a tack’s time, and a sweep that is held at none', () => {
    const on = { kind: 'butt', firstThickness: mm(1), secondThickness: mm(1), gap: mm(0) } as const;
    const tack = sampleJob({ joint: { kind: 'tack', on, length: mm(3), lightOn: second(0.5) } });
    const { setting } = suggestSetting(tack);
    expect(suggestHolding(tack, setting, { power: 600 }).setting.pace).toEqual(setting.pace);
    const straight = { ...setting, wobble: { shape: 'none' } as const };
    expect(suggestHolding(tack, straight, { wobbleWidth: 0.003 }).setting.wobble).toEqual({ shape: 'none' });
  });
});
