import { joulePerMetre, type JoulePerMetre } from '../quantity/index.js';
import { bucklingHeat, usualStrip, widestFlat } from '../warp/index.js';
import { peakRise } from './meltedBead.js';
import type { SeamHeat } from './seamHeat.js';
import type { WeldHeatInput } from './WeldHeatInput.js';

/** What a seam does to free sheets once it is cold; each within a factor of two either way. */
export interface SeamWarp {
  /** How much nearer the sheets come, m. */
  readonly shrinkage: number;
  /** Force along the seam, N. */
  readonly pull: number;
  /** Absorbed by a metre of seam; and from which a sheet as wide as this part's gives way. */
  readonly heat: JoulePerMetre;
  readonly bucklesFrom: JoulePerMetre;
  /** Widest free sheet beside the seam that stays flat, m. */
  readonly widestFlat: number;
}

/** Share of the free contraction across the seam that stays: the sheet beside it gives way while it is held. An assumption. */
const acrossHeld = 0.5;

/**
 * Shrinkage and pull from the hottest that each place of the joint's own section gets. Along the seam a place is held by the cold
 * metal beside it: it keeps a strain of alpha dT less the yield strain, at most the yield strain (0 while alpha dT stays under
 * it). Across it nothing caps that but melting: half of the free contraction stays. How far the sheets turn hangs on how much
 * wider the bead is in front than behind, which a field this coarse does not know: `distortion` has that from the melt model.
 *
 * Sources: Ueda and Yuan 1993 (inherent strain); White, Leggatt and Dwight 1980 (pull by heat).
 */
export function seamWarp({ metal, joint, absorbed, travel, part }: WeldHeatInput, heat: SeamHeat): SeamWarp {
  const { cut, law } = heat;
  const { section, isHalf } = cut;
  const peak = peakRise(heat);
  const yieldStrain = metal.yieldStrength / metal.young;
  const thickness = Math.min(joint.firstThickness, joint.secondThickness);
  let along = 0;
  let across = 0;
  for (let cell = 0; cell < section.cells; cell++) {
    const strain = metal.expansion * Math.min(peak[cell] as number, law.liquidus) - yieldStrain;
    if (strain <= 0) continue;
    const area = (section.width[cell] as number) * (section.height[cell] as number);
    along += area * Math.min(strain, yieldStrain);
    across += area * acrossHeld * strain;
  }
  const whole = isHalf ? 2 : 1;
  const perLength = absorbed / travel;
  const strip = usualStrip(thickness, part.sideWidth);
  const pull = whole * metal.young * along;
  return {
    shrinkage: (whole * across) / thickness,
    pull,
    heat: joulePerMetre(perLength),
    bucklesFrom: joulePerMetre(bucklingHeat(metal, strip)),
    widestFlat: widestFlat(strip, metal.young, pull),
  };
}
