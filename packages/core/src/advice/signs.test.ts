import { bench, sampleJob, sampleSetting } from '../testing/sampleJobs.js';
import { forecastWeld, knobs } from '../settings/index.js';
import { degree, mm } from '../quantity/index.js';
import type { Diagnosis } from './diagnose.js';
import { evidenceWeldOf, diagnose, toesFinding, type SeenWeld } from './index.js';
import { knobCost } from './knobCost.js';
import { seenCorrection } from './seenCorrection.js';
import { faceSigns, weldingSigns } from './SeenWeld.js';

const seen = (said: Partial<SeenWeld>): SeenWeld => ({ back: null, face: [], welding: [], ...said });
const speaks = (found: Diagnosis) => ('signs' in found ? [found.kind, ...found.signs] : [found.kind]);

describe('a sign alone', () => {
  it.each([
    ['none', 'cold', 'no mark behind'],
    ['faint', 'cold', 'only a faint line behind'],
    ['even', 'right', 'an even line behind'],
    ['heavy', 'hot', 'heavy behind'],
    ['hole', 'hot', 'a hole'],
  ] as const)('a back that shows %s is %s', (back, kind, words) => {
    expect(diagnose(seen({ back }))).toEqual({ kind, signs: [words] });
  });

  it.each([
    ['faint', 'right', 'a faint line behind after the first run: the runs meet'],
    ['even', 'right', 'a line behind after the first run: the runs meet'],
    ['heavy', 'hot', 'heavy behind after the first run already'],
    ['hole', 'hot', 'a hole'],
  ] as const)('a back that shows %s after the first of two runs is %s', (back, kind, words) => {
    expect(diagnose(seen({ back, isFirstRun: true }))).toEqual({ kind, signs: [words] });
  });

  it.each([
    ['cold', 'cold', 'a bead that lies on top, its toes not wetted'],
    ['wetted', 'right', 'both toes wetted and nothing on the far side'],
    ['shows', 'hot', 'it shows on the far side'],
    ['hole', 'hot', 'a hole'],
  ] as const)('toes that are %s are %s', (toes, kind, words) => {
    expect(diagnose(seen({ toes }))).toEqual({ kind, signs: [words] });
  });

  it('of toes is not asked where there is a back to look at', () => {
    expect(diagnose(seen({ back: 'even', toes: 'hole' })).kind).toBe('right');
  });

  it('of each face and each welding speaks its own way, or not at all', () => {
    const faces = faceSigns.map((sign) => [sign, ...speaks(diagnose(seen({ face: [sign] })))]);
    expect(faces).toEqual([
      ['even', 'right', 'an even face with wetted edges'],
      ['roundedPulledAway', 'cold', 'a rounded bead pulled away from the edges'],
      ['sagging', 'hot', 'a sagging face'],
      ['undercut', 'hot', 'undercut'],
      ['oneSide', 'mend'],
      ['dullOrSooty', 'mend'],
      ['pores', 'mend'],
      ['holes', 'hot', 'holes'],
      ['zigzag', 'right'],
    ]);
    const weldings = weldingSigns.map((sign) => [sign, ...speaks(diagnose(seen({ welding: [sign] })))]);
    expect(weldings).toEqual([
      ['keyholeShut', 'cold', 'a keyhole that stays shut'],
      ['keyholeWide', 'hot', 'a keyhole that opens wide'],
      ['wirePushesBack', 'cold', 'wire that pushes the gun back'],
      ['wireStuck', 'cold', 'wire that sticks'],
      ['steadySound', 'right', 'a steady sound'],
      ['crackling', 'right'],
      ['sparks', 'mend'],
      ['fadedAlongSeam', 'mend'],
      ['craterSunk', 'right'],
    ]);
  });
});

describe('a fault to mend', () => {
  const mended = (said: Partial<SeenWeld>) => {
    const found = diagnose(seen(said));
    return found.kind === 'mend' ? [found.action, found.why] : null;
  };

  it.each([
    [
      { welding: ['fadedAlongSeam'] },
      'Look at the protective window and the cooling before anything is turned.',
      'power that fades along a seam is a dirty window or a warm source, not a setting',
    ],
    [
      { welding: ['sparks'] },
      'Look at the protective window, then check the focus, and clean the joint.',
      'sparks come from a dirty window, a focus that is off, or coat and scale in the joint',
    ],
    [
      { toes: 'oneSide' },
      'Centre the dot in the nozzle, hold the gun square, and aim between the edges.',
      'a bead on one side is the beam or the angle, not its strength',
    ],
    [
      { face: ['dullOrSooty'] },
      'Look at the gas: bottle, flow, nozzle, draught; clean the edges.',
      'soot and dull colour tell of air or dirt in the melt',
    ],
    [
      { face: ['pores'] },
      'Clean edges and wire, and look at the gas.',
      'pores come from oil, coat, moisture or air',
    ],
  ] as const)('of %j says what to do and why', (said, action, why) => {
    expect(mended(said)).toEqual([action, why]);
  });

  it('is the most pressing of several, and comes before a cold back', () => {
    expect(mended({ face: ['pores', 'dullOrSooty'], welding: ['sparks', 'fadedAlongSeam'] })?.[0]).toContain(
      'cooling',
    );
    expect(mended({ face: ['pores', 'oneSide'], back: 'none' })?.[0]).toContain('Centre the dot');
  });
});

describe('signs together', () => {
  it('are all named that speak the way of the back', () => {
    expect(diagnose(seen({ back: 'faint', face: ['roundedPulledAway', 'undercut'] }))).toEqual({
      kind: 'cold',
      signs: ['only a faint line behind', 'a rounded bead pulled away from the edges'],
    });
  });

  it('under an even back go by face and gun, and say where those disagree', () => {
    expect(diagnose(seen({ back: 'even', welding: ['wireStuck'] }))).toEqual({
      kind: 'cold',
      signs: ['wire that sticks'],
    });
    expect(diagnose(seen({ back: 'even', face: ['sagging', 'even'], welding: ['wireStuck'] }))).toEqual({
      kind: 'unclear',
      cold: ['wire that sticks'],
      hot: ['a sagging face'],
    });
    expect(diagnose(seen({ back: 'even', face: ['even'], welding: ['steadySound'] }))).toEqual({
      kind: 'right',
      signs: ['an even line behind', 'an even face with wetted edges', 'a steady sound'],
    });
  });
});

it('the cost of every knob is said for both ways', () => {
  expect(knobs.map((knob) => [knob, knobCost(knob, true), knobCost(knob, false)])).toEqual([
    ['power', 'more heat in the part, more wear on the window', 'edges may wet less; less heat, less wear'],
    ['duty', 'more heat in the part', 'a coarser ripple'],
    ['wobbleWidth', 'a wider bead to dress', 'the joint is easier to miss'],
    ['wobbleRate', 'less depth everywhere; a finer ripple', 'a coarser ripple; zigzag once sweeps lie apart'],
    [
      'wireSpeed',
      'with the hand at the same pace, more metal to dress',
      'with the hand at the same pace, a flatter bead; watch for undercut',
    ],
    ['travel', 'the hand must hold the quicker pace', 'more heat and warp per millimetre'],
  ]);
});

it('a look at toes is evidence of what was seen and of nothing else', () => {
  expect((['cold', 'oneSide', 'wetted', 'shows', 'hole'] as const).map(toesFinding)).toEqual([
    { by: 'toes', toes: 'cold', far: 'nothing' },
    { by: 'toes', toes: null, far: null },
    { by: 'toes', toes: 'wetted', far: 'nothing' },
    { by: 'toes', toes: null, far: 'shows' },
    { by: 'toes', toes: null, far: 'hole' },
  ]);
});

describe('what a coupon does to the expected depth', () => {
  const job = sampleJob();
  const forecast = forecastWeld(job, sampleSetting);
  const expected = Math.log(forecast.expectedReach / forecast.prediction.reach);
  const after = (said: Partial<SeenWeld>, leaning: 'cold' | 'hot' | 'right') =>
    seenCorrection(job, sampleSetting, forecast, seen(said), leaning);

  it('is a fixed small step where nobody could see, and none where nothing leans', () => {
    expect(after({}, 'cold')).toEqual({ lnRatio: expected - 0.15, sd: forecast.spread });
    expect(after({}, 'hot')).toEqual({ lnRatio: expected + 0.15, sd: forecast.spread });
    expect(after({}, 'right')).toEqual({ lnRatio: expected, sd: forecast.spread });
    expect(after({ toes: 'oneSide' }, 'cold').lnRatio).toBe(expected - 0.15);
  });

  it('follows the look behind in its five steps, and makes the depth better known', () => {
    const ratios = (['none', 'faint', 'even', 'heavy', 'hole'] as const).map((back) =>
      after({ back }, 'right'),
    );
    for (const [i, { lnRatio, sd }] of ratios.entries()) {
      expect(sd).toBeLessThan(forecast.spread);
      if (i > 0) expect(lnRatio).toBeGreaterThan(ratios[i - 1]?.lnRatio ?? Infinity);
    }
    expect(ratios[0]?.lnRatio).toBeLessThan(expected);
    expect(ratios[4]?.lnRatio).toBeGreaterThan(expected);
  });

  it('follows toes and far side on a joint without a back', () => {
    const tee = sampleJob({
      joint: { kind: 'tee', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0), leg: mm(2), sides: 1 },
    });
    const there = forecastWeld(tee, sampleSetting);
    const ratio = (toes: 'cold' | 'wetted' | 'shows') =>
      seenCorrection(tee, sampleSetting, there, seen({ toes }), 'right').lnRatio;
    expect(ratio('cold')).toBeLessThan(ratio('wetted'));
    expect(ratio('wetted')).toBeLessThan(ratio('shows'));
  });
});

describe('a weld as evidence', () => {
  it('is of this machine, with the usual gas at 45 degrees, where the job brings no evidence', () => {
    const weld = evidenceWeldOf(sampleJob({ gap: 0.2 }), sampleSetting);
    expect(weld).toMatchObject({
      machineId: 'this machine',
      gap: mm(0.2),
      gas: 'argon',
      gunAngle: degree(45),
    });
    expect(weld).not.toHaveProperty('far');
  });

  it('takes machine, gas and angle from the job’s evidence', () => {
    const evidence = {
      shop: null as never,
      machineId: 'barrow',
      gas: 'nitrogen',
      gunAngle: degree(30),
    } as const;
    expect(evidenceWeldOf(sampleJob({ evidence }), sampleSetting)).toMatchObject({
      machineId: 'barrow',
      gas: 'nitrogen',
      gunAngle: degree(30),
    });
  });

  it('says how far the far side is where the joint has no open back', () => {
    const joint = { kind: 'lap', firstThickness: mm(1), secondThickness: mm(2), gap: mm(0) } as const;
    const { far, melt } = evidenceWeldOf(sampleJob({ joint, machine: bench }), sampleSetting);
    expect(far?.reach).toBeCloseTo(mm(3) / melt.thickness, 9);
  });
});
