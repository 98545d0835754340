import type { EntityManager } from 'typeorm';
import { MachineEntity } from '../machine.entity.js';

/** The machines of a machine's own workshop, itself among them; null where all machines are of one. */
export async function machinesBeside(
  manager: EntityManager,
  machineId: string,
): Promise<readonly string[] | null> {
  const machines = await manager.find(MachineEntity, { select: { id: true, workshopId: true } });
  const workshopId = machines.find(({ id }) => id === machineId)?.workshopId ?? null;
  const own = machines.filter((machine) => machine.workshopId === workshopId).map(({ id }) => id);
  return own.length === machines.length ? null : [machineId, ...own];
}
