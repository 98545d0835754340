import {
  normalTemperature,
  standardAtmosphere,
  cubicMetre,
  metre,
  second,
  type CubicMetre,
  type GaugePascal,
  type Metre,
  type MetrePerSecond,
  type NormalFlow,
  type Second,
} from '../quantity/index.js';

/** A bottle as its label and gauge say it. */
export interface GasBottle {
  /** Volume of water it would hold. */
  readonly waterVolume: CubicMetre;
  readonly pressure: GaugePascal;
  /** Pressure that is left in it when it is changed. */
  readonly changedAt: GaugePascal;
}

const shopKelvin = 293.15;

/**
 * Gas that can still be drawn, at 0 °C and 1.01325 bar: (p - p left) V/p normal, at the shop's 20 °C. As an ideal gas;
 * argon at 200 bar holds about 5 % more, which is left as reserve.
 *
 * @returns 0 where the bottle is due
 * @example
 * (gasLeft({ waterVolume: litre(50), pressure: barGauge(200), changedAt: barGauge(10) }) * 1000).toFixed(0) // => '8736'
 */
export function gasLeft({ waterVolume, pressure, changedAt }: GasBottle): CubicMetre {
  const usable = Math.max(0, pressure - changedAt);
  return cubicMetre(((usable * waterVolume) / standardAtmosphere) * (normalTemperature / shopKelvin));
}

/**
 * The water that a bottle would hold which is sold by the gas it holds when full: V = content x 1.01325 bar / p. As an ideal gas,
 * content and bottle equally warm.
 *
 * @param content at 1.01325 bar
 * @param filledTo above 0
 * @example
 * (waterVolumeFor(litre(3540), barGauge(151.7)) * 1000).toFixed(1) // => '23.6'
 */
export function waterVolumeFor(content: CubicMetre, filledTo: GaugePascal): CubicMetre {
  return cubicMetre((content * standardAtmosphere) / filledTo);
}

/** How a seam draws gas. */
export interface GasUse {
  readonly flow: NormalFlow;
  readonly travel: MetrePerSecond;
  /** Gas before and after the light, for each seam. */
  readonly beforeAndAfter: Second;
  /** Length of one seam, above 0. */
  readonly seamLength: Metre;
}

/**
 * Gas that one seam takes: flow x (length/travel + before + after).
 *
 * @returns at 0 °C and 1.01325 bar
 * @example
 * (gasPerSeam({ flow: normalLitrePerMinute(15), travel: mmPerSecond(10), beforeAndAfter: second(2), seamLength: mm(200) }) * 1000).toFixed(1) // => '5.5'
 */
export function gasPerSeam({ flow, travel, beforeAndAfter, seamLength }: GasUse): CubicMetre {
  return cubicMetre(flow * (seamLength / travel + beforeAndAfter));
}

/** What a bottle still gives. */
export interface BottleReach {
  /** Time with the gas open. */
  readonly open: Second;
  /** Whole seams. */
  readonly seams: number;
  /** Length of those seams. */
  readonly seam: Metre;
}

/**
 * How long a bottle lasts at a flow, in hours of gas, whole seams and metres of seam.
 *
 * @example
 * bottleReach({ waterVolume: litre(50), pressure: barGauge(200), changedAt: barGauge(10) }, { flow: normalLitrePerMinute(15), travel: mmPerSecond(8), beforeAndAfter: second(2), seamLength: mm(200) }).seams // => 1294
 */
export function bottleReach(bottle: GasBottle, use: GasUse): BottleReach {
  const left = gasLeft(bottle);
  const seams = Math.floor(left / gasPerSeam(use));
  return { open: second(left / use.flow), seams, seam: metre(seams * use.seamLength) };
}
