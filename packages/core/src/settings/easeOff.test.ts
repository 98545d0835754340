import { mm } from '../quantity/index.js';
import { sampleJob } from '../testing/sampleJobs.js';
import { easeOff, finishNotes, forecastWeld, suggestSetting, weldConsequences } from './index.js';

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

describe('limits for food and colour', () => {
  const notes = (limit: 'food' | 'colour', said: Parameters<typeof sampleJob>[0] = {}) => {
    const job = sampleJob(said);
    const { setting } = suggestSetting(job);
    return finishNotes(limit, job, weldConsequences(job, setting, forecastWeld(job, setting)));
  };

  it('says how wide the colour goes past straw, and that it must come off for food', () => {
    expect(notes('colour')[0]).toMatch(/Colour goes past straw over \d+\.\d mm/);
    expect(notes('food')).toEqual([expect.stringContaining('passivate')]);
  });

  it('warns of crevices and of metals nobody eats from', () => {
    const lap = { kind: 'lap', firstThickness: mm(1), secondThickness: mm(1), gap: mm(0) } as const;
    const said = notes('food', { metal: 'lowCarbonSteel', joint: lap }).join(' ');
    expect(said).toContain('Dirt stays between');
    expect(said).toContain('low-carbon steel is seldom taken for food');
    expect(notes('colour', { metal: 'aluminium5052' })).toEqual([]);
  });
});
