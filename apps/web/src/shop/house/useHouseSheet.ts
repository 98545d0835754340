import type { HouseContent, HouseSheet } from '@lone-heron/contract';
import { useHouseQuery, useReviseHouseMutation } from '../../shared/api/houseApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';

/** A sheet of the house, and the way to write its next revision. */
export interface WrittenSheet<Sheet extends HouseSheet> {
  readonly content: HouseContent[Sheet];
  readonly revision: number;
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
  if (data === undefined) return null;
  const now = data[sheet] as { revision: number; content: HouseContent[Sheet] };
  const store = (revision: number, content: HouseContent[Sheet]) => revise({ sheet, revision, content });
  return {
    ...now,
    mayChange: person !== null && (person.role === 'lead' || !leadsOnly.includes(sheet)),
    isSaving: isLoading,
    error,
    save: async (content, what) => {
      const { data: house } = await store((basis ?? now.revision) + 1, content);
      if (house === undefined) return null;
      const { revision } = house[sheet];
      sayUndoable(what, {
        undo: () => store(revision + 1, now.content),
        stays: 'It stands as it was saved.',
      });
      return revision;
    },
  };
}
