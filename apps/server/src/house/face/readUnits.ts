import type { HouseUnits } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { sheetNow } from '../houseSheets.js';

/** The units that a workshop speaks now, the firm’s for null: what the server says in words is said in them. */
export async function unitsNow(manager: EntityManager, workshopId: string | null): Promise<HouseUnits> {
  return (await sheetNow(manager, 'units', workshopId)).content;
}
