import { metre } from '../quantity/index.js';
import { sampleJob, sampleSetting } from '../testing/sampleJobs.js';
import { expectedDepth } from './expectedDepth.js';
import { forecastWeld } from './forecastWeld.js';
import { matchDepth } from './matchDepth.js';

describe('a setting for a wanted depth', () => {
  it.each([0.0008, 0.0012, 0.0016, 0.002])('comes within a step of %p m', (depth) => {
    const job = sampleJob();
    const { setting, forecast } = matchDepth(job, sampleSetting, metre(depth));
    const reached = expectedDepth(forecast);
    for (const step of [-1, 1]) {
      const beside = {
        ...setting,
        power: (setting.power + step * job.machine.power.step) as typeof setting.power,
      };
      const other = expectedDepth(forecastWeld(job, beside));
      expect(Math.abs(Math.log(reached / depth))).toBeLessThanOrEqual(Math.abs(Math.log(other / depth)));
    }
  });

  it('takes all there is where that is not enough, and the least where that is too much', () => {
    const { power } = sampleJob().machine;
    expect(matchDepth(sampleJob(), sampleSetting, metre(0.05)).setting.power).toBe(power.most);
    expect(matchDepth(sampleJob(), sampleSetting, metre(1e-6)).setting.power).toBe(power.least);
  });
});
