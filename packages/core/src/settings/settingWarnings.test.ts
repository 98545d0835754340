import { gapBorne, type Joint } from '../joint/index.js';
import {
  hertz,
  metre,
  metrePerSecond,
  mm,
  mmPerSecond,
  second,
  watt,
  type Metre,
} from '../quantity/index.js';
import { bench, sampleJob, sampleSetting } from '../testing/sampleJobs.js';
import { forecastWeld, settingWarnings, wettedFace, type WeldForecast, type WeldSetting } from './index.js';

const job = sampleJob();
const plain = forecastWeld(job, sampleSetting);
const tee = { kind: 'tee', ...sheets(3), leg: mm(2), sides: 1 } as const;
const teeJob = sampleJob({ joint: tee, wire: mm(1) });
const wetted = wettedFace(tee);

function sheets(thickness: number) {
  return { firstThickness: mm(thickness), secondThickness: mm(thickness), gap: mm(0) };
}

const predicted = (change: Partial<WeldForecast['prediction']>): WeldForecast => ({
  ...plain,
  prediction: { ...plain.prediction, ...change },
});
const passed = (change: Partial<WeldForecast['pass']>): WeldForecast => ({
  ...plain,
  pass: { ...plain.pass, ...change },
});
const wired = (wireSpeed: number): WeldSetting => ({
  ...sampleSetting,
  pace: { by: 'wire', diameter: mm(1), wireSpeed: mmPerSecond(wireSpeed) },
});
const straight: WeldSetting = { ...sampleSetting, wobble: { shape: 'none' } };
const gapped = (gap: number) => ({
  ...job,
  joint: { kind: 'butt', ...sheets(1.5), gap: metre(gap) } as const,
});
const { plain: borne } = gapBorne(job.joint, null);

describe('what is said of a setting before the light is struck', () => {
  it.each([
    ['all the heat in the wire', predicted({ wireShare: 1 }), 'The wire takes all the heat'],
    ['more than all of it', predicted({ wireShare: 1.4 }), 'The wire takes all the heat'],
    ['half of it', predicted({ wireShare: 0.504 }), 'The cold wire takes 50 % of the heat'],
    ['a little more than a quarter', predicted({ wireShare: 0.26 }), 'The cold wire takes 26 % of the heat'],
  ])('the wire: %s', (_, forecast, words) => {
    expect(settingWarnings(job, sampleSetting, forecast)).toEqual([expect.stringContaining(words)]);
  });

  it('nothing of a quarter, nor of a fillet whose pass is whole', () => {
    expect(settingWarnings(job, sampleSetting, predicted({ wireShare: 0.25 }))).toEqual([]);
    expect(settingWarnings(job, sampleSetting, passed({ leg: null, passes: 3 }))).toEqual([]);
    const whole = { asked: mm(2), given: mm(2) };
    expect(settingWarnings(job, sampleSetting, passed({ leg: whole, passes: 1 }))).toEqual([]);
  });

  it('toes that stay cold, of a fillet with wire alone', () => {
    const { wireDiameter } = teeJob;
    const at = (width: number, joint: Joint = tee, wire: Metre | null = wireDiameter) =>
      settingWarnings({ ...teeJob, wireDiameter: wire }, sampleSetting, {
        ...predicted({ width: metre(width) }),
        pass: { ...plain.pass, joint },
      });
    const toes = [
      'A bead of 1.6 mm does not wet both legs of this fillet: its toes stay cold. Sweep wider, or ask for a smaller leg.',
    ];
    const narrow = wetted - 1e-4;
    expect(at(narrow)).toEqual(toes);
    expect(at(wetted)).toEqual([]);
    expect(at(narrow, tee, null)).toEqual([]);
    expect(at(narrow, { kind: 'butt', ...sheets(3) })).toEqual([]);
    expect(at(narrow, { kind: 'tack', on: tee, length: mm(3), lightOn: second(0.5) })).toEqual(toes);
  });

  it('a fillet that its own edges give, and one in several passes', () => {
    const less = passed({ leg: { asked: mm(2), given: mm(1.2) } });
    expect(settingWarnings(job, sampleSetting, less)).toEqual([
      'Without wire the edges give a leg of about 1.2 mm, not 2 mm: take wire where it must carry.',
    ]);
    const four = passed({ leg: { asked: mm(5), given: mm(5) }, passes: 4 });
    expect(settingWarnings(job, sampleSetting, four)).toEqual([
      'In 4 passes: one of this wire gives a leg of 2.5 mm. The figures are for the first, at the root.',
    ]);
  });

  it('wire that races from 45.45 mm/s on', () => {
    expect(settingWarnings(job, wired(46), plain)).toEqual([
      'Wire at 46 mm/s races: thicker wire carries as much at less.',
    ]);
    expect(settingWarnings(job, wired(45.4), plain)).toEqual([]);
  });

  it('sweeps that lie apart, from one over a place on', () => {
    const { wobble } = sampleSetting;
    if (wobble.shape === 'none') throw new Error('the sample sweeps');
    // Two strokes a sweep: so far goes the gun between them as the spot is wide.
    const even = metrePerSecond(2 * wobble.frequency * bench.spot);
    const at = (share: number) => {
      const rated = { ...wobble, frequency: hertz(wobble.frequency * share) };
      return settingWarnings(job, { ...sampleSetting, wobble: rated }, { ...plain, travel: even });
    };
    expect(at(1)).toEqual([]);
    expect(at(0.8)).toEqual([
      'Sweeps lie apart (0.8 over one place): the bead will show a zigzag. Raise the wobble rate.',
    ]);
  });

  it('a straight bead that misses the joint, under 0.6 mm', () => {
    const at = (width: number, setting: WeldSetting) =>
      settingWarnings(job, setting, predicted({ width: mm(width) }));
    expect(at(0.59, straight)).toEqual(['A bead of 0.59 mm easily misses the joint: add a little wobble.']);
    expect(at(0.6, straight)).toEqual([]);
    expect(at(0.59, sampleSetting)).toEqual([]);
  });

  it('a gap that is not borne without wire', () => {
    expect(settingWarnings(gapped(borne + 1e-5), sampleSetting, plain)).toEqual([
      'A gap of 0.16 mm without wire leaves the bead hollow: add wire or close it.',
    ]);
    expect(settingWarnings(gapped(borne), sampleSetting, plain)).toEqual([]);
    expect(settingWarnings(gapped(borne + 1e-5), wired(20), plain)).toEqual([]);
  });

  it('a machine at its most, and a pace that no hand holds', () => {
    const at = (power: number) => settingWarnings(job, { ...sampleSetting, power: watt(power) }, plain);
    expect(at(1500)).toEqual(['The machine is at its most: a tired window or a quick hand leaves it short.']);
    expect(at(1485)).toEqual([]);
    const pace = (mmS: number) => settingWarnings(job, straight, { ...plain, travel: mmPerSecond(mmS) });
    expect(pace(20.5)).toEqual(['21 mm/s is faster than a hand holds steady.']);
    expect(pace(20)).toEqual([]);
    expect(pace(5)).toEqual([]);
    expect(pace(4.9)).toEqual(['4.9 mm/s is slow: heat builds up ahead of the bead.']);
  });

  it('the most pressing first', () => {
    const bad = {
      ...predicted({ wireShare: 0.5, width: mm(0.4) }),
      pass: { joint: tee, leg: { asked: mm(3), given: mm(1) }, passes: 2 },
      travel: mmPerSecond(30),
    };
    const setting: WeldSetting = { ...straight, power: watt(1500) };
    const firstWords = settingWarnings({ ...teeJob, joint: { ...tee, gap: mm(1) } }, setting, bad).map(
      (words) => words.split(' ').slice(0, 3).join(' '),
    );
    expect(firstWords).toEqual([
      'The cold wire',
      'A bead of',
      'Without wire the',
      'In 2 passes:',
      'A bead of',
      'A gap of',
      'The machine is',
      '30 mm/s is',
    ]);
  });
});
