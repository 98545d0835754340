import { second, type Kelvin, type KelvinDifference, type Second, type Watt } from '../quantity/index.js';

/** One coolant circuit: where it should stand, and the limits at which the machine stops. */
export interface CoolantCircuit {
  readonly setPoint: Kelvin;
  readonly lowerLimit: Kelvin;
  readonly upperLimit: Kelvin;
}

/** What a coolant reading means. */
export type CoolantState =
  | { readonly state: 'tooCold' | 'tooWarm'; readonly by: KelvinDifference }
  | { readonly state: 'ready' }
  /** In its band, but so cold that room air leaves water on the optics. */
  | { readonly state: 'wet'; readonly by: KelvinDifference };

/** Kept between the set point and the dew point, K. */
export const dewMargin = 2;

/**
 * Whether light may be struck with the coolant as it stands: below the lower limit no light yet, above the upper none
 * any more, and near the dew point water forms on the optics.
 *
 * @param dew dew point of the room; null where it was not measured
 * @example
 * coolantState({ setPoint: celsius(25), lowerLimit: celsius(22), upperLimit: celsius(30) }, celsius(25), null).state // => 'ready'
 */
export function coolantState(circuit: CoolantCircuit, coolant: Kelvin, dew: Kelvin | null): CoolantState {
  if (coolant < circuit.lowerLimit) {
    return { state: 'tooCold', by: (circuit.lowerLimit - coolant) as KelvinDifference };
  }
  if (coolant > circuit.upperLimit) {
    return { state: 'tooWarm', by: (coolant - circuit.upperLimit) as KelvinDifference };
  }
  if (dew !== null && coolant < dew + dewMargin) {
    return { state: 'wet', by: (dew + dewMargin - coolant) as KelvinDifference };
  }
  return { state: 'ready' };
}

/** What warms the coolant while no light is given: pump and heater. */
export interface WarmUp {
  /** kg of water in the circuit, above 0. */
  readonly coolantMass: number;
  /** Heater and pump together, above 0. */
  readonly heating: Watt;
}

const waterHeatCapacity = 4186;

/**
 * About how long until the coolant has risen so far: m c dT/P, with no loss counted, so at least this.
 *
 * @param rise K, 0 or more
 * @example
 * warmUpTime({ coolantMass: 12, heating: watt(600) }, kelvinDifference(5)).toFixed(0) // => '419'
 */
export function warmUpTime({ coolantMass, heating }: WarmUp, rise: KelvinDifference): Second {
  return second((coolantMass * waterHeatCapacity * rise) / heating);
}
