import { houseStarts, type HouseContent } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { HouseSheetEntity } from '../house/houseSheet.entity.js';

/** What stands on the shelf of the sample workshop, lies in its drawer, and what an hour and its machine cost it. */
export const sampleHouse: Pick<HouseContent, 'wire' | 'nozzles' | 'jobRates'> = {
  wire: [
    { filler: '308L', diameterMm: 0.8, kilograms: 4.2, batch: 'R 118' },
    { filler: '308L', diameterMm: 1, kilograms: 0.9, batch: 'R 96' },
    { filler: 'G3Si1', diameterMm: 1, kilograms: 11, batch: 'K 40' },
    { filler: 'G3Si1', diameterMm: 1.2, kilograms: 6.5, batch: 'K 41' },
    { filler: '5356', diameterMm: 1.2, kilograms: 1.8, batch: 'A 7' },
  ],
  nozzles: [
    { shape: 'flat', isGrooved: true, boreMm: 8, count: 4 },
    { shape: 'flat', isGrooved: false, boreMm: 6, count: 2 },
    { shape: 'vee', isGrooved: true, boreMm: 6, count: 2 },
    { shape: 'notched', isGrooved: true, boreMm: 6, count: 1 },
  ],
  // What a made-up machine costs, so that it can be seen when it has paid.
  jobRates: {
    ...houseStarts.jobRates,
    ...{ overheadPerHour: 9, machine: { price: 9400, keepPerYear: 700, moneyPercentPerYear: 6 } },
  },
};

/** Puts the sample workshop's shelf and drawer into the database. */
export async function seedHouse(manager: EntityManager, madeAt: string): Promise<void> {
  for (const sheet of ['wire', 'nozzles', 'jobRates'] as const) {
    const content = sampleHouse[sheet];
    await manager.insert(HouseSheetEntity, { sheet, revision: 1, content, madeAt, madeBy: 'ines' });
  }
}
