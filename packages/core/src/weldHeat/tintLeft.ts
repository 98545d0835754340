import { tints, type Metal, type Tint } from '../metal/index.js';
import { kelvin } from '../quantity/index.js';
import { edgesAbove, faceLine, type Face, type FaceEdges } from './faces.js';
import { tintGrowth } from './oxideTint.js';
import type { SeamHeat } from './seamHeat.js';

/** Where each tint is left on a face, from edge to edge; null where it is not. */
export type TintEdges = Readonly<Record<Tint, FaceEdges | null>>;

/** How far from where the light comes in each tint reaches on the sides that see it and on the others, m; 0 where it is not. */
type TintReach = Readonly<Record<Face, Readonly<Record<Tint, number>>>>;

/** What colour a seam leaves, and how far its edges may lie elsewhere. */
export interface TintLeft {
  /** For joints whose sheets do not lie flat. */
  readonly reach: TintReach;
  readonly front: TintEdges;
  readonly back: TintEdges;
  /** The same where oxide grows three times as quickly, and a third: the tables differ by about so much. */
  readonly likely: {
    readonly wide: Readonly<Record<Face, TintEdges>>;
    readonly narrow: Readonly<Record<Face, TintEdges>>;
  };
}

/** Tables of tints disagree by about 40 K, which is a factor of three in growth. */
const tableSpread = 3;

/**
 * Colour that is left on both faces in air: oxide grown over the whole heating and cooling of each place, against what the tables'
 * tints stand for. Gas on a face narrows it; a bead's own colour is another matter.
 *
 * @returns null for metals that show no tints
 */
export function tintLeft(heat: SeamHeat, metal: Metal): TintLeft | null {
  const growth = tintGrowth(metal);
  if (growth === null) return null;
  const oxide = oxideGrown(heat, growth.perSecond);
  const edgesOn = (face: Face, quicker: number): TintEdges => {
    const line = faceLine(heat, face);
    const grown = Array.from(line.cells, (cell) =>
      Math.log(Math.max(1e-30, quicker * (oxide[cell] as number))),
    );
    const edges = tints.map((tint) => [
      tint,
      edgesAbove(line, grown, Math.log(growth.shownFrom[tint]), heat.cut.isHalf),
    ]);
    return Object.fromEntries(edges) as TintEdges;
  };
  const both = (quicker: number) => ({ front: edgesOn('front', quicker), back: edgesOn('back', quicker) });
  return {
    ...both(1),
    reach: reachOf(heat, oxide, growth.shownFrom),
    likely: { wide: both(tableSpread), narrow: both(1 / tableSpread) },
  };
}

function reachOf(
  { cut }: SeamHeat,
  oxide: Float64Array,
  shownFrom: Readonly<Record<Tint, number>>,
): TintReach {
  const { section, at } = cut;
  const reach = { front: { straw: 0, gold: 0, blue: 0 }, back: { straw: 0, gold: 0, blue: 0 } };
  for (let cell = 0; cell < section.cells; cell++) {
    if ((section.open[cell] as number) === 0) continue;
    const face = (section.lit[cell] as number) > 0 ? 'front' : 'back';
    const away = Math.hypot((section.y[cell] as number) - at[0], (section.z[cell] as number) - at[1]);
    for (const tint of tints)
      if ((oxide[cell] as number) >= shownFrom[tint]) reach[face][tint] = Math.max(reach[face][tint], away);
  }
  return reach;
}

/** Growth added up over all frames, a frame reaching halfway to its neighbours in time. */
function oxideGrown(
  heat: SeamHeat,
  perSecond: (temperature: ReturnType<typeof kelvin>) => number,
): Float64Array {
  const { times, frames, law } = heat;
  const oxide = new Float64Array(heat.cut.section.cells);
  frames.forEach((frame, i) => {
    const before = times[Math.max(0, i - 1)] as number;
    const after = times[Math.min(times.length - 1, i + 1)] as number;
    const seconds = (after - before) / 2;
    for (let cell = 0; cell < oxide.length; cell++) {
      const temperature = kelvin(law.start + (frame[cell] as number));
      oxide[cell] = (oxide[cell] as number) + seconds * perSecond(temperature);
    }
  });
  return oxide;
}
