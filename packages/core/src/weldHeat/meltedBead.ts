import { farFace } from '../joint/index.js';
import { edgesAbove, faceLine } from './faces.js';
import type { SeamHeat } from './seamHeat.js';
import type { WeldHeatInput } from './WeldHeatInput.js';

/** What a field says of the melt, m and m2. */
export interface MeltedBead {
  /** Section that has been melted; whole, also of a half section. */
  readonly area: number;
  /** Deepest melted place under the face the light falls on, along the beam. */
  readonly depth: number;
  /** Width on the front and on the back; 0 where it is not melted there. */
  readonly front: number;
  readonly back: number;
  /** Length of the pool behind the gun. */
  readonly poolBehind: number;
}

/** Reads the melt off a field. A coarse mesh says its width and area well, its depth within a cell. */
export function meltedBead(heat: SeamHeat): MeltedBead {
  const { cut, law, frames, along, around } = heat;
  const { section, isHalf, at, from } = cut;
  const peak = peakRise(heat);
  let area = 0;
  let depth = 0;
  for (let cell = 0; cell < section.cells; cell++) {
    if ((peak[cell] as number) < law.liquidus) continue;
    area += (section.width[cell] as number) * (section.height[cell] as number);
    const [dy, dz] = [(section.y[cell] as number) - at[0], (section.z[cell] as number) - at[1]];
    const half =
      (Math.abs(from[0]) * (section.width[cell] as number) +
        Math.abs(from[1]) * (section.height[cell] as number)) /
      2;
    depth = Math.max(depth, half - dy * from[0] - dz * from[1]);
  }
  const widthOn = (face: 'front' | 'back') => {
    const line = faceLine(heat, face);
    const edges = edgesAbove(
      line,
      Array.from(line.cells, (cell) => peak[cell] as number),
      law.liquidus,
      isHalf,
    );
    return edges === null ? 0 : edges.right - edges.left;
  };
  const lastMolten = frames
    .slice(0, around)
    .findLastIndex((frame) => frame.some((rise) => rise >= law.liquidus));
  return {
    area: isHalf ? 2 * area : area,
    depth,
    front: widthOn('front'),
    back: widthOn('back'),
    poolBehind: lastMolten < 0 ? 0 : Math.max(0, along.centres[lastMolten] as number),
  };
}

/** Within these the field and the melt model mean the same bead. */
const agreeing = { least: 0.6, most: 1.7 };

/**
 * Section that the field melts over what the melt model goes by, bead width times depth down to the sheet's far side; null where the two
 * mean the same bead, within what either knows.
 */
export function meltDisagreement(
  { beadWidth, depth, joint }: WeldHeatInput,
  { area }: MeltedBead,
): number | null {
  const { distance } = farFace(joint);
  const ratio = area / (beadWidth * Math.min(depth, distance ?? depth));
  return ratio >= agreeing.least && ratio <= agreeing.most ? null : ratio;
}

/** The hottest that each cell gets, K over the start. */
export function peakRise({ frames, cut }: Pick<SeamHeat, 'frames' | 'cut'>): Float32Array {
  const peak = new Float32Array(cut.section.cells);
  for (const frame of frames)
    for (let cell = 0; cell < peak.length; cell++)
      peak[cell] = Math.max(peak[cell] as number, frame[cell] as number);
  return peak;
}
