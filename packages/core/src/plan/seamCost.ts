import type { CubicMetre, Joule, Metre, Second } from '../quantity/index.js';

/** Prices of the shop, in its own money. */
export interface ShopPrices {
  /** Per hour of a person. */
  readonly labourPerHour: number;
  /** Per hour of the hands: the room, the machine, what is paid whether it welds or not. */
  readonly overheadPerHour: number;
  /** Per m3 of gas at 0 °C and 1.01325 bar. */
  readonly gasPerCubicMetre: number;
  /** Per kg of wire. */
  readonly wirePerKilogram: number;
  /** Per kWh from the mains. */
  readonly mainsPerKilowattHour: number;
  /** Per protective window. */
  readonly window: number;
}

/** What a seam, or a whole job, uses up. */
export interface SeamUse {
  readonly length: Metre;
  readonly lightOn: Second;
  /** All time of the person, light on included. */
  readonly labour: Second;
  readonly gas: CubicMetre;
  /** kg */
  readonly wire: number;
  readonly mains: Joule;
  /** Share of a protective window's life, 0 or more. */
  readonly windowShare: number;
}

/** Where the money goes, in the shop's own money. */
export interface SeamCost {
  readonly labour: number;
  readonly overhead: number;
  readonly gas: number;
  readonly wire: number;
  readonly mains: number;
  readonly window: number;
  readonly total: number;
  readonly perMetre: number;
}

const joulesPerKilowattHour = 3.6e6;

/**
 * Cost of a seam or a job, item by item, and per metre of seam.
 *
 * @example
 * seamCost({ length: metre(2), lightOn: second(250), labour: second(900), gas: cubicMetre(0.1), wire: 0.02, mains: joule(1.8e6), windowShare: 0.01 }, { labourPerHour: 40, overheadPerHour: 0, gasPerCubicMetre: 8, wirePerKilogram: 15, mainsPerKilowattHour: 0.3, window: 12 }).total.toFixed(2) // => '11.37'
 */
export function seamCost(use: SeamUse, prices: ShopPrices): SeamCost {
  const items = {
    labour: (use.labour / 3600) * prices.labourPerHour,
    overhead: (use.labour / 3600) * prices.overheadPerHour,
    gas: use.gas * prices.gasPerCubicMetre,
    wire: use.wire * prices.wirePerKilogram,
    mains: (use.mains / joulesPerKilowattHour) * prices.mainsPerKilowattHour,
    window: use.windowShare * prices.window,
  };
  const total = Object.values(items).reduce((sum, each) => sum + each, 0);
  return { ...items, total, perMetre: total / use.length };
}
