import { roles, type Role, type Workshop } from '@lone-heron/contract';
import { useState } from 'react';
import { useAddPersonMutation } from '../../shared/api/peopleApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { PinField } from '../../shared/door/PinField.js';
import { PickField } from '../../shared/form/PickField.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { toast } from '../../shared/say/toast.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { roleMeaning, roleWords } from '../../shared/vocabulary/roles.js';
import { pickedWorkshop, wholeFirm, workshopChoices } from '../../shared/workshops/workshopChoices.js';

/** Under which the name and role of somebody new are kept; the PIN never is. */
const newPerson = 'person new';

interface AddPersonProps {
  /** Which they may be of; none where that is not asked. */
  workshops: readonly Workshop[];
  onClose: () => void;
}

/** Somebody new, with a role and a first PIN. */
export function AddPerson({ workshops, onClose }: AddPersonProps) {
  const { id, sent } = useKeptId(newPerson);
  const [typed, setTyped] = useKept<{ name: string; role: Role; of: string }>(newPerson, 'person', () => ({
    name: '',
    role: 'welder',
    of: wholeFirm,
  }));
  const [pin, setPin] = useState('');
  const [add, { isLoading, error }] = useAddPersonMutation();
  const isReady = typed.name.trim() !== '' && pin.length >= 4;
  const save = async () => {
    sent();
    const { name, role, of } = typed;
    const whose = workshops.length === 0 ? {} : { workshopId: pickedWorkshop(of) };
    if ((await add({ id, draft: { name, role, pin, ...whose } })).error !== undefined) return;
    forgetTyping(newPerson);
    onClose();
    toast(`${typed.name.trim()} is in the shop and can change the PIN at the door.`);
  };
  return (
    <Modal title="Add somebody" onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady && !isLoading) void save();
        }}
      >
        <KeptNote sheet={newPerson} />
        <TextField
          label="Name"
          text={typed.name}
          longest={60}
          isStart
          onType={(name) => setTyped({ ...typed, name })}
        />
        <PickField
          label="Role"
          value={typed.role}
          choices={roles.map((role) => ({ value: role, label: `${roleWords[role]}: ${roleMeaning[role]}` }))}
          onPick={(role) => setTyped({ ...typed, role })}
        />
        {workshops.length > 0 && (
          <PickField
            label="Of"
            value={typed.of}
            choices={workshopChoices(workshops)}
            onPick={(of) => setTyped({ ...typed, of })}
          />
        )}
        <PinField label="First PIN" isNew value={pin} onType={setPin} />
        {error !== undefined && (
          <p role="alert" className="fault">
            Not stored. {problemOf(error).message}
          </p>
        )}
        <SaveButton
          name="Add"
          waitsFor={isReady ? null : 'A name, and a PIN of 4 to 8 digits.'}
          isSaving={isLoading}
        />
      </form>
    </Modal>
  );
}
