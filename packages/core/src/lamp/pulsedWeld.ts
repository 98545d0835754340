import { diffusivity } from '../metal/index.js';
import {
  kelvinDifference,
  metrePerSecond,
  metre,
  watt,
  type Joule,
  type KelvinDifference,
  type Metre,
  type Watt,
} from '../quantity/index.js';
import { pulseEnergy, type LampEnergy } from './lampEnergy.js';
import type { LampJob, LampSetting } from './LampJob.js';
import { sealedDepth } from './sealedDepth.js';
import { spotMelt, type SpotMelt } from './spotMelt.js';

/** What a pulsed weld comes to. */
export interface PulsedWeld extends SpotMelt {
  readonly energy: Joule;
  /** Energy times rate. */
  readonly meanPower: Watt;
  /** Share of a spot that the next one covers; null for a spot. */
  readonly overlap: number | null;
  /** Depth that holds: of a spot its own, of a seam where its spots cross. */
  readonly holds: Metre;
  /** What earlier pulses left where a pulse falls; 0 for a spot, whose next one falls elsewhere. */
  readonly warmth: KelvinDifference;
}

/** What a spot or a seam of spots under a setting comes to, by the machine's own table of energy. */
export function pulsedWeld(job: LampJob, setting: LampSetting, table: LampEnergy): PulsedWeld {
  const energy = pulseEnergy(table, setting);
  const warmth = warmthBefore(job, setting, energy);
  const melt = spotMelt(job.metal, energy, setting, warmth);
  const meanPower = watt(energy * setting.rate);
  if (setting.travel === null || melt.depth === 0) {
    const overlap = setting.travel === null ? null : 0;
    return { ...melt, energy, meanPower, warmth, overlap, holds: melt.depth };
  }
  const { overlap, sealed } = sealedDepth({
    ...{ spot: melt.width, depth: melt.depth, rate: setting.rate, travel: metrePerSecond(setting.travel) },
  });
  return { ...melt, energy, meanPower, warmth, overlap, holds: sealed };
}

/** Pulses that count; older ones have gone into the sheet. */
const remembered = 30;

/**
 * What the pulses before left: each a point of heat on a half space, E/(4 rho c (pi a t)^1.5) exp(-d2/(4 a t)), as far back
 * along the seam as it was made. Source: Carslaw and Jaeger 1959, 10.2.
 */
function warmthBefore({ metal }: LampJob, { rate, travel }: LampSetting, energy: Joule): KelvinDifference {
  if (travel === null) return kelvinDifference(0);
  const spread = diffusivity(metal);
  const absorbed = metal.surfaceAbsorptivity * energy;
  let sum = 0;
  for (let before = 1; before <= remembered; before++) {
    const age = before / rate;
    const away = travel * age;
    const near = Math.exp(-(away ** 2) / (4 * spread * age));
    sum += (absorbed * near) / (4 * metal.density * metal.heatCapacity * (Math.PI * spread * age) ** 1.5);
  }
  return kelvinDifference(Math.min(sum, (metal.meltingPoint - 293) / 2));
}

/** Depths between which a weld of this job is joined, neither loose nor showing behind. */
export function joinedBetween({ kind, thickness, under }: LampJob): {
  readonly from: Metre;
  readonly to: Metre;
} {
  return kind === 'spot'
    ? { from: metre(thickness * spotInto), to: metre(thickness + under) }
    : { from: metre(thickness * seamInto), to: thickness };
}

/** A spot holds from where it is a little into the second sheet. */
const spotInto = 1.1;
/** A seam of two edges holds, after a fashion, from a third of them on. */
const seamInto = 0.33;
