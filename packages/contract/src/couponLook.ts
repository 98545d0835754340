import { farFace, toesFinding, type CouponFinding, type ToesLook } from '@lone-heron/core';
import type { BackLook, Coupon } from './coupon.js';
import type { Joint } from './joint.js';
import { coreJoint } from './toCore.js';

/** What can be looked at of a joint once it is welded: its back, or toes and far side where another sheet lies behind. */
export type SeenAt = 'back' | 'toes';

/** Where a joint of this kind is looked at. */
export function seenAt(joint: Joint): SeenAt {
  return farFace(coreJoint(joint)).isOpen ? 'back' : 'toes';
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
  if (seenAt(joint) === 'back') return { by: 'look', back: look };
  if (lookedAt === 'toes') return toesFinding(toesOfLook[look]);
  const toes = face.includes('roundedPulledAway') ? 'cold' : face.includes('even') ? 'wetted' : null;
  if (look === 'hole') return { by: 'toes', toes, far: 'hole' };
  // An edge has no far side: no mark behind it was never looked at.
  const far = look === 'even' || look === 'heavy' ? 'shows' : joint.kind === 'edge' ? null : 'nothing';
  return { by: 'toes', toes, far: joint.kind === 'edge' ? null : far };
}
