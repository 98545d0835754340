import { farFace, seamRow, toesFinding, type CouponFinding, type ToesLook } from '@lone-heron/core';
import type { BackLook, Coupon } from '../coupon.js';
import type { Joint } from '../../joint/joint.js';
import { coreJoint, isThroughBoth } from '../../joint/rules/toCore.js';

/**
 * What can be looked at of a joint once it is welded: its back; toes and far side where another sheet lies behind; or its
 * back between two runs, which meet where nobody sees.
 */
export type SeenAt = 'back' | 'toes' | 'firstRun';

/** Where a joint of this kind is looked at. */
export function seenAt(joint: Joint): SeenAt {
  if (isThroughBoth(joint)) return 'firstRun';
  return farFace(coreJoint(joint)).isOpen ? 'back' : 'toes';
}

/** What a coupon's look is of, as it is written down beside it: nothing for a back. */
export function lookedAtOf(joint: Joint): Pick<Coupon, 'lookedAt'> {
  const at = seenAt(joint);
  return at === 'back' ? {} : { lookedAt: at };
}

/** Whether a look was asked of what its joint shows; coupons of before were all asked for a back. */
export function isAskedRight({ joint, lookedAt }: Pick<Coupon, 'joint' | 'lookedAt'>): boolean {
  return (lookedAt ?? 'back') === seenAt(joint);
}

const toesOfLook: Readonly<Record<BackLook, ToesLook>> = {
  none: 'cold',
  faint: 'oneSide',
  even: 'wetted',
  heavy: 'shows',
  hole: 'hole',
};

/** The five steps of a look, as toes and far side have them. */
export function toesLook(look: BackLook): ToesLook {
  return toesOfLook[look];
}

/** What the coupon's welder was asked, with the face that was said beside it. */
type Asked = Pick<Coupon, 'joint' | 'lookedAt' | 'face'>;

/**
 * A look as evidence of depth. A joint without a back that was asked the butt's question is read by what that answers:
 * whether it showed on the far side, and what the face said of the toes.
 */
export function lookFinding({ joint, lookedAt, face = [] }: Asked, look: BackLook): CouponFinding {
  if (seenAt(joint) !== 'toes') return backFinding({ joint, lookedAt }, look);
  if (lookedAt === 'toes') return toesFinding(toesOfLook[look]);
  const toes = face.includes('roundedPulledAway') ? 'cold' : face.includes('even') ? 'wetted' : null;
  if (look === 'hole') return { by: 'toes', toes, far: 'hole' };
  // An edge has no far side: no mark behind it was never looked at.
  const far = look === 'even' || look === 'heavy' ? 'shows' : 'nothing';
  return { by: 'toes', toes, far: seamRow(joint.kind).hasFarSide ? far : null };
}

/** A back that two runs have covered says nothing of how deep either went, unless they blew through. */
function backFinding(asked: Pick<Coupon, 'joint' | 'lookedAt'>, look: BackLook): CouponFinding {
  if (isAskedRight(asked) || look === 'hole') return { by: 'look', back: look };
  return { by: 'toes', toes: null, far: null };
}

/** Whether the look alone shows that the melt came through: from behind, from the far side, or after the first run. */
export function showsThrough(coupon: Pick<Coupon, 'joint' | 'lookedAt' | 'back'>): boolean {
  const { back, lookedAt, joint } = coupon;
  if (lookedAt === 'toes') return back === 'heavy';
  if (seenAt(joint) === 'firstRun' && !isAskedRight(coupon)) return false;
  return back === 'even' || back === 'heavy';
}
