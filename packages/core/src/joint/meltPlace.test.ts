import { degree, mm } from '../quantity/index.js';
import { jointThermal } from './jointThermal.js';
import { jointKinds, meltPlace, type Joint, type SeamJoint } from './index.js';

const sheets = { firstThickness: mm(2), secondThickness: mm(1.5), gap: mm(0.1) };

function seam(kind: Exclude<Joint['kind'], 'tack'>): SeamJoint {
  return { kind, ...sheets, leg: mm(2), sides: 1, tubeRadius: mm(20), holeDiameter: mm(6) };
}

describe('where the melt lies', () => {
  const kinds = jointKinds.filter((kind) => kind !== 'tack');

  it.each(kinds)(
    'in a %s: across stands square to the beam, and full reach does not pass the far side',
    (kind) => {
      const { from, towardsFirst, through } = meltPlace(seam(kind));
      expect(from[0] * towardsFirst[0] + from[1] * towardsFirst[1]).toBeCloseTo(0, 12);
      expect(Math.hypot(...towardsFirst)).toBeCloseTo(1, 12);
      if (through !== null) expect(jointThermal(seam(kind)).thickness).toBeLessThanOrEqual(through + 1e-12);
    },
  );

  it('on a fillet starts on its face, a throat above the root', () => {
    const { face } = meltPlace(seam('tee'));
    expect(Math.hypot(...face)).toBeCloseTo(1.4, 9);
    expect(face[0]).toBeCloseTo(face[1], 12);
  });

  it('on a tack lies where its seam does', () => {
    const on = seam('butt');
    const tack: Joint = { kind: 'tack', on, length: mm(3), lightOn: 0.5 as never };
    expect(meltPlace(tack)).toEqual(meltPlace(on));
    expect(meltPlace({ ...on, bevel: { land: mm(1), includedAngle: degree(60) } } as Joint).face).toEqual([
      0, 0,
    ]);
  });
});
