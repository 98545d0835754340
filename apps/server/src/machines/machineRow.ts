import { machineProfileSchema, type MachineRevision, type MachineRevisionDraft } from '@lone-heron/contract';
import type { MachineRevisionEntity } from './machineRevision.entity.js';

/** A stored revision as it crosses the wire; what older versions did not keep reads as not known. */
export function revisionFromRow(row: MachineRevisionEntity): MachineRevision {
  const { machineId, revision, name, madeAt, madeBy, note } = row;
  return {
    machineId,
    revision,
    name,
    profile: machineProfileSchema.parse(row.profile),
    madeAt,
    madeBy,
    note,
  };
}

/** A stored revision as it was sent; null where nobody is known to have sent it. */
export function draftFromRow(row: MachineRevisionEntity): MachineRevisionDraft | null {
  const { name, profile, madeBy, note } = revisionFromRow(row);
  return madeBy === null ? null : { name, profile, personId: madeBy, note };
}
