import type { Person } from '@lone-heron/contract';
import { useState } from 'react';
import { useResetPinMutation } from '../../shared/api/peopleApi.js';
import { PinField } from '../../shared/door/PinField.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { Modal } from '../../shared/page/Modal.js';
import { toast } from '../../shared/say/toast.js';

/** Gives somebody a new PIN. */
export function ResetPin({ person, onClose }: { person: Person; onClose: () => void }) {
  const [newPin, setNewPin] = useState('');
  const [reset, { isLoading, error }] = useResetPinMutation();
  const save = async () => {
    if ((await reset({ id: person.id, newPin })).error !== undefined) return;
    onClose();
    toast(`${person.name} has a new PIN and signs in again everywhere.`);
  };
  return (
    <Modal title={`New PIN for ${person.name}`} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (newPin.length >= 4 && !isLoading) void save();
        }}
      >
        <p className="text-soft">Lifts a lock after wrong tries, and signs {person.name} out everywhere.</p>
        <PinField label="New PIN" isNew value={newPin} onType={setNewPin} isStart />
        <Failure what="Not changed." error={error} />
        <SaveButton
          name="Give it"
          waitsFor={newPin.length >= 4 ? null : 'A PIN has 4 to 8 digits.'}
          isSaving={isLoading}
        />
      </form>
    </Modal>
  );
}
