import type { NozzleGas } from '@lone-heron/core';
import type { Bottle } from '../bottle.js';

/** The bottle that feeds a machine, as a reading is judged by. */
export interface FeedingBottle {
  readonly litres: number;
  readonly gas: NozzleGas;
}

/** What a bottle feeds a nozzle with. */
export function feedOf({ litres, gas }: Pick<Bottle, 'litres' | 'gas'>): FeedingBottle {
  return { litres, gas: gas === 'dryAir' ? 'air' : gas };
}
