import { sampleJob } from '../testing/sampleJobs.js';
import { easeOff, suggestSetting } from './index.js';

describe('easing off', () => {
  const job = sampleJob();
  const { setting } = suggestSetting(job);

  it('wins colour and warp and pays in reach, more with every ease', () => {
    const [one, three] = [easeOff(job, setting, 1), easeOff(job, setting, 3)];
    for (const { straw, shrinkage, reach, heatLeft } of [one, three]) {
      expect(straw?.after ?? 0).toBeLessThan(straw?.before ?? 0);
      expect(shrinkage.after).toBeLessThan(shrinkage.before);
      expect(reach.after).toBeLessThan(reach.before);
      expect(heatLeft).toBeLessThan(1);
    }
    expect(three.reach.after).toBeLessThan(one.reach.after);
    expect(three.powerLess).toBeCloseTo(0.15, 1);
  });

  it('turns at least a step of the knob, stops at its least, and tells no colour of aluminium', () => {
    const coarse = { ...job.machine, power: { ...job.machine.power, step: 150 } };
    expect(easeOff({ ...job, machine: coarse }, { ...setting, power: 900 as never }, 1).setting.power).toBe(
      750,
    );
    expect(easeOff(job, setting, 30).setting.power).toBe(150);
    const soft = sampleJob({ metal: 'aluminium5052' });
    expect(easeOff(soft, suggestSetting(soft).setting, 1).straw).toBeNull();
  });
});
