import { stepCount, valueAtStep } from '../machine/index.js';
import { mm } from '../quantity/index.js';
import { sampleJob, type SaidJob } from '../testing/sampleJobs.js';
import { forecastWeld, knobEffect, knobRange, knobs, knobValue, suggestSetting, turnKnob } from './index.js';

describe('the usable band', () => {
  const jobs: readonly SaidJob[] = [
    {},
    { thickness: 3, metal: 'lowCarbonSteel' },
    { metal: 'aluminium5052', thickness: 2 },
    { thickness: 2, gap: 0.2, wire: mm(1) },
    { thickness: 3, aim: { kind: 'share', share: 0.7 as never } },
  ];

  it.each(jobs)('of every knob ends where trying each step says, for %j', (said) => {
    const job = sampleJob(said);
    const { setting } = suggestSetting(job);
    for (const knob of knobs) {
      const range = knobRange(job.machine, knob);
      const value = knobValue(setting, knob);
      if (range === null || value === null) continue;
      const lands = (at: number) => {
        const { expectedReach, aimed } = forecastWeld(job, turnKnob(setting, knob, at));
        return expectedReach >= aimed.fullFrom && expectedReach <= aimed.hotFrom;
      };
      const steps = Array.from({ length: stepCount(range) + 1 }, (_, i) => valueAtStep(range, i)).filter(
        (at) => at > 0,
      );
      let [low, high] = [value, value];
      for (const at of [...steps].reverse())
        if (at < value && lands(at) && low - at < 2 * range.step) low = at;
      for (const at of steps) if (at > value && lands(at) && at - high < 2 * range.step) high = at;
      const usable = knobEffect(job, setting, knob)?.usable;
      expect([knob, usable?.from, usable?.to]).toEqual([
        knob,
        expect.closeTo(low, 9),
        expect.closeTo(high, 9),
      ]);
    }
  });
});
