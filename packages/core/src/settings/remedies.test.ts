import { findMetal } from '../metal/index.js';
import { inMm, mm, watt, type Metre } from '../quantity/index.js';
import { bench, sampleJob, type SaidJob } from '../testing/sampleJobs.js';
import { aimFromBothSides, suggestSetting, type JobChange, type WeldJob } from './index.js';

/** The job with a remedy's change made, as the interface makes it. */
function changed(job: WeldJob, change: JobChange): WeldJob {
  const { joint } = job;
  switch (change.kind) {
    case 'bothSides':
      return joint.kind === 'tee'
        ? { ...job, joint: { ...joint, sides: 2 } }
        : { ...job, aim: aimFromBothSides(job.aim) };
    case 'bevel':
      return joint.kind === 'butt' ? { ...job, joint: { ...joint, bevel: change } } : job;
    case 'gap':
      return joint.kind === 'tack' ? job : { ...job, joint: { ...joint, gap: change.gap } };
    case 'leg':
      return 'leg' in joint ? { ...job, joint: { ...joint, leg: change.leg } } : job;
    case 'hole':
      return joint.kind === 'plug' ? { ...job, joint: { ...joint, holeDiameter: change.holeDiameter } } : job;
    case 'swapSheets':
      return joint.kind === 'tack'
        ? job
        : {
            ...job,
            joint: { ...joint, firstThickness: joint.secondThickness, secondThickness: joint.firstThickness },
          };
    case 'wire':
      return { ...job, wireDiameter: change.diameter };
    case 'share':
      return { ...job, aim: { kind: 'share', share: change.share } };
    case 'machine':
      return { ...job, machine: { ...job.machine, power: { ...job.machine.power, most: change.power } } };
    case 'backing':
      return job;
  }
}

const wireOf = (job: WeldJob, diameter: Metre) => ({ ...job, wireDiameter: diameter });

describe('remedies that can be tried', () => {
  const impossible: readonly [string, SaidJob][] = [
    ['a butt too thick', { thickness: 8 }],
    [
      'a lap with the thick sheet on top',
      { joint: { kind: 'lap', firstThickness: mm(7), secondThickness: mm(2), gap: mm(0) } },
    ],
    [
      'a leg too large',
      {
        joint: {
          kind: 'insideCorner',
          firstThickness: mm(3),
          secondThickness: mm(3),
          gap: mm(0),
          leg: mm(9),
        },
      },
    ],
    ['a gap too wide', { thickness: 1, gap: 0.6, wire: mm(0.8) }],
  ];
  it.each(impossible)('%s: each does what it says, and the first brings the weld home', (_, said) => {
    const job = sampleJob(said);
    const { shortfall, forecast } = suggestSetting(job);
    const changes = (shortfall?.remedies ?? []).flatMap(({ change }) => (change === null ? [] : [change]));
    expect(changes.length).toBeGreaterThan(0);
    for (const change of changes) {
      const after = suggestSetting(changed(job, change));
      // Asking for less is another question: its answer is that nothing stands in the way of it.
      if (change.kind === 'share') expect(after.shortfall).toBeNull();
      else if (change.kind !== 'backing') expect(after.forecast.chance).toBeGreaterThan(forecast.chance);
    }
    expect(suggestSetting(changed(job, changes[0] as JobChange)).shortfall).toBeNull();
  });

  it('takes thinner wire where a thick one drinks all the heat, and never a diameter nobody has', () => {
    const weak = { ...bench, power: { least: watt(150), most: watt(300), step: 15 } };
    const job = sampleJob({ thickness: 2, gap: 0.8, wire: mm(1.6), machine: weak });
    const { shortfall } = suggestSetting(job);
    const wires = shortfall?.remedies.flatMap(({ change }) => (change?.kind === 'wire' ? [change] : []));
    expect(shortfall?.obstacle).toContain('cold wire');
    expect(wires?.map(({ diameter }) => (diameter === null ? null : inMm(diameter)))).toEqual([1.2, null]);
  });
});

describe('two metals', () => {
  const pairJob = (first: 'lowCarbonSteel', second: 'stainless304' | 'aluminium5052'): WeldJob => ({
    ...sampleJob({ metal: first, gap: 0 }),
    pair: [findMetal(first), findMetal(second)],
  });

  it('refuses a pair that does not weld by melting, whatever the setting', () => {
    const { shortfall } = suggestSetting(wireOf(pairJob('lowCarbonSteel', 'aluminium5052'), mm(1)));
    expect(shortfall?.obstacle).toContain('do not weld by melting');
    expect(shortfall?.remedies.every(({ change }) => change === null)).toBe(true);
  });

  it('asks for wire where the mix turns hard, names it, and is content with it', () => {
    const job = pairJob('lowCarbonSteel', 'stainless304');
    const { shortfall } = suggestSetting(job);
    expect(shortfall?.remedies[0]?.words).toContain('309L');
    expect(suggestSetting(wireOf(job, mm(1))).shortfall).toBeNull();
  });
});

it('welded from both sides each run aims short of the back, and a share stays as it was', () => {
  expect(aimFromBothSides({ kind: 'leastHeat' }).kind).toBe('share');
  const half = { kind: 'share', share: 0.5 as never } as const;
  expect(aimFromBothSides(half)).toBe(half);
});
