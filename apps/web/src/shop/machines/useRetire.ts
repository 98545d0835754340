import type { Machine } from '@lone-heron/contract';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { useSetMachineRetiredMutation } from './machinesApi.js';

/** Takes a machine out of use, or into use again, with the way back; null for who may not. */
export function useRetire(): ((machine: Machine, isRetired: boolean) => Promise<void>) | null {
  const person = usePersonAtDesk();
  const [setRetired] = useSetMachineRetiredMutation();
  if (person?.role !== 'lead') return null;
  return async ({ id, name }, isRetired) => {
    const { error } = await setRetired({ id, isRetired });
    if (error !== undefined) {
      sayFailed(error);
      return;
    }
    sayUndoable(
      isRetired ? `${name} is out of use. What was done with it stays.` : `${name} is in use again.`,
      {
        undo: () => setRetired({ id, isRetired: !isRetired }),
      },
    );
  };
}
