import type { EntityManager } from 'typeorm';
import { MachineEntity } from '../machine.entity.js';

/** Ids of the machines that stand in a workshop, as part of a query that says which as `:workshopId`. */
export const machinesOf = (manager: EntityManager): string =>
  manager
    .createQueryBuilder(MachineEntity, 'standing')
    .select('standing.id')
    .where('standing.workshopId = :workshopId')
    .getQuery();
