import type { Coupon } from '../coupon.js';
import { couponEvidence } from './couponEvidence.js';
import type { Joint } from '../../joint/joint.js';
import { startingProfiles } from '../../machines/startingProfiles.js';

const [profile] = startingProfiles.map((each) => each.profile);
if (profile === undefined) throw new Error('no starting profile');

const coupon = (sides: 1 | 2, section: Coupon['section']) =>
  ({
    id: 'one',
    machineId: 'bench',
    joint: {
      ...{ kind: 'butt', metal: 'stainless304', firstThicknessMm: 4, secondThicknessMm: 4, gapMm: 0 },
      sides,
    } as Joint,
    setting: {
      ...{ powerW: 900, dutyPercent: 100, gas: 'argon', gasFlowLMin: 14 },
      wobble: { shape: 'none' },
      pace: { by: 'hand', travelMmS: 8 },
    },
    ...{ back: 'none', lightOnS: null, runLengthMm: null, section },
    ...(sides === 2 ? { lookedAt: 'firstRun' } : {}),
  }) as unknown as Coupon;
const findings = (one: Coupon) => couponEvidence(one, profile).map(({ finding }) => finding);

describe('what a section says of depth', () => {
  it('that it went through, of one run; of two that met nothing more than the look between them', () => {
    expect(findings(coupon(1, { isThrough: true }))).toEqual([{ by: 'sectionThrough' }]);
    expect(findings(coupon(2, { isThrough: true }))).toEqual([{ by: 'look', back: 'none' }]);
  });

  it('how deep a run stopped, of one or of two', () => {
    for (const sides of [1, 2] as const)
      expect(findings(coupon(sides, { isThrough: false, depthMm: 1.8 }))).toEqual([
        { by: 'section', depth: 0.0018 },
      ]);
  });
});
