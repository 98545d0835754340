import { shopEvidence } from '../evidence/index.js';
import { degree, fraction, mm, second, watt } from '../quantity/index.js';
import { sampleJob, sampleSetting, sampleWeld, sheetJoint } from '../testing/sampleJobs.js';
import { changedJob, triedSettings, type JobChange, type WeldJob } from './index.js';

const { machineId, gas } = sampleWeld;
const job: WeldJob = {
  ...sampleJob({ thickness: 3 }),
  evidence: {
    ...{ shop: shopEvidence(sampleWeld, []), machineId, gas, gunAngle: degree(30) },
    tried: triedSettings([{ setting: sampleSetting, verdict: 'hole' }]),
  },
};
const bevel = { land: mm(1), includedAngle: degree(60) };
const lap: WeldJob['joint'] = {
  ...{ kind: 'lap', firstThickness: mm(3), secondThickness: mm(1), gap: mm(0.1) },
};

describe('a job with one change made', () => {
  it.each<[JobChange, Partial<WeldJob>]>([
    [{ kind: 'wire', diameter: mm(1) }, { wireDiameter: mm(1) }],
    [{ kind: 'wire', diameter: null }, { wireDiameter: null }],
    [{ kind: 'share', share: fraction(0.6) }, { aim: { kind: 'share', share: fraction(0.6) } }],
    [
      { kind: 'machine', power: watt(2000) },
      { machine: { ...job.machine, power: { ...job.machine.power, most: watt(2000) } } },
    ],
    [{ kind: 'bothSides' }, { runs: 2 }],
    [{ kind: 'gap', gap: mm(0.05) }, { joint: { ...job.joint, gap: mm(0.05) } as WeldJob['joint'] }],
    [{ kind: 'bevel', ...bevel }, { joint: { ...job.joint, bevel } as WeldJob['joint'] }],
    [{ kind: 'leg', leg: mm(2) }, {}],
    [{ kind: 'hole', holeDiameter: mm(5) }, {}],
  ])('%j', (change, changed) => {
    const after = changedJob(job, change);
    expect(after).toEqual({ ...job, ...changed, evidence: { ...job.evidence, tried: [] } });
    expect(changedJob(sampleJob({ thickness: 3 }), change)).not.toHaveProperty('evidence');
  });

  it('changes the size that its joint has, under a tack too', () => {
    const after = (joint: WeldJob['joint'], change: JobChange) => changedJob({ ...job, joint }, change).joint;
    const tee = sheetJoint('tee', 2);
    expect(after(tee, { kind: 'leg', leg: mm(1.5) })).toEqual({ ...tee, leg: mm(1.5) });
    expect(after(tee, { kind: 'bothSides', leg: mm(1) })).toEqual({ ...tee, sides: 2, leg: mm(1) });
    expect(after(tee, { kind: 'bothSides' })).toEqual({ ...tee, sides: 2 });
    expect(after(tee, { kind: 'bevel', ...bevel })).toEqual(tee);
    const plug = sheetJoint('plug', 2);
    expect(after(plug, { kind: 'hole', holeDiameter: mm(6) })).toEqual({ ...plug, holeDiameter: mm(6) });
    expect(after(lap, { kind: 'swapSheets' })).toEqual({
      ...lap,
      ...{ firstThickness: mm(1), secondThickness: mm(3) },
    });
    const tack = { kind: 'tack', on: tee, length: mm(3), lightOn: second(0.5) } as WeldJob['joint'];
    expect(after(tack, { kind: 'leg', leg: mm(1.5) })).toEqual({ ...tack, on: { ...tee, leg: mm(1.5) } });
  });
});
