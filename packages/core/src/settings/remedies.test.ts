import { findMetal } from '../metal/index.js';
import { mm, watt, type Metre } from '../quantity/index.js';
import { bench, sampleJob, type SaidJob } from '../testing/sampleJobs.js';
import { wireDiameters } from '../wire/index.js';
import { changedJob, obstacleWords, suggestSetting, tryRemedies, type WeldJob } from './index.js';

const wireOf = (job: WeldJob, diameter: Metre) => ({ ...job, wireDiameter: diameter });

describe('remedies that can be tried', () => {
  const impossible: readonly [string, SaidJob][] = [
    ['a butt too thick', { thickness: 8 }],
    [
      'a lap with the thick sheet on top',
      {
        metal: 'aluminium5052',
        joint: { kind: 'lap', firstThickness: mm(4), secondThickness: mm(1), gap: mm(0) },
      },
    ],
    [
      'a leg too large',
      {
        joint: {
          kind: 'insideCorner',
          firstThickness: mm(5),
          secondThickness: mm(5),
          gap: mm(0),
          leg: mm(4),
        },
        wire: mm(1.6),
      },
    ],
    ['a gap too wide', { thickness: 1, gap: 0.6, wire: mm(0.8) }],
  ];
  it.each(impossible)(
    '%s: each lowers the loss and does what it said, the first brings the weld home',
    (_, said) => {
      const job = sampleJob(said);
      const best = suggestSetting(job);
      const remedies = tryRemedies(job, best);
      expect(remedies.length).toBeGreaterThan(0);
      expect(remedies[0]?.lands).toBe(true);
      for (const { change, after, before, loss, lands } of remedies) {
        const found = suggestSetting(changedJob(job, change));
        expect(found.loss).toBeLessThan(best.loss);
        expect(found.loss).toBe(loss);
        expect(found.obstacle === null).toBe(lands);
        expect(after.evenChance).toBe(found.forecast.evenChance);
        expect(before.soundChance).toBe(best.forecast.soundChance);
      }
    },
  );

  it('are none where nothing stands in the way, and none where nothing helps', () => {
    const easy = sampleJob();
    expect(tryRemedies(easy, suggestSetting(easy))).toEqual([]);
    const weak = { ...bench, power: { least: watt(50), most: watt(100), step: 5 } };
    const lap = { kind: 'lap', firstThickness: mm(12), secondThickness: mm(12), gap: mm(0) } as const;
    const hopeless = sampleJob({ joint: lap, metal: 'copper', machine: weak });
    const best = suggestSetting(hopeless);
    expect(best.obstacle).toBe('tooShallow');
    expect(tryRemedies(hopeless, best)).toEqual([]);
  });

  it('never names a wire that is not sold, and says it in the system the shop buys in', () => {
    const weak = { ...bench, power: { least: watt(150), most: watt(600), step: 15 } };
    const tee = {
      kind: 'tee',
      firstThickness: mm(3),
      secondThickness: mm(3),
      gap: mm(0),
      leg: mm(3),
      sides: 1,
    } as const;
    for (const system of ['mm', 'in'] as const) {
      const job = {
        ...sampleJob({ joint: tee, wire: mm(0.8), machine: weak }),
        shelf: { system, diameters: [] },
      };
      for (const { change, words } of tryRemedies(job, suggestSetting(job))) {
        if (change.kind !== 'wire' || change.diameter === null) continue;
        expect(wireDiameters).toContain(change.diameter);
        expect(words).toContain(system === 'mm' ? ' mm' : ' in');
      }
    }
  });
});

describe('two metals', () => {
  const pairJob = (first: 'lowCarbonSteel', second: 'stainless304' | 'aluminium5052'): WeldJob => ({
    ...sampleJob({ metal: first, gap: 0 }),
    pair: [findMetal(first), findMetal(second)],
  });

  it('refuses a pair that does not weld by melting, whatever the setting', () => {
    const job = wireOf(pairJob('lowCarbonSteel', 'aluminium5052'), mm(1));
    const best = suggestSetting(job);
    expect(obstacleWords(job, best)).toContain('do not weld by melting');
    expect(tryRemedies(job, best).every(({ lands }) => !lands)).toBe(true);
  });

  it('asks for wire where the mix turns hard, names it, and is content with it', () => {
    const job = pairJob('lowCarbonSteel', 'stainless304');
    expect(tryRemedies(job, suggestSetting(job))[0]?.words).toContain('309L');
    expect(suggestSetting(wireOf(job, mm(1))).obstacle).toBeNull();
  });
});

describe('from both sides', () => {
  it('a run has done its part from half the way on, and what counts is that the two meet', () => {
    const job = sampleJob({ thickness: 4, gap: 0 });
    const one = suggestSetting(job);
    const both = suggestSetting({ ...job, runs: 2 });
    expect(both.forecast.expectedReach).toBeGreaterThan(0.55);
    expect(both.forecast.expectedReach).toBeLessThan(1);
    expect(both.forecast.evenChance).toBeGreaterThan(0.85);
    expect(both.forecast.evenChance).toBeGreaterThan(one.forecast.evenChance + 0.3);
  });

  it('a share of the way stays as it was asked', () => {
    const share = sampleJob({ thickness: 3, aim: { kind: 'share', share: 0.6 as never } });
    expect(suggestSetting({ ...share, runs: 2 }).forecast.aimed.fullFrom).toBeCloseTo(0.6, 12);
  });
});
