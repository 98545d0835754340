import type { Joint } from '../joint/index.js';
import { findMetal } from '../metal/index.js';
import { fraction, metre, mm, mmPerSecond, watt } from '../quantity/index.js';
import { sampleJob } from '../testing/sampleJobs.js';
import { expectedDepth, obstacleWords, suggestSetting, type Suggestion, type WeldJob } from './index.js';

const plain = sampleJob({ gap: 0.4 });
const best = suggestSetting(plain);
const { forecast, setting } = best;

/** What is said of an obstacle, of the sample's setting with some things changed. */
const said = (
  obstacle: Suggestion['obstacle'],
  change: Partial<Suggestion> = {},
  job: WeldJob = plain,
): string => obstacleWords(job, { ...best, ...change, obstacle });
const pair = { ...plain, pair: [findMetal('lowCarbonSteel'), findMetal('stainless304')] } as const;
const [steel, stainless] = pair.pair.map(({ name }) => name);

describe('what stands in the way, in words', () => {
  it('nothing, where nothing does', () => {
    expect(said(null)).toBe('');
  });

  it('the metals, both of them or the one', () => {
    expect(said('metals', {}, pair)).toBe(
      `${steel} and ${stainless} do not weld by melting: braze, screw or rivet, or make both sides of one metal.`,
    );
    expect(said('brittleMix', {}, pair)).toBe(
      `${steel} and ${stainless} without wire turn hard or crack where they mix.`,
    );
    expect(said('metals')).toContain(`${findMetal('stainless304').name} do not weld`);
  });

  it('the gap: that it opens, that little room is left, or how much wire carries', () => {
    const { limits } = forecast;
    const closed = { ...forecast, limits: { ...limits, hotFrom: limits.fullFrom } };
    expect(said('openGap', { forecast: closed })).toBe(
      'A gap of 0.4 mm is half the sheet or more: it opens into a hole before it closes.',
    );
    const narrow = { ...forecast, limits: { ...limits, hotFrom: limits.fullFrom + 0.01 } };
    expect(said('openGap', { forecast: narrow })).toBe(
      'A gap of 0.4 mm leaves little room between too cold and a hole: nothing lands surely across it.',
    );
    expect(said('wideGap')).toBe('A gap of 0.4 mm is more than this wire carries across.');
    expect(said('wideGap', {}, { ...plain, wireDiameter: mm(0.6) })).toBe(
      'A gap of 0.4 mm is more than this wire carries across (0.6 mm).',
    );
  });

  it('the wire: cold, driving the gun, or holding it up', () => {
    const wired = {
      ...setting,
      pace: { by: 'wire', diameter: mm(1), wireSpeed: mmPerSecond(60) },
    } as const;
    expect(said('coldWire')).toContain('takes all the heat this machine gives');
    expect(said('drivingWire', { setting: wired })).toMatch(
      /^Even at the feeder’s least the wire would drive the gun at \d+ mm\/s: this joint/,
    );
    expect(said('slowWire', { setting: wired })).toMatch(
      /^This wire fills the joint only at \d+\.\d mm\/s, slower than a hand holds steady\.$/,
    );
    const byHand = { ...setting, pace: { by: 'hand', travel: mmPerSecond(3.25) } } as const;
    expect(said('slowWire', { setting: byHand })).toContain('only at 3.3 mm/s');
  });

  it('the light: too little, too much, or kept under a hole', () => {
    const reached = { ...forecast, expectedReach: 0.62 };
    const { prediction } = reached;
    expect(expectedDepth(reached)).toBeCloseTo((prediction.depth * 0.62) / prediction.reach, 12);
    const depth = Number((expectedDepth(reached) * 1000).toFixed(1));
    const full = { ...setting, power: watt(1500) };
    expect(said('tooShallow', { forecast: reached, setting: full })).toBe(
      `At its full 1500 W this machine melts ${depth} mm, 62 % of the way through.`,
    );
    expect(said('holeAbove', { forecast: reached, setting: full })).toBe(
      'Hotter the same way made a hole here, and 1500 W goes only 62 % of the way through by what is known: look for what differed before scrap is spent.',
    );
    expect(said('bareSpot')).toContain('Only a bare spot reaches through here');
    const quick = { ...forecast, travel: mmPerSecond(19.6) };
    const least = { ...setting, power: watt(150) };
    expect(said('tooMuch', { forecast: quick, setting: least })).toBe(
      'Even at 150 W and 20 mm/s this machine melts too much.',
    );
    expect(said('tooMuch', { forecast: quick, setting: { ...least, duty: fraction(0.3) } })).toBe(
      'Even at 150 W at 30 % duty and 20 mm/s this machine melts too much.',
    );
  });
});

describe('which of them stands in the way', () => {
  const obstacle = (job: WeldJob) => suggestSetting(job).obstacle;

  it('metals come before all else, and a mix only where no wire softens it', () => {
    const aluminium = { ...plain, pair: [findMetal('lowCarbonSteel'), findMetal('aluminium5052')] } as const;
    const thick: Joint = { kind: 'butt', firstThickness: mm(9), secondThickness: mm(9), gap: mm(0) };
    expect(obstacle({ ...aluminium, joint: thick })).toBe('metals');
    expect(obstacle({ ...pair, joint: thick })).toBe('brittleMix');
    expect(obstacle({ ...pair, joint: thick, wireDiameter: mm(1.2) })).toBe('tooShallow');
    const same = [findMetal('stainless304'), findMetal('stainless316')] as const;
    expect(obstacle({ ...sampleJob(), pair: same })).toBeNull();
  });

  it('a gap to fill is one the wire carries, to the hundredth', () => {
    const filling = (gap: number) =>
      sampleJob({ thickness: 2, gap, wire: mm(0.8), aim: { kind: 'fillGap' } });
    expect(obstacle(filling(0.8))).not.toBe('wideGap');
    expect(obstacle(filling(0.81))).toBe('wideGap');
    const open = { kind: 'butt', firstThickness: mm(2), secondThickness: mm(2), gap: metre(0.0011) } as const;
    expect(obstacle(sampleJob({ joint: open }))).toBe('openGap');
  });
});
