import type { HouseContent, HouseSheet } from '@lone-heron/contract';
import { useHouseQuery, useReviseHouseMutation } from '../../shared/api/houseApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { useLeaveToFirmMutation } from '../../shared/workshops/workshopsApi.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';

/** A sheet of the house, and the way to write its next revision. */
export interface WrittenSheet<Sheet extends HouseSheet> {
  readonly content: HouseContent[Sheet];
  readonly revision: number;
  /** The workshop of who is at the desk, which can have it of its own; null where it is one sheet for the firm. */
  readonly whose: { readonly workshopId: string; readonly isOwn: boolean } | null;
  /** Has the workshop go by the firm's again, as the next revision, and gives its number; null where it did not. */
  readonly leaveToFirm: () => Promise<number | null>;
  /** Whether the person at the desk may change it. */
  readonly mayChange: boolean;
  readonly isSaving: boolean;
  readonly error: unknown;
  /** Stores the revision after this one, and gives its number; null where it did not. The toast takes it back. */
  readonly save: (content: HouseContent[Sheet], what: string) => Promise<number | null>;
}

/** Sheets that leads alone change; what is on hand anybody writes down. */
const leadsOnly: readonly HouseSheet[] = ['practice', 'units', 'prices', 'jobRates', 'acceptance', 'losses'];

/**
 * @param basis revision that is being changed; by default the newest. A save on an older one is refused, so that nothing
 *   that somebody else wrote meanwhile is overwritten unseen
 * @returns null until the house has been fetched
 */
export function useHouseSheet<Sheet extends HouseSheet>(
  sheet: Sheet,
  basis?: number,
): WrittenSheet<Sheet> | null {
  const { data } = useHouseQuery(undefined);
  const person = usePersonAtDesk();
  const [revise, { isLoading, error }] = useReviseHouseMutation();
  const [leave, leaving] = useLeaveToFirmMutation();
  if (data === undefined) return null;
  const now = data[sheet] as { revision: number; content: HouseContent[Sheet]; isOwn?: boolean };
  const workshopId = person?.workshopId ?? null;
  const isFirms = workshopId === null || sheet === 'glassWeights';
  const store = (revision: number, content: HouseContent[Sheet]) => revise({ sheet, revision, content });
  const goByFirms = (revision: number) => leave({ sheet, revision });
  return {
    ...now,
    whose: isFirms ? null : { workshopId, isOwn: now.isOwn === true },
    mayChange: person !== null && (person.role === 'lead' || !leadsOnly.includes(sheet)),
    isSaving: isLoading || leaving.isLoading,
    error: error ?? leaving.error,
    save: async (content, what) => {
      const { data: house } = await store((basis ?? now.revision) + 1, content);
      if (house === undefined) return null;
      const { revision } = house[sheet];
      sayUndoable(what, {
        // The first of a workshop's own is taken back by going by the firm's again.
        undo: () =>
          isFirms || now.isOwn === true ? store(revision + 1, now.content) : goByFirms(revision + 1),
        stays: 'It stands as it was saved.',
      });
      return revision;
    },
    leaveToFirm: async () => {
      const { data: house } = await goByFirms((basis ?? now.revision) + 1);
      if (house === undefined) return null;
      const { revision } = house[sheet];
      sayUndoable('It goes by the firm’s again.', { undo: () => store(revision + 1, now.content) });
      return revision;
    },
  };
}
