import type { Wobble } from '../beam/index.js';
import { seamOf, type Backing, type SeamJoint } from '../joint/index.js';
import { roomTemperature, type Metal } from '../metal/index.js';
import { metre, type Kelvin, type Metre, type MetrePerSecond, type Watt } from '../quantity/index.js';
import { expectedDepth, type WeldForecast, type WeldJob, type WeldSetting } from '../settings/index.js';

/** The part that a seam is on, as far as its heat feels it. */
export interface WeldedPart {
  /** From the seam to the free edge of the sheet on either side. */
  readonly sideWidth: Metre;
  readonly seamLength: Metre;
}

/** A seam as the heat field takes it: plain figures, which can be handed to a worker. */
export interface WeldHeatInput {
  readonly metal: Metal;
  /** The pass that is welded. */
  readonly joint: SeamJoint;
  readonly travel: MetrePerSecond;
  /** Taken from the light, averaged over on and off. */
  readonly absorbed: Watt;
  /** Share of what is taken that is taken in the keyhole, 0 to 1. */
  readonly keyholeHeat: number;
  /** How deep the keyhole lets it go. */
  readonly keyholeDepth: Metre;
  readonly spot: Metre;
  readonly wobble: Wobble;
  /** Width and depth that are melted, as the melt model has them. */
  readonly beadWidth: Metre;
  readonly depth: Metre;
  readonly backing: Backing;
  readonly part: WeldedPart;
  /** Temperature of the part before it is welded. */
  readonly start: Kelvin;
}

/**
 * What the heat field needs of a forecast. The wire's heat comes back with the metal it adds, so all that is taken counts. It starts
 * cold: what free edges throw back is the field's own to find, and would count twice with the forecast's warmth.
 *
 * @example
 * weldHeatInput(sampleJob(), sampleSetting, forecastWeld(sampleJob(), sampleSetting), { backing: 'none', part: { sideWidth: mm(100), seamLength: mm(300) } }).absorbed.toFixed(0) // => '508'
 */
export function weldHeatInput(
  job: WeldJob,
  { power, duty, wobble }: WeldSetting,
  forecast: WeldForecast,
  { backing, part }: Pick<WeldHeatInput, 'backing' | 'part'>,
): WeldHeatInput {
  const { prediction, travel } = forecast;
  const { keyholeShare, absorptivity } = prediction;
  return {
    metal: job.metal,
    joint: seamOf(forecast.pass.joint),
    travel,
    absorbed: (power * duty * absorptivity) as Watt,
    keyholeHeat: Math.min(1, (keyholeShare * job.metal.keyholeAbsorptivity) / absorptivity),
    keyholeDepth: metre(Math.min(prediction.reachLimitedDepth, expectedDepth(forecast))),
    spot: job.machine.spot,
    wobble,
    beadWidth: prediction.width,
    depth: expectedDepth(forecast),
    backing,
    part,
    start: roomTemperature,
  };
}
