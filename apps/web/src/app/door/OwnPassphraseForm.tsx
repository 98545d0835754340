import type { Person } from '@lone-heron/contract';
import { useState } from 'react';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { useChangeOwnPassphraseMutation } from '../../shared/door/accountsApi.js';
import { PassphraseField } from '../../shared/door/PassphraseField.js';
import { toast } from '../../shared/say/toast.js';

/** Changes one's own passphrase, which signs every device of theirs out. */
export function OwnPassphraseForm({
  person,
  onDone,
}: {
  readonly person: Person;
  readonly onDone: () => void;
}) {
  const [typed, setTyped] = useState({ passphrase: '', newPassphrase: '', again: '' });
  const [change, { isLoading, error }] = useChangeOwnPassphraseMutation();
  const { passphrase, newPassphrase, again } = typed;
  const isReady = passphrase !== '' && newPassphrase.length >= 12 && newPassphrase === again;
  const save = async () => {
    if ((await change({ passphrase, newPassphrase })).error !== undefined) return;
    onDone();
    toast(`The passphrase of ${person.name} is changed. Sign in with the new one.`);
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReady && !isLoading) void save();
      }}
    >
      <PassphraseField
        label="Passphrase now"
        value={passphrase}
        onType={(text) => setTyped({ ...typed, passphrase: text })}
      />
      <PassphraseField
        label="New passphrase"
        isNew
        value={newPassphrase}
        onType={(text) => setTyped({ ...typed, newPassphrase: text })}
      />
      <PassphraseField
        label="The new passphrase again"
        isNew
        value={again}
        onType={(text) => setTyped({ ...typed, again: text })}
      />
      <Failure what="Not changed." error={error} />
      <SaveButton
        name="Change the passphrase"
        waitsFor={isReady ? null : 'The passphrase of now, and twice the new one of 12 characters or more.'}
        isSaving={isLoading}
      />
    </form>
  );
}
