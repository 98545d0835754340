import type { Day, DayEntry, DayEntryDraft } from '@lone-heron/contract';
import type { DayEntity } from './day.entity.js';
import type { DayEntryEntity } from './dayEntry.entity.js';

/** A stored day with its entries, oldest first, as the client sees it. */
export function dayFromRow(row: DayEntity): Day {
  const { id, machineId, sequenceRevision, startUp, shutDown, openedAt, openedBy, closedAt } = row;
  const entries = row.entries.toSorted((a, b) => a.place - b.place).map(entryFromRow);
  return { id, machineId, sequenceRevision, startUp, shutDown, openedAt, openedBy, closedAt, entries };
}

function entryFromRow(row: DayEntryEntity): DayEntry {
  const { id, isMet, words, at, personId } = row;
  return { id, ...entryDraftFromRow(row), isMet, words, at, personId };
}

/** What the client sent, out of a stored entry. */
export function entryDraftFromRow({ stepId, outcome, reading, reason }: DayEntryEntity): DayEntryDraft {
  return { stepId, outcome, reading, reason };
}
