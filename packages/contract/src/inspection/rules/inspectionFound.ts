import { inMm, jointThermal, type InspectionFound } from '@lone-heron/core';
import type { Coupon } from '../../coupons/coupon.js';
import { showsThrough } from '../../coupons/rules/couponLook.js';
import type { CouponTest, SectionReadings, TestDetail } from '../couponTest.js';
import { standsOut } from './contradictions.js';
import type { Joint } from '../../joint/joint.js';
import { coreJoint } from '../../joint/rules/toCore.js';

type Of<Kind extends TestDetail['kind']> = Extract<TestDetail, { kind: Kind }>;

/** What a coupon's look and tests found, as a level is held against it. The newest section counts, and every bend. */
export function inspectionFound(coupon: Coupon, tests: readonly CouponTest[]): InspectionFound {
  const thicknessMm = inMm(jointThermal(coreJoint(coupon.joint)).thickness);
  const of = <Kind extends TestDetail['kind']>(kind: Kind) =>
    tests.flatMap(({ detail }) => (detail.kind === kind ? [detail as Of<Kind>] : []));
  const section = of('section').at(-1);
  const share = (name: keyof SectionReadings) => {
    const reading = section?.measured[name];
    return reading === undefined ? null : reading.mm / thicknessMm;
  };
  const bends = [...of('bend'), ...of('vice')].map(({ angleDeg, brokeAt }) => ({
    angle: angleDeg,
    isSound: brokeAt === 'notAtAll' || brokeAt === 'inParent',
  }));
  const dyes = of('dye').map(({ longestMm }) => longestMm);
  return {
    reach: reachFound(coupon, section, thicknessMm),
    undercut: share('undercut'),
    crown: share('crown'),
    misalignment: share('misalignment'),
    bends,
    indication: dyes.length === 0 ? null : Math.max(...dyes),
    isTight: tightFound(tests, coupon.joint),
  };
}

/** A section says how deep; without one, a look that shows it says that the melt came through. */
function reachFound(
  coupon: Coupon,
  section: Of<'section'> | undefined,
  thicknessMm: number,
): InspectionFound['reach'] {
  if (section !== undefined) {
    if (section.isThrough) return { value: 1, isAtLeast: true };
    const depth = section.measured.depth?.mm;
    return depth === undefined ? null : { value: depth / thicknessMm, isAtLeast: false };
  }
  return showsThrough(coupon) ? { value: 1, isAtLeast: true } : null;
}

/** Every leak and pressure test that says something of the weld; a fitting's leak does not, nor does a word against its own figures. */
function tightFound(tests: readonly CouponTest[], joint: Joint): boolean | null {
  const said = tests.filter(
    ({ detail, result }) => (detail.kind === 'leak' || detail.kind === 'pressure') && result !== 'unclear',
  );
  if (said.length === 0) return null;
  return said.every((test) => test.result === 'holds' && standsOut(test, joint).length === 0);
}
