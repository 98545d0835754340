import type { EntityManager } from 'typeorm';
import { refused } from '../../http/problem.js';
import { WorkshopEntity } from '../workshop.entity.js';

/** How a workshop is called within a sentence; the whole firm for null. @throws ProblemException 422 for one that there is not */
export async function workshopInWords(manager: EntityManager, id: string | null): Promise<string> {
  if (id === null) return 'the whole firm';
  const row = await manager.findOneBy(WorkshopEntity, { id });
  if (row === null)
    throw refused([{ field: 'workshopId', given: `"${id}"`, allowed: 'a workshop of this firm, or null' }]);
  return row.name;
}
