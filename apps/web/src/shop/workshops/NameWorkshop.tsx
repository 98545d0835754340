import type { Workshop } from '@lone-heron/contract';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { useRemoveWorkshopMutation, useSaveWorkshopMutation } from '../../shared/workshops/workshopsApi.js';

interface NameWorkshopProps {
  /** Null to open one. */
  readonly workshop: Workshop | null;
  readonly onClose: () => void;
}

/** Opens a workshop, or calls one otherwise. */
export function NameWorkshop({ workshop, onClose }: NameWorkshopProps) {
  const sheet = `workshop ${workshop?.id ?? 'new'}`;
  const { id: newId, sent } = useKeptId(sheet);
  const [typed, setName] = useKept(sheet, 'name', () => workshop?.name ?? '');
  const [save, { isLoading, error }] = useSaveWorkshopMutation();
  const [remove] = useRemoveWorkshopMutation();
  const name = typed.trim();
  const id = workshop?.id ?? newId;
  const isReady = name !== '' && name !== workshop?.name;
  const store = async () => {
    if (workshop === null) sent();
    if ((await save({ id, name })).error !== undefined) return;
    forgetTyping(sheet);
    onClose();
    sayUndoable(
      workshop === null ? `${name} is open: say who and what is of it.` : `It is called ${name} now.`,
      {
        undo: () => (workshop === null ? remove(id) : save(workshop)),
      },
    );
  };
  return (
    <Modal title={workshop === null ? 'Open a workshop' : `Rename ${workshop.name}`} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady && !isLoading) void store();
        }}
      >
        <KeptNote sheet={sheet} />
        <TextField label="Name" text={typed} longest={60} isStart onType={setName} />
        <Failure error={error} />
        <SaveButton
          name={workshop === null ? 'Open' : 'Rename'}
          waitsFor={isReady ? null : 'A name is wanted, other than before.'}
          isSaving={isLoading}
        />
      </form>
    </Modal>
  );
}
