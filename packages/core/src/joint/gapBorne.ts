import { metre, mm, type Metre } from '../quantity/index.js';
import { seamOf, thinnerSheet, type Joint } from './Joint.js';
import { seamRow } from './seamTable.js';

/** How open a joint may be. */
export interface GapBorne {
  /** Without doing anything about it. */
  readonly plain: Metre;
  /** With more wire and a weave across, heating the thicker side; null without wire. */
  readonly bridged: Metre | null;
  /** Least weave that melts both edges across the gap as it is. */
  readonly leastWeave: Metre;
  readonly why: string;
}

/** A gap of this share of the thinner sheet does not show. */
const plainShare = 0.1;

/** Past half the sheet a gap opens into a hole before it closes. */
const bridgedShare = 0.45;

/** A weave melts this much beyond the gap, both edges together. */
const edgesBeyondGap = mm(1);

/**
 * The gap a joint bears plainly, and the gap it bears with more wire and a weave across: near the wire's diameter and
 * short of half the thinner sheet. Past that, re-fit.
 *
 * @param wireDiameter null without wire
 * @example
 * (gapBorne({ kind: 'butt', firstThickness: mm(3), secondThickness: mm(3), gap: mm(0) }, mm(1)).plain * 1000).toFixed(2) // => '0.30'
 */
export function gapBorne(joint: Joint, wireDiameter: Metre | null): GapBorne {
  const seam = seamOf(joint);
  const thinner = thinnerSheet(seam);
  const plain = metre(plainShare * thinner);
  const leastWeave = metre(seam.gap + edgesBeyondGap);
  if (seamRow(seam.kind).clamped === 'onEachOther') {
    return {
      plain,
      bridged: null,
      leastWeave,
      why: 'wire cannot get between two sheets that lie on each other: clamp them together',
    };
  }
  const bridged =
    wireDiameter === null ? null : metre(Math.max(plain, Math.min(wireDiameter, bridgedShare * thinner)));
  return {
    plain,
    bridged,
    leastWeave,
    why:
      bridged === null
        ? 'without wire a gap is filled from the edges, which leaves the bead hollow'
        : 'a gap near the wire’s diameter takes more wire and a weave that carries it across',
  };
}

/**
 * What a small gap does to reach. On thicker sheet some shops leave one on purpose: light runs down the walls.
 * The melt model does not count it, so no figure is given.
 *
 * @example
 * gapAsKnob(sampleJob().joint) // => null
 */
export function gapAsKnob(joint: Joint): string | null {
  const seam = seamOf(joint);
  if (!seamRow(seam.kind).gapHelps) return null;
  if (thinnerSheet(seam) < mm(3)) return null;
  return 'On sheet this thick a small even gap (to a tenth of it) is said to help reach; the model does not count it. Let a coupon decide.';
}
