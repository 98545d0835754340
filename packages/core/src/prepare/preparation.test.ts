import { jointKinds, surfaces, type Joint, type JointConditions } from '../joint/index.js';
import type { MetalId } from '../metal/index.js';
import { degree, mm, second, type SaidUnits } from '../quantity/index.js';
import { usualPractice } from '../practice/index.js';
import { sampleJob } from '../testing/sampleJobs.js';
import { preparation } from './index.js';

const inches: SaidUnits = {
  length: 'in',
  travel: 'in/min',
  gasFlow: 'CFH',
  pressure: 'psi',
  temperature: '°F',
};
const plain: JointConditions = {
  backing: 'none',
  surface: 'clean',
  position: 'flat',
  run: { kind: 'continuous' },
};
const sheets = { firstThickness: mm(2), secondThickness: mm(2), gap: mm(0) };

function jointOf(kind: Joint['kind']): Joint {
  if (kind === 'tack') return { kind, on: { kind: 'butt', ...sheets }, length: mm(3), lightOn: second(0.5) };
  const sizes = { leg: mm(2), tubeRadius: mm(20), holeDiameter: mm(6), sides: 1 };
  return { kind, ...sheets, ...sizes } as unknown as Joint;
}

const about = (steps: ReturnType<typeof preparation>, what: string) =>
  steps.find((step) => step.about === what)?.words ?? '';

describe('preparation', () => {
  it.each(jointKinds)(
    'of a %s names cleaning, fit, tacks, holding and the gun, and wire only with wire',
    (kind) => {
      const dry = preparation(sampleJob({ joint: jointOf(kind) }), plain);
      for (const what of ['clean', 'fit', 'tacks', 'hold', 'gun']) expect(about(dry, what)).not.toBe('');
      expect(about(dry, 'wire')).toBe('');
      expect(about(dry, 'clean')).not.toContain('wire');
      const wired = preparation(sampleJob({ joint: jointOf(kind), wire: mm(1) }), plain);
      expect(about(wired, 'wire')).toContain('Trim the wire to the pointer');
    },
  );

  it.each(surfaces)('answers to a surface that is %s', (surface) => {
    const words = about(preparation(sampleJob(), { ...plain, surface }), 'clean');
    expect(words === about(preparation(sampleJob(), plain), 'clean')).toBe(surface === 'clean');
  });

  it('cleans aluminium, titanium and zinc in their own ways', () => {
    const words = (metal: MetalId) => about(preparation(sampleJob({ metal }), plain), 'clean');
    expect(words('aluminium5052')).toContain('kept for aluminium');
    expect(words('titanium2')).toContain('lint-free');
    expect(words('galvanised')).toContain('zinc');
    expect(about(preparation(sampleJob({ metal: 'titanium2' }), plain), 'backing')).toContain('Argon behind');
  });

  it('follows the shop’s schools on tacks, small parts and the gun', () => {
    const practice = { ...usualPractice, tacks: 'none', smallParts: 'byHand', gunAngle: 'lower' } as const;
    const steps = preparation(sampleJob({ practice }), { ...plain, position: 'overhead' });
    expect(about(steps, 'tacks')).toContain('No tacks');
    expect(about(steps, 'hold')).toContain('a holding finger is the usual injury');
    expect(about(steps, 'gun')).toMatch(/lower than 45.*Overhead/);
  });

  it('tells a shop that leaves joints slightly open what is known of that, on thick sheet alone', () => {
    const practice = { ...usualPractice, gap: 'slightlyOpen' } as const;
    const fit = (thickness: number) => about(preparation(sampleJob({ practice, thickness }), plain), 'fit');
    expect(fit(4)).toContain('Let a coupon decide');
    expect(fit(1.5)).not.toContain('coupon');
    expect(about(preparation(sampleJob({ thickness: 4 }), plain), 'fit')).not.toContain('coupon');
  });

  it('names the land of a bevel, and the bar that would suit better', () => {
    const bevel = { land: mm(1), includedAngle: degree(60) };
    const steps = preparation(sampleJob({ joint: { kind: 'butt', ...sheets, bevel } }), {
      ...plain,
      backing: 'steel',
    });
    expect(about(steps, 'edges')).toContain('1 mm of land');
    expect(about(steps, 'backing')).toContain('copper suits better');
    const aluminium = preparation(sampleJob({ metal: 'aluminium5052' }), { ...plain, backing: 'steel' });
    expect(about(aluminium, 'backing')).toContain('does not weld on to aluminium');
  });

  it('of a dry butt in clean sheet reads like this, in its order', () => {
    expect(preparation(sampleJob({ thickness: 2 }), plain)).toEqual([
      { about: 'clean', words: 'Wipe the edges with a clean cloth; no fingers afterwards.' },
      { about: 'edges', words: 'Deburr; sheared edges straight, laser-cut edges free of dross.' },
      { about: 'fit', words: 'Fit it along its whole length: 0.2 mm of gap is the most to weld over.' },
      {
        about: 'tacks',
        words: 'Tack both ends, then the middle, then every 50 mm; work away from the holding hand.',
      },
      {
        about: 'hold',
        words:
          'Clamp both sides near the seam; the work clamp on the work itself. Small parts in a fixture, fingers away.',
      },
      {
        about: 'gun',
        words: 'Gun at about 45 degrees, never square to the sheet, facing the barrier.',
      },
    ]);
  });

  it('of a joint with wire in a shop in inches reads like this', () => {
    const job = { ...sampleJob({ thickness: 2, wire: mm(1) }), saidIn: inches };
    const steps = preparation(job, { ...plain, surface: 'millScale', backing: 'copper' });
    expect(steps.map(({ words }) => words)).toEqual([
      'Grind the scale off 0.4 in either side, both faces.',
      'Deburr; sheared edges straight, laser-cut edges free of dross.',
      'Fit it along its whole length: 0.008 in of gap does not show, 0.035 in is the most to weld over.',
      'Tack both ends, then the middle, then every 2 in; work away from the holding hand.',
      'Clamp both sides near the seam; the work clamp on the work itself. Small parts in a fixture, fingers away.',
      'A copper bar tight behind the seam: carries heat off; keep it bright, for copper in the melt cracks it.',
      'Gun at about 45 degrees, never square to the sheet, facing the barrier.',
      'Trim the wire to the pointer before each start; guide and rolls to match it.',
    ]);
  });

  it.each([
    ['clean', 'Wipe the edges and the wire with a clean cloth; no fingers afterwards.'],
    ['millScale', 'Grind the scale off 10 mm either side, both faces.'],
    ['oil', 'Degrease the edges and the wire, let them dry: oil turns to soot and dirties the window.'],
    ['oxide', 'Brush the oxide off just before welding.'],
    ['coated', 'Take the coat off 10 mm either side, both faces.'],
  ] as const)('cleans a surface that is %s, the wire with it', (surface, words) => {
    expect(about(preparation(sampleJob({ wire: mm(1) }), { ...plain, surface }), 'clean')).toBe(words);
  });

  it.each([
    ['edge', null, 'Deburr; sheared edges straight, laser-cut edges free of dross.'],
    ['edge', mm(1), 'Break the edges a little: wire needs a groove to follow.'],
    ['outsideCorner', null, 'Meet at the inner edges: a bare mitre has little metal to melt and wants wire.'],
    ['outsideCorner', mm(1), 'Meet at the inner edges, open and even.'],
    ['plug', null, 'Deburr the hole; its foot must lie on the sheet below.'],
    ['tee', mm(1), 'Deburr; sheared edges straight, laser-cut edges free of dross.'],
  ] as const)('readies the edges of a %s, wire %s', (kind, wire, words) => {
    expect(about(preparation(sampleJob({ joint: jointOf(kind), wire }), plain), 'edges')).toBe(words);
  });

  it.each([
    ['tubeButt', 'Four tacks, opposite pairs first; start the run between two.'],
    ['plug', 'No tacks: clamp the sheets together beside the hole.'],
    ['tack', 'This is the tack: keep the holding hand out of the line of the beam.'],
  ] as const)('tacks a %s in its own way', (kind, words) => {
    expect(about(preparation(sampleJob({ joint: jointOf(kind) }), plain), 'tacks')).toBe(words);
  });

  it.each([
    [0.5, '20 mm'],
    [1.5, '40 mm'],
    [2, '50 mm'],
    [3, '75 mm'],
    [5, '80 mm'],
  ])('sets tacks on %d mm every %s: with the sheet, within what hands do', (thickness, every) => {
    const steps = preparation(sampleJob({ thickness }), plain);
    expect(about(steps, 'tacks')).toContain(`then every ${every};`);
  });

  it('clamps sheets that lie on each other flat, and says nothing of more gap where there is no wire across', () => {
    const steps = preparation(sampleJob({ joint: jointOf('lap'), wire: mm(1) }), plain);
    expect(about(steps, 'hold')).toMatch(/^Clamp the sheets flat on each other, beside the seam\./);
    expect(about(steps, 'fit')).not.toContain('does not show');
    expect(about(preparation(sampleJob({ thickness: 1.5 }), plain), 'hold')).toMatch(/^Clamp both sides/);
  });

  it('asks for a look into the corner where the second sheet stands, and nowhere else', () => {
    const gun = (kind: Joint['kind']) =>
      about(preparation(sampleJob({ joint: jointOf(kind) }), plain), 'gun');
    for (const kind of ['tee', 'insideCorner', 'tubeToPlate'] as const)
      expect(gun(kind)).toContain('See that the nozzle gets into the corner');
    for (const kind of ['butt', 'lap', 'edge', 'plug'] as const) expect(gun(kind)).not.toContain('corner');
  });

  it('asks for gas behind titanium alone where there is no bar, and names the bar where there is one', () => {
    const back = (metal: MetalId, backing: JointConditions['backing'] = 'none') =>
      about(preparation(sampleJob({ metal }), { ...plain, backing }), 'backing');
    expect(back('stainless304')).toBe('');
    expect(back('titanium2')).toBe(
      'Argon behind as well as in front, trailing until the seam is below 400 °C.',
    );
    expect(back('lowCarbonSteel', 'steel')).toBe(
      'A steel bar tight behind the seam: for low-carbon steel copper suits better: carries heat off and does not weld on; a steel bar may stay as part of the joint.',
    );
  });
});
