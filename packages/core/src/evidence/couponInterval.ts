import { reachLimits, type ReachLimits } from '../melt/index.js';
import type { Metre } from '../quantity/index.js';
import type { CouponFinding, FarSide } from './EvidenceWeld.js';

/** Between what bounds ln(real depth/model depth) was found to lie; equal bounds for a measured value. */
export interface DepthInterval {
  readonly low: number;
  readonly high: number;
}

/** The weld's own model figures that a finding is held against. */
export interface ModelFigures {
  readonly thickness: Metre;
  readonly depth: Metre;
  readonly width: Metre;
  readonly gap: Metre;
  /** As the weld has it. */
  readonly far?: FarSide;
}

/**
 * A finding as an interval of ln(real depth/model depth). No mark behind: a reach under 0.8; faint: to 1; an even
 * line: to the hot limit; heavy: to the hole limit; a hole: beyond. The last two limits are 1.35 and 1.6 for sheet
 * that bears its bead, and lower where the bead is wide or the gap open, as {@link reachLimits} has it.
 *
 * A joint without a back is read by what can be seen of it: toes that are not wetted are cold (under 0.8), wetted ones
 * are not; nothing on the far side says that the melt stopped short of it, showing through that it did not, and a hole
 * that it went on. An edge, which has no far side, is even where both edges flowed together and did not melt
 * away. What nobody looked at says nothing.
 *
 * @example
 * couponInterval({ by: 'look', back: 'faint' }, { thickness: mm(2), depth: mm(2), width: mm(2.7), gap: mm(0) }).high // => 0
 */
export function couponInterval(finding: CouponFinding, model: ModelFigures): DepthInterval {
  const { thickness, depth, width, gap, far } = model;
  const reach = Math.log(depth / thickness);
  if (finding.by === 'section') {
    const value = Math.log(finding.depth / depth);
    return { low: value, high: value };
  }
  if (finding.by === 'sectionThrough') return { low: -reach, high: Infinity };
  const limits = reachLimits(thickness, width, gap);
  const [low, high] =
    finding.by === 'look'
      ? lookedReach(finding.back, limits)
      : toesReach(finding, limits, far?.reach ?? null);
  return { low: Math.log(low) - reach, high: Math.log(high) - reach };
}

type Look = Extract<CouponFinding, { by: 'look' }>['back'];

/** Depth over thickness that a look at the back stands for. */
function lookedReach(back: Look, limits: ReachLimits): readonly [low: number, high: number] {
  switch (back) {
    case 'none':
      return [0, limits.coldBelow];
    case 'faint':
      return [limits.coldBelow, limits.fullFrom];
    case 'even':
      return [limits.fullFrom, limits.hotFrom];
    case 'heavy':
      return [limits.hotFrom, limits.holeFrom];
    case 'hole':
      return [limits.holeFrom, Infinity];
  }
}

type Toes = Extract<CouponFinding, { by: 'toes' }>;

/** Depth over thickness that toes and far side stand for; a melt that came out outweighs cold toes. */
function toesReach(
  { toes, far }: Toes,
  limits: ReachLimits,
  farReach: number | null,
): readonly [number, number] {
  if (far === 'hole') return [Math.max(limits.holeFrom, farReach ?? 0), Infinity];
  if (far === 'shows') return [farReach ?? limits.hotFrom, Infinity];
  // An edge has no far side: what did not melt away there is not too hot.
  const notThrough = far === 'nothing' ? (farReach ?? limits.hotFrom) : Infinity;
  if (toes === 'cold') return [0, Math.min(limits.coldBelow, notThrough)];
  if (toes === 'wetted' && farReach === null && far === 'nothing') return [limits.fullFrom, limits.hotFrom];
  return [toes === 'wetted' ? Math.min(limits.coldBelow, 0.9 * notThrough) : 0, notThrough];
}
