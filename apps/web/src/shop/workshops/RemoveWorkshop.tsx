import type { Workshop } from '@lone-heron/contract';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { useRemoveWorkshopMutation, useSaveWorkshopMutation } from '../../shared/workshops/workshopsApi.js';

/** Takes a workshop off the list that nobody and nothing is of, and puts it back on. */
export function RemoveWorkshop({ workshop }: { readonly workshop: Workshop }) {
  const [remove, { isLoading }] = useRemoveWorkshopMutation();
  const [save] = useSaveWorkshopMutation();
  const take = async () => {
    const { error } = await remove(workshop.id);
    if (error === undefined) sayUndoable(`${workshop.name} is off the list.`, { undo: () => save(workshop) });
    else sayFailed(error, `${workshop.name} is still on the list.`);
  };
  return (
    <button
      type="button"
      className="btn touch-always"
      aria-label={`Take ${workshop.name} off the list`}
      onClick={() => {
        if (!isLoading) void take();
      }}
    >
      Take off the list
    </button>
  );
}
