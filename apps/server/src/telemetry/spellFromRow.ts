import type { MachineSpell } from '@lone-heron/contract';
import type { HeardSpellEntity } from './heardSpell.entity.js';

/** @param isTaken whether a record has it for its own */
export function spellFromRow(
  { id, machineId, startedAt, endedAt, source, figures }: HeardSpellEntity,
  isTaken: boolean,
): MachineSpell {
  return {
    ...{ id, machineId, source, figures, isTaken },
    startedAt: new Date(startedAt).toISOString(),
    endedAt: new Date(endedAt).toISOString(),
  };
}
