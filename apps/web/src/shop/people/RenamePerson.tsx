import type { Person } from '@lone-heron/contract';
import { useRenamePersonMutation } from '../../shared/api/peopleApi.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

/** Calls somebody otherwise, wherever they are named. */
export function RenamePerson({ person, onClose }: { person: Person; onClose: () => void }) {
  const sheet = `person ${person.id}`;
  const [name, setName] = useKept(sheet, 'name', () => person.name);
  const [rename, { isLoading, error }] = useRenamePersonMutation();
  const isReady = name.trim() !== '' && name.trim() !== person.name;
  const save = async () => {
    if ((await rename({ id: person.id, name: name.trim() })).error !== undefined) return;
    forgetTyping(sheet);
    onClose();
    sayUndoable(`${person.name} is called ${name.trim()} now, on everything they did.`, {
      undo: () => rename({ id: person.id, name: person.name }),
    });
  };
  return (
    <Modal title={`Rename ${person.name}`} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady && !isLoading) void save();
        }}
      >
        <KeptNote sheet={sheet} />
        <TextField label="Name" text={name} longest={60} isStart onType={setName} />
        <Failure error={error} />
        <SaveButton
          name="Rename"
          waitsFor={isReady ? null : 'Another name is wanted.'}
          isSaving={isLoading}
        />
      </form>
    </Modal>
  );
}
