import { hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import { bench, sampleJob, sampleSetting } from '../testing/sampleJobs.js';
import { isOnMachine, turnKnob, type WeldSetting } from './index.js';

const job = sampleJob();
const wiredJob = sampleJob({ wire: mm(1) });
const { duty, ...untrimmed } = bench;
const wired = (wireSpeed: number, diameter = 1): WeldSetting => ({
  ...sampleSetting,
  pace: { by: 'wire', diameter: mm(diameter), wireSpeed: mmPerSecond(wireSpeed) },
});
const swept = (shape: 'sideToSide' | 'infinity' | 'circle'): WeldSetting => ({
  ...sampleSetting,
  wobble: { shape: shape as 'circle', width: mm(2), frequency: hertz(60) },
});

describe('whether a setting can be dialled here', () => {
  it.each<[string, typeof job, WeldSetting, boolean]>([
    ['as suggested', job, sampleSetting, true],
    ['at the least and the most power', job, turnKnob(sampleSetting, 'power', 150), true],
    ['over the most power', job, turnKnob(sampleSetting, 'power', 1501), false],
    ['at the most power', job, { ...sampleSetting, power: watt(1500) }, true],
    ['under the least power', job, turnKnob(sampleSetting, 'power', 149), false],
    ['at the widest sweep', job, turnKnob(sampleSetting, 'wobbleWidth', 4e-3), true],
    ['wider than it sweeps', job, turnKnob(sampleSetting, 'wobbleWidth', 4.1e-3), false],
    ['slower than it sweeps', job, turnKnob(sampleSetting, 'wobbleRate', 9), false],
    ['without a sweep', job, { ...sampleSetting, wobble: { shape: 'none' } }, true],
    ['with a shape it has', job, swept('circle'), true],
    [
      'with a shape it has not',
      { ...job, machine: { ...bench, wobbleShapes: ['sideToSide'] } },
      swept('circle'),
      false,
    ],
    ['at a pace no panel knows', job, turnKnob(sampleSetting, 'travel', 0.5), true],
    ['trimmed', job, turnKnob(sampleSetting, 'duty', 0.5), true],
    ['trimmed under the least', job, turnKnob(sampleSetting, 'duty', 0.2), false],
    [
      'trimmed where nothing trims',
      { ...job, machine: untrimmed },
      turnKnob(sampleSetting, 'duty', 0.5),
      false,
    ],
    ['full where nothing trims', { ...job, machine: untrimmed }, sampleSetting, true],
    ['with wire in a job without', job, wired(20), false],
    ['without wire in a job with it', wiredJob, sampleSetting, false],
    ['with the job’s wire', wiredJob, wired(20), true],
    ['with another wire', wiredJob, wired(20, 1.2), false],
    ['with wire faster than the feeder', wiredJob, wired(61), false],
    ['with wire and no feeder', { ...wiredJob, machine: { ...bench, wireSpeed: null } }, wired(20), false],
  ])('%s', (_, one, setting, can) => {
    expect(duty).toBeDefined();
    expect(isOnMachine(one, setting)).toBe(can);
  });
});
