import {
  machineProfileSchema,
  withoutGaps,
  type MachineRevision,
  type MachineRevisionDraft,
} from '@lone-heron/contract';
import type { MachineRevisionEntity } from './machineRevision.entity.js';

/** A stored revision as it crosses the wire; what older versions did not keep reads as not known. */
export function revisionFromRow(row: MachineRevisionEntity): MachineRevision {
  const { machineId, revision, name, madeAt, madeBy, note } = row;
  return {
    machineId,
    revision,
    name,
    profile: machineProfileSchema.parse(withoutGaps(row.profile)),
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
