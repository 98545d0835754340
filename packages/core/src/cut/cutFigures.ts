import { nozzleFlow } from '../gas/index.js';
import { diffusivity, meltRise } from '../metal/index.js';
import { bracketedRoot } from '../numeric/index.js';
import {
  fraction,
  kelvin,
  metre,
  metrePerSecond,
  second,
  standardAtmosphere,
  watt,
  type Metre,
  type MetrePerSecond,
  type NormalFlow,
  type Second,
  type Watt,
} from '../quantity/index.js';
import { hazardDistance, type LaserBeam } from '../safety/index.js';
import { fastestCut } from './cutBalance.js';
import type { CutJob, CutSetting } from './CutJob.js';

/** Share of the light that a kerf takes: between an open melt and a deep keyhole. A starting figure; pieces find it out. */
const kerfAbsorptivity = 0.45;
/** Share of the absorbed light that burning adds, by gas and metal. Starting figures. */
const burningInAir = {
  steel: 0.15,
  stainless: 0.08,
  aluminium: 0.05,
  copperAlloy: 0,
  titanium: 0.3,
  nickel: 0.05,
};
/** Melt leaves the kerf hotter than it melts. */
const overheated = 1.15;
/** Sharp-edged bores pass this share of the ideal flow. */
const boreCoefficient = fraction(0.85);
const gasTemperature = kelvin(293);
const fastestThinkable = 5;

/** What a light allows a hand, whatever its pace. */
export interface CutLimits {
  /** The fastest that the energy allows, by the model alone. */
  readonly energyLimit: MetrePerSecond;
  /** 1 where the gas is as strong as the sheet is thought to need; less leaves dross. */
  readonly push: number;
}

/** What a cut comes to. */
export interface CutFigures extends CutLimits {
  readonly kerf: Metre;
  /** What the bore passes at that pressure. */
  readonly flow: NormalFlow;
  readonly lightOn: Second;
  /** That goes on behind the sheet while it cuts, at most: what is not absorbed, and all of it where the cut runs ahead. */
  readonly behind: Watt;
}

/** What a cut under a setting comes to. */
export function cutFigures(job: CutJob, setting: CutSetting): CutFigures {
  const mean = watt(setting.power * setting.duty);
  return {
    ...cutLimits(job, setting),
    kerf: kerfOf(job, setting),
    flow: nozzleFlow({
      ...{ gas: job.gas, bore: job.bore, pressure: job.pressure },
      ...{ dischargeCoefficient: boreCoefficient, gasTemperature },
    }),
    lightOn: second(job.length / setting.travel),
    behind: watt(mean * (1 - kerfAbsorptivity)),
  };
}

/** The part of {@link cutFigures} that no pace changes and that is slow to work out. */
export function cutLimits(job: CutJob, light: CutLight): CutLimits {
  return {
    energyLimit: energyLimit(job, light),
    push: (job.pressure + standardAtmosphere) / pressureNeeded(job),
  };
}

type CutLight = Pick<CutSetting, 'power' | 'duty' | 'focus'>;

/** Width of the kerf: the beam where it is widest in the sheet, and a little more with thickness; never past a third of the bore. */
function kerfOf({ thickness, head, bore }: CutJob, { focus }: Pick<CutSetting, 'focus'>): Metre {
  const away = Math.max(Math.abs(focus), Math.abs(thickness - focus));
  return metre(Math.min(1.4 * head.spot + 0.04 * thickness + 0.05 * away, Math.max(bore / 3, head.spot)));
}

/**
 * The speed at which what is absorbed and burnt just melts the kerf and feeds what runs off into the sheet, 4 k t dT
 * (Pe/2)^0.36 with Pe = v w/(2 a). Both rise with speed, so there is one. Source: Schulz, Simon, Urbassek and Decker 1987.
 */
function energyLimit(job: CutJob, light: CutLight): MetrePerSecond {
  const { metal, thickness, gas } = job;
  const kerf = kerfOf(job, light);
  const reactionShare = gas === 'air' ? burningInAir[metal.family] : 0;
  const power = watt(light.power * light.duty);
  const heat = kerfAbsorptivity * power * (1 + reactionShare);
  const rise = meltRise(metal);
  const lossAt = (speed: number) =>
    4 * metal.conductivity * thickness * rise * ((speed * kerf) / (4 * diffusivity(metal))) ** 0.36;
  const reached = (speed: number) =>
    fastestCut({
      ...{ power, absorptivity: fraction(kerfAbsorptivity), reactionShare, kerf, thickness },
      ...{ density: metal.density, heatCapacity: metal.heatCapacity, latentHeat: metal.latentHeat },
      rise: (rise * overheated) as typeof rise,
      lossShare: fraction(Math.min(lossAt(speed) / heat, 1)),
    }) - speed;
  return metrePerSecond(bracketedRoot(reached, 1e-7, fastestThinkable, 1e-7));
}

/** Melt of some metals is thicker or clings more. Starting figures. */
const clinging = { steel: 1, stainless: 1.15, aluminium: 1.25, copperAlloy: 1.3, titanium: 1.1, nickel: 1.3 };

/** Pressure, absolute, at which the gas is thought to take the melt out clean. More sheet needs more, a wide bore wastes it. */
function pressureNeeded({ metal, thickness, bore }: CutJob): number {
  return 4e5 * clinging[metal.family] * (thickness / 1e-3) ** 0.6 * (bore / 1.2e-3) ** 0.5;
}

/**
 * How far behind the sheet the light that goes on is over the exposure limit: the whole beam's, where the cut runs ahead
 * of the hand or the sheet ends. A planning figure; a laser safety officer decides.
 */
export function hazardBehind(beam: LaserBeam): Metre {
  return metre(Math.ceil(hazardDistance(beam)));
}
