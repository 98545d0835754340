import type { HouseUnits } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { sheetNow } from '../houseSheets.js';

/** The units that the shop speaks now: what the server says in words is said in them. */
export async function unitsNow(manager: EntityManager): Promise<HouseUnits> {
  return (await sheetNow(manager, 'units')).content;
}
