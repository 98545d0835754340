import { jointKinds, surfaces, type Joint, type JointConditions } from '../joint/index.js';
import type { MetalId } from '../metal/index.js';
import { degree, mm, second } from '../quantity/index.js';
import { usualPractice } from '../practice/index.js';
import { sampleJob } from '../testing/sampleJobs.js';
import { preparation } from './index.js';

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
});
