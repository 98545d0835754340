import { diffusivity, meltRise, roomTemperature, type Metal } from '../metal/index.js';
import { bracketedRoot } from '../numeric/index.js';
import { kelvinDifference, metre, second, type KelvinDifference, type Metre } from '../quantity/index.js';
import { discPulseRise } from './discPulse.js';
import type { LampSetting } from './LampJob.js';

/** What one pulse melts. */
export interface SpotMelt {
  readonly depth: Metre;
  /** At the face. */
  readonly width: Metre;
  /** Absorbed light over where a keyhole opens: towards 1 it spits. */
  readonly dense: number;
}

/** Absorbed intensity at which a keyhole opens, W/m2, and over how much of its ln one turns into the other. */
const keyholeFrom = 1e10;
const blend = 0.35;
/** Share of the absorbed heat that is in the melt of a boiling, stirred pool when the light goes off. A starting figure. */
const pooledShare = 0.45;
const mostDepth = 0.01;

/**
 * Depth and width of what one pulse melts. Below boiling: where the rise of an even disc on a half space passes melting,
 * with the heat of melting as so many more degrees. From boiling on the face gets no hotter and vapour stirs the pool, whose
 * heat melts it deeper than conduction could: half an ellipsoid as wide as the spot, or half a ball. Above 1 MW/cm2 absorbed
 * a keyhole's energy balance takes over. All blended smoothly. The half space is deeper than a sheet, so what comes near the
 * back is a lower bound. Source: Carslaw and Jaeger 1959, 10.5.
 *
 * @param energy of the pulse, J
 * @param warmth that earlier pulses left where this one falls, 0 or more
 */
export function spotMelt(
  metal: Metal,
  energy: number,
  { width, spot }: Pick<LampSetting, 'width' | 'spot'>,
  warmth: KelvinDifference = kelvinDifference(0),
): SpotMelt {
  const area = (Math.PI / 4) * spot ** 2;
  const absorbed = metal.surfaceAbsorptivity * energy;
  const flux = absorbed / width / area;
  const { conductivity, heatCapacity } = metal;
  const diffused = { radius: metre(spot / 2), conductivity, diffusivity: diffusivity(metal), onFor: width };
  const faceRise = discPulseRise({ flux, ...diffused }, metre(0), width);
  const boils = faceRise / (metal.boilingPoint - roomTemperature - warmth);
  const needed = meltRise(metal) - warmth + metal.latentHeat / heatCapacity;
  if (faceRise <= needed) return { depth: metre(0), width: metre(0), dense: flux / keyholeFrom };
  // What would be hotter than boiling warms nothing below.
  const held = { flux: boils > 1 ? flux / boils : flux, ...diffused };
  const conducted = bracketedRoot((depth) => hottest(held, depth) - needed, 0, mostDepth, 1e-6);
  const pooled = pooledDepth((pooledShare * absorbed) / (metal.density * heatCapacity * needed), spot / 2);
  const stirred = conducted + turned(boils) * Math.max(pooled - conducted, 0);
  const bored = boredDepth(metal, energy, area, warmth);
  return {
    depth: metre(stirred + turned(flux / keyholeFrom) * Math.max(bored - stirred, 0)),
    width: metre(Math.max(spot * Math.sqrt(Math.min(faceRise / needed - 1, 1)), 2 * stirred)),
    dense: flux / keyholeFrom,
  };
}

/** How far one regime has turned into the next: half where the ratio is 1. */
function turned(ratio: number): number {
  return 1 / (1 + ratio ** (-1 / blend));
}

/** The hottest that a depth gets: heat still goes down for a while after the pulse. */
function hottest(pulse: Parameters<typeof discPulseRise>[0], depth: number): number {
  return Math.max(
    ...[1, 1.15, 1.4].map((share) => discPulseRise(pulse, metre(depth), second(pulse.onFor * share))),
  );
}

/** Depth of half an ellipsoid over the spot, of half a ball once it is deeper than the spot is wide. */
function pooledDepth(volume: number, radius: number): number {
  return Math.min((1.5 * volume) / (Math.PI * radius ** 2), Math.cbrt((1.5 * volume) / Math.PI));
}

/** Half of what a keyhole takes of a pulse's energy boils its way down; the rest runs off. */
const boringShare = 0.5;

function boredDepth(metal: Metal, energy: number, area: number, warmth: number): number {
  const { keyholeAbsorptivity, density, heatCapacity, boilingPoint, latentHeat } = metal;
  const heat = heatCapacity * (boilingPoint - roomTemperature - warmth) + latentHeat;
  return (boringShare * keyholeAbsorptivity * energy) / (density * heat * area);
}
