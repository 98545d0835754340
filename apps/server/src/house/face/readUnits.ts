import { houseStarts, type HouseUnits } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { HouseSheetEntity } from '../houseSheet.entity.js';

/** The units that the shop speaks now: what the server says in words is said in them. */
export async function unitsNow(manager: EntityManager): Promise<HouseUnits> {
  const [newest] = await manager.find(HouseSheetEntity, {
    where: { sheet: 'units' },
    order: { revision: 'DESC' },
    take: 1,
  });
  return { ...houseStarts.units, ...(newest?.content as HouseUnits | undefined) };
}
