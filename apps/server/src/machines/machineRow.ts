import { machineProfileSchema, type MachineRevision, type MachineRevisionDraft } from '@lone-heron/contract';
import type { MachineRevisionEntity } from './machineRevision.entity.js';

/** What revisions from before these were kept say of them. */
const notKept = { optics: null, mains: null, coolant: [], pointer: null, feederMenu: [], programSlots: 0 };

/** A stored revision as it crosses the wire; what older versions did not keep reads as not known. */
export function revisionFromRow(row: MachineRevisionEntity): MachineRevision {
  const { machineId, revision, name, madeAt, madeBy, note } = row;
  return {
    machineId,
    revision,
    name,
    profile: machineProfileSchema.parse({ ...notKept, ...row.profile }),
    madeAt,
    madeBy,
    note,
  };
}

/** A stored revision as it was sent. */
export function draftFromRow(row: MachineRevisionEntity): MachineRevisionDraft {
  const { name, profile, note } = revisionFromRow(row);
  return { name, profile, note };
}
