import type { Person } from '@lone-heron/contract';
import { useState } from 'react';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { toast, toastFailure } from '../../shared/say/toast.js';
import { useSignOutMutation } from '../../shared/api/heronApi.js';
import { useChangeOwnPinMutation } from '../../shared/api/peopleApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { useWaysQuery } from '../../shared/door/accountsApi.js';
import { PinField } from '../../shared/door/PinField.js';
import { Modal } from '../../shared/page/Modal.js';
import { OwnPassphraseForm } from './OwnPassphraseForm.js';
import { roleWords } from '../../shared/vocabulary/roles.js';

/** What somebody signed in does at the door: leave, or change their PIN. */
export default function OwnSheet({ person, onClose }: { person: Person; onClose: () => void }) {
  const [signOut] = useSignOutMutation();
  const { data: ways } = useWaysQuery(undefined);
  const leave = async () => {
    const answer = await signOut(undefined);
    if (answer.error !== undefined) {
      toastFailure(`Still signed in. ${problemOf(answer.error).message}`);
      return;
    }
    onClose();
    toast(`${person.name} is signed out.`);
  };
  return (
    <Modal title={person.name} onClose={onClose}>
      <p className="mb-4 text-soft">Signed in here as {roleWords[person.role]}.</p>
      <button
        type="button"
        className="btn h-14 w-full text-lg btn-primary"
        data-start=""
        onClick={() => void leave()}
      >
        Sign out
      </button>
      <details className="mt-4">
        <summary className="touch-always flex cursor-pointer items-center font-medium">Change my PIN</summary>
        <OwnPinForm person={person} onDone={onClose} />
      </details>
      {ways?.hasPassphrases === true && (
        <details>
          <summary className="touch-always flex cursor-pointer items-center font-medium">
            Change my passphrase
          </summary>
          <OwnPassphraseForm person={person} onDone={onClose} />
        </details>
      )}
    </Modal>
  );
}

function OwnPinForm({ person, onDone }: { person: Person; onDone: () => void }) {
  const [typed, setTyped] = useState({ pin: '', newPin: '', again: '' });
  const [change, { isLoading, error }] = useChangeOwnPinMutation();
  const isReady = typed.pin.length >= 4 && typed.newPin.length >= 4 && typed.newPin === typed.again;
  const save = async () => {
    const { pin, newPin } = typed;
    if ((await change({ pin, newPin })).error !== undefined) return;
    onDone();
    toast(`The PIN of ${person.name} is changed. Sign in with the new one.`);
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReady && !isLoading) void save();
      }}
    >
      <PinField label="PIN now" value={typed.pin} onType={(pin) => setTyped({ ...typed, pin })} />
      <PinField
        label="New PIN"
        isNew
        value={typed.newPin}
        onType={(newPin) => setTyped({ ...typed, newPin })}
      />
      <PinField
        label="The new one again"
        value={typed.again}
        onType={(again) => setTyped({ ...typed, again })}
      />
      {error !== undefined && (
        <p role="alert" className="fault">
          Not changed. {problemOf(error).message}
        </p>
      )}
      <SaveButton
        name="Change it"
        waitsFor={isReady ? null : 'The PIN of now, and twice the new one of 4 to 8 digits.'}
        isSaving={isLoading}
      />
    </form>
  );
}
