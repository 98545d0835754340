import { gapBorne, type Joint } from '../joint/index.js';
import { usualPractice } from '../practice/index.js';
import { inMm, mm, second } from '../quantity/index.js';
import { bench, sampleJob, sheetJoint, type SaidJob } from '../testing/sampleJobs.js';
import { weldPass, wettedFace, wobbleFor } from './index.js';

const choice = (said: SaidJob) => wobbleFor(sampleJob(said));
const tee = (leg: number): Joint => ({
  ...{ kind: 'tee', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0), leg: mm(leg), sides: 1 },
});

describe('the width to start from', () => {
  it.each([
    [0.3, 0.8, 'very thin sheet: a wider melt would sag'],
    [0.5, 0.8 + (0.2 / 0.45) * 0.7, 'very thin sheet: a wider melt would sag'],
    [0.6, 0.8 + (0.3 / 0.45) * 0.7, 'thin sheet: a narrow sweep keeps the heat down'],
    [0.75, 1.5, 'thin sheet: a narrow sweep keeps the heat down'],
    [1.2, 1.8, 'wide enough to catch both edges, narrow enough to reach'],
    [1.5, 2, 'wide enough to catch both edges, narrow enough to reach'],
    [2, 2.25, 'a middle width: catches both edges of a hand-fitted seam'],
    [3, 2.75, 'thick edges want a wide bead to wet'],
    [3.5, 3, 'thick edges want a wide bead to wet'],
    [8, 3, 'thick edges want a wide bead to wet'],
  ])('of %d mm is %d mm', (thickness, width, reason) => {
    const { width: found, reasons, leastWidth } = choice({ thickness, gap: 0 });
    expect(inMm(found)).toBeCloseTo(width, 9);
    expect(reasons.width).toBe(reason);
    expect(leastWidth).toBe(0);
  });

  it('by the shop’s school, and says so after its own reason', () => {
    const by = (wobbleWidth: 'middle' | 'narrow' | 'wide') =>
      choice({ practice: { ...usualPractice, wobbleWidth } });
    const usual = 'wide enough to catch both edges, narrow enough to reach';
    expect(by('middle').reasons.width).toBe(usual);
    expect(by('narrow').reasons.width).toBe(`${usual}; narrowed for reach, as the shop does`);
    expect(by('wide').reasons.width).toBe(`${usual}; a little wider than usual, as the shop does`);
  });

  it('is a millimetre more than a gap that is wider than it would reach', () => {
    expect(choice({ gap: 1 })).toMatchObject({ width: mm(2) });
    // A tight joint in the thinnest sheet has no gap to cross.
    expect(inMm(choice({ thickness: 0.3, gap: 0.03 }).width)).toBeCloseTo(0.8, 9);
    expect(inMm(choice({ thickness: 0.3, gap: 0.06 }).width)).toBeCloseTo(1.06, 9);
    const open = choice({ gap: 1.2 });
    expect(inMm(open.width)).toBeCloseTo(2.2, 9);
    expect(open.reasons.width).toBe('wide enough to melt both edges across the gap');
  });

  it('must cross a gap that is not borne plainly, wholly from twice that on', () => {
    const { plain } = gapBorne(sampleJob({ gap: 0 }).joint, null);
    const least = (times: number) => inMm(choice({ gap: inMm(plain) * times }).leastWidth);
    expect(least(1)).toBeCloseTo(0, 9);
    expect(least(1.5)).toBeCloseTo(0.5 * (1.5 * inMm(plain) + 1), 9);
    expect(least(2)).toBeCloseTo(2 * inMm(plain) + 1, 9);
    expect(least(3)).toBeCloseTo(3 * inMm(plain) + 1, 9);
  });

  it('wets both legs of a fillet with wire, of the pass that is laid', () => {
    const wired = sampleJob({ joint: tee(3.5), wire: mm(1.6) });
    const { joint } = weldPass(wired);
    if (!('leg' in joint)) throw new Error('a T has a leg');
    const wets = inMm(wettedFace(joint)) - 1.2 * 0.15;
    const found = wobbleFor(wired);
    expect(inMm(found.width)).toBeCloseTo(wets, 9);
    expect(inMm(found.leastWidth)).toBeCloseTo(wets, 9);
    expect(found.reasons.width).toBe('as wide as wets both legs of the fillet');
    expect(choice({ joint: tee(3.5) }).leastWidth).toBe(0);
    const tack: Joint = { kind: 'tack', on: tee(3.5) as never, length: mm(3), lightOn: second(0.5) };
    expect(choice({ joint: tack, wire: mm(1.6) }).leastWidth).toBe(0);
    const small = choice({ joint: tee(1), wire: mm(0.8) });
    expect(inMm(small.leastWidth)).toBeCloseTo(0.6 * Math.SQRT2 - 0.18, 9);
    expect(small.width).toBeGreaterThan(small.leastWidth);
    expect(choice({ joint: sheetJoint('butt', 2), wire: mm(1) }).leastWidth).toBe(0);
  });
});

describe('the shape and the rate to start from', () => {
  const shape = (said: SaidJob) => {
    const { shape: value, reasons } = choice(said);
    return [value, reasons.shape];
  };
  const school = (wobbleShape: 'sideToSide' | 'circle' | 'closed') => ({
    practice: { ...usualPractice, wobbleShape },
  });

  it('say why', () => {
    expect(shape({})).toEqual(['sideToSide', 'side to side: fast, and quick to learn']);
    const distrusted = 'circles: side to side is distrusted on aluminium and brass';
    expect(shape({ metal: 'aluminium6061', thickness: 5 })).toEqual(['circle', distrusted]);
    expect(shape({ metal: 'brass' })).toEqual(['circle', distrusted]);
    const closed = 'a closed shape spreads the heat over thick edges';
    expect(shape({ thickness: 4 })).toEqual(['figureEight', closed]);
    expect(shape({ thickness: 3.9 })[0]).toBe('sideToSide');
    expect(shape(school('sideToSide'))).toEqual([
      ...['sideToSide', 'side to side, as the shop does: fast and quick to learn'],
    ]);
    expect(shape(school('circle'))).toEqual([
      ...['circle', 'circles, as the shop does: slower, rippled, forgiving on fit'],
    ]);
    expect(shape(school('closed'))).toEqual([
      ...['figureEight', 'a closed shape, as the shop does: spreads the heat over the edges'],
    ]);
  });

  it('give way to what the machine has, with what would suit', () => {
    const only = { machine: { ...bench, wobbleShapes: ['circle'] as const } };
    expect(shape({ ...only })).toEqual([
      ...[
        'circle',
        'the machine has no side to side, which would suit: side to side: fast, and quick to learn',
      ],
    ]);
    expect(choice({ machine: { ...bench, wobbleShapes: [] } }).shape).toBe('sideToSide');
  });

  it('the rate is 60, or two sweeps over a place at an easy pace', () => {
    expect(choice({})).toMatchObject({ frequency: 60 });
    expect(choice({}).reasons.rate).toBe('where most hands start; slower goes deeper');
    const spot = { ...bench, spot: mm(0.2) };
    const byHand = choice({ machine: spot, practice: { ...usualPractice, wobbleRate: 'handSpeed' } });
    expect(byHand.frequency).toBeCloseTo((2 * 8) / (2 * 0.2), 9);
    expect(byHand.reasons.rate).toBe('so that two sweeps pass over each place at an easy pace');
  });
});
