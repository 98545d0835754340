import {
  boilingOff,
  coolSection,
  gradedLine,
  lightSource,
  phaseLawOf,
  riseOfPotential,
  solveSteady,
  type CrossSection,
  type MeshLine,
  type PhaseLaw,
  type SteadyAccount,
  type SteadyEffort,
} from '../field/index.js';
import { airLoss } from './airLoss.js';
import { jointSection, type JointSection } from './jointSection.js';
import type { WeldHeatInput } from './WeldHeatInput.js';

/** How a seam under way heats its joint, from the first warmth ahead of the gun until it is cold again. */
export interface SeamHeat {
  readonly law: PhaseLaw;
  readonly cut: JointSection;
  /** Along the flow of metal under the gun, 0 at the gun; m. */
  readonly along: MeshLine;
  /** Seconds since the gun passed, rising; below 0 ahead of it. */
  readonly times: Float64Array;
  /** Rise over the start in each cell of the section at each of these times, K. */
  readonly frames: readonly Float32Array[];
  /** How many of the frames lie in the steady field around the gun; later ones have heat flow across the seam alone. */
  readonly around: number;
  /** Where the power goes around the gun, W; of a half section half of it. */
  readonly account: SteadyAccount;
  readonly steps: number;
  /** False where the field did not settle: nothing in it may be shown as if it had. */
  readonly isConverged: boolean;
}

/** Metal ahead of the gun and behind it that is taken together with it, in lengths of diffusivity over travel. */
const aheadLengths = 6;
const behindLengths = 20;
const least = { ahead: 3e-3, behind: 8e-3 };
/** However slow: what is behind is followed in time. */
const mostBehind = 80e-3;

/** It is cold when nothing is warmer than this, K, or after an hour. */
const cold = 6;
const longest = 3600;
/** Each step of cooling is longer by this. */
const stretched = 1.08;

/**
 * Solves the field around the gun and follows the section behind it until it is cold.
 *
 * @param effort how long it may be worked on, and what is told on the way
 * @param coarser factor on the width of the cells, for studies of the mesh
 */
export function seamHeat(input: WeldHeatInput, effort: SteadyEffort = {}, coarser = 1): SeamHeat {
  const { metal, travel, start } = input;
  const law = phaseLawOf(metal, start);
  const cut = jointSection(input, coarser);
  const along = alongGun(input, law, coarser);
  const toAir = airLoss(start);
  const source = lightSource(
    {
      absorbed: cut.isHalf ? input.absorbed / 2 : input.absorbed,
      spot: input.spot,
      wobble: input.wobble,
      columnShare: input.keyholeHeat,
      columnDepth: input.keyholeDepth,
      at: cut.at,
      from: cut.from,
    },
    cut.section,
    along,
  );
  const losses = { toAir, boiling: boilingOff(metal, start) };
  const field = solveSteady({ law, section: cut.section, along, travel, source, losses }, effort);
  const { account, steps, isConverged, potential } = field;
  const head = framesAround(law, cut.section, along, potential);
  const headTimes = Array.from(along.centres, (behind) => behind / travel);
  const tail = isConverged
    ? followCooling({ law, section: cut.section, toAir }, potential, along, travel)
    : nothing;
  return {
    law,
    cut,
    along,
    times: Float64Array.from([...headTimes, ...tail.times]),
    frames: [...head, ...tail.frames],
    around: head.length,
    account,
    steps,
    isConverged,
  };
}

const nothing = { times: [] as number[], frames: [] as Float32Array[] };

function alongGun({ travel, wobble, spot }: WeldHeatInput, law: PhaseLaw, coarser: number): MeshLine {
  const length = law.solidConductivity / law.capacity / travel;
  const reach = (wobble.shape === 'none' ? 0 : wobble.width / 2) + spot;
  return gradedLine({
    from: -Math.max(aheadLengths * length, least.ahead, reach * 2),
    to: Math.min(mostBehind, Math.max(behindLengths * length, least.behind)),
    fineFrom: -reach,
    fineTo: reach + 1e-3,
    fine: coarser * 0.15e-3,
    growth: 1.08,
  });
}

/** The field around the gun as sections in the order of time. */
function framesAround(
  law: PhaseLaw,
  { cells }: CrossSection,
  along: MeshLine,
  potential: Float64Array,
): Float32Array[] {
  const count = along.widths.length;
  return Array.from({ length: count }, (_, i) =>
    Float32Array.from({ length: cells }, (_, cell) =>
      riseOfPotential(law, potential[cell * count + i] as number),
    ),
  );
}

function followCooling(
  cooling: Parameters<typeof coolSection>[0],
  around: Float64Array,
  along: MeshLine,
  travel: number,
) {
  const { law, section } = cooling;
  const count = along.widths.length;
  const potential = Float64Array.from(
    { length: section.cells },
    (_, cell) => around[cell * count + count - 1] as number,
  );
  let time = (along.centres[count - 1] as number) / travel;
  let step = (along.widths[count - 1] as number) / travel / 2;
  const times: number[] = [];
  const frames: Float32Array[] = [];
  while (time < longest) {
    coolSection(cooling, potential, step);
    time += step;
    step *= stretched;
    const frame = Float32Array.from(potential, (each) => riseOfPotential(law, each));
    times.push(time);
    frames.push(frame);
    if (frame.every((rise) => rise < cold)) break;
  }
  return { times, frames };
}
