import poissonCdf from '@stdlib/stats-base-dists-poisson-cdf';
import { requireWithin } from '../fault/index.js';

/** How spares are used up and come in. */
export interface SpareDemand {
  /** Mean use between failures, in any unit of use. */
  readonly meanLife: number;
  /** Use per day over all machines that take this part, in the same unit. */
  readonly usePerDay: number;
  /** Days from ordering to having. */
  readonly deliveryDays: number;
  /** Chance wanted of not running out while waiting, 0.5 to 0.999. */
  readonly serviceLevel: number;
}

/** What to keep. */
export interface DrawerStock {
  /** Order when the drawer is down to so many. */
  readonly reorderAt: number;
  /** Expected number used up during a delivery. */
  readonly expectedInDelivery: number;
  /** Chance that the stock lasts the delivery. */
  readonly chance: number;
}

/** Past this many the counts would be those of a warehouse. */
const mostSpares = 10_000;

/**
 * Spares to have in the drawer when ordering: the least number that lasts the delivery with the wanted chance, with
 * failures taken as independent (Poisson). Parts that wear out evenly need fewer, so this is on the safe side.
 *
 * @throws RangeFault for a service level outside 0.5 to 0.999 or a life that is not above 0
 * @example
 * drawerStock({ meanLife: 20, usePerDay: 2, deliveryDays: 10, serviceLevel: 0.95 }).reorderAt // => 3
 */
export function drawerStock(demand: SpareDemand): DrawerStock {
  const { meanLife, usePerDay, deliveryDays, serviceLevel } = demand;
  requireWithin(serviceLevel, { quantity: 'service level', min: 0.5, max: 0.999, unit: '' });
  requireWithin(meanLife, { quantity: 'mean life', min: Number.MIN_VALUE, max: Number.MAX_VALUE, unit: '' });
  const expected = (usePerDay * deliveryDays) / meanLife;
  requireWithin(expected, { quantity: 'spares used in a delivery', min: 0, max: mostSpares / 2, unit: '' });
  let reorderAt = 0;
  while (poissonCdf(reorderAt, expected) < serviceLevel && reorderAt < mostSpares) reorderAt++;
  return { reorderAt, expectedInDelivery: expected, chance: poissonCdf(reorderAt, expected) };
}
