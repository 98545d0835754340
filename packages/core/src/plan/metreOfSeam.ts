import {
  normalLitrePerMinute,
  cubicMetre,
  degree,
  joule,
  metre,
  second,
  type Joule,
} from '../quantity/index.js';
import type { GasChoice } from '../gas/index.js';
import { windowDose } from '../optics/index.js';
import type { WeldForecast, WeldJob, WeldSetting } from '../settings/index.js';
import { wireArea } from '../wire/index.js';
import type { SeamUse } from './seamCost.js';

/** What a metre of seam needs to know beside the setting. */
export interface MetreInput {
  readonly gas: GasChoice;
  /** kg/m3 of the filler. */
  readonly fillerDensity: number;
  /** Light given over power drawn, above 0. */
  readonly wallPlugEfficiency: number;
  /** Weighted light a protective window bears before it is changed. */
  readonly windowBears: Joule;
  /** Time of the person over the time the light is on, 1 or more. */
  readonly handsPerLight: number;
}

/** What a metre of seam uses up, and the load it puts on the window. */
export interface MetreOfSeam {
  readonly use: SeamUse;
  readonly windowLoad: Joule;
}

/**
 * What one metre of seam takes at a setting, the gun at 45 degrees: time, gas while the light is on, wire, mains of
 * the source alone, and wear of the window. Starts, ends and handling are only in `handsPerLight`.
 *
 * @example
 * metreOfSeam(sampleJob(), sampleSetting, forecastWeld(sampleJob(), sampleSetting), { gas: shieldingGasFor(findMetal('stainless304')), fillerDensity: 7900, wallPlugEfficiency: 0.3, windowBears: joule(72e6), handsPerLight: 3 }).use.lightOn // => 100
 */
export function metreOfSeam(
  job: WeldJob,
  { power, duty, pace }: WeldSetting,
  { travel }: WeldForecast,
  input: MetreInput,
): MetreOfSeam {
  const lightOn = second(1 / travel);
  const meanPower = (power * duty) as WeldSetting['power'];
  const flow = normalLitrePerMinute(input.gas.flowLitresPerMinute);
  const dose = windowDose({ metal: job.metal, lightOn, meanPower, gunAngle: degree(45), zincCoat: 0 });
  const wire =
    pace.by === 'wire' ? wireArea(pace.diameter) * pace.wireSpeed * lightOn * input.fillerDensity : 0;
  return {
    windowLoad: dose.weighted,
    use: {
      length: metre(1),
      lightOn,
      labour: second(lightOn * input.handsPerLight),
      gas: cubicMetre(flow * lightOn),
      wire,
      mains: joule((meanPower * lightOn) / input.wallPlugEfficiency),
      windowShare: dose.weighted / input.windowBears,
    },
  };
}
