import { useState } from 'react';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { toast } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { useSignInMutation } from '../../shared/api/heronApi.js';
import { useMakeFirstLeadMutation } from '../../shared/api/peopleApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { PinField } from '../../shared/door/PinField.js';
import { Modal } from '../../shared/page/Modal.js';

/** A shop that has nobody yet: its first lead, who then adds the others. */
export default function FirstLead() {
  const [id] = useState(() => uuid());
  const [isLeft, setLeft] = useState(false);
  const [typed, setTyped] = useState({ name: '', pin: '', again: '' });
  const [make, { isLoading, error }] = useMakeFirstLeadMutation();
  const [signIn] = useSignInMutation();
  const isReady = typed.name.trim() !== '' && typed.pin.length >= 4 && typed.pin === typed.again;
  const save = async () => {
    const answer = await make({ id, lead: { name: typed.name, pin: typed.pin } });
    if (answer.data === undefined) return;
    await signIn({ personId: answer.data.id, pin: typed.pin });
    toast(`${answer.data.name} leads this shop. Add the others under Shop, People.`);
  };
  if (isLeft) return null;
  return (
    <Modal title="Who leads this shop?" onClose={() => setLeft(true)}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady && !isLoading) void save();
        }}
      >
        <p className="text-soft">
          Nobody is in this shop yet. The first lead adds people, sets up machines and signs what is to be
          signed.
        </p>
        <label className="flex flex-col gap-1">
          <span className="font-medium">Name</span>
          <input
            className="input touch-always w-full text-lg"
            maxLength={60}
            autoComplete="off"
            data-start=""
            value={typed.name}
            onChange={(event) => setTyped({ ...typed, name: event.target.value })}
          />
        </label>
        <PinField label="PIN" isNew value={typed.pin} onType={(pin) => setTyped({ ...typed, pin })} />
        <PinField
          label="The same again"
          value={typed.again}
          onType={(again) => setTyped({ ...typed, again })}
        />
        {typed.again.length >= typed.pin.length && typed.again !== typed.pin && (
          <p className="fault">The two PINs differ.</p>
        )}
        {error !== undefined && (
          <p role="alert" className="fault">
            Not stored. {problemOf(error).message}
          </p>
        )}
        <SaveButton name="Lead this shop" waitsFor={isReady ? null : wantedOf(typed)} isSaving={isLoading} />
      </form>
    </Modal>
  );
}

function wantedOf({ name, pin }: { name: string; pin: string }): string {
  if (name.trim() === '') return 'Your name is wanted.';
  return pin.length < 4 ? 'A PIN has 4 to 8 digits.' : 'The two PINs are not the same yet.';
}
