import type { Person } from '@lone-heron/contract';
import { useState } from 'react';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { useSignInAccountMutation } from '../../shared/door/accountsApi.js';
import { PassphraseField } from '../../shared/door/PassphraseField.js';

/** Signing in with an account: for whoever comes over the network. */
export function AccountForm({ onIn }: { readonly onIn: (person: Person) => void }) {
  const [login, setLogin] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [signIn, { isLoading, error }] = useSignInAccountMutation();
  const isReady = login.trim() !== '' && passphrase !== '';
  const enter = async () => {
    const { data } = await signIn({ login, passphrase });
    setPassphrase('');
    if (data !== undefined) onIn(data);
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReady && !isLoading) void enter();
      }}
    >
      <TextField label="Account" text={login} longest={120} completes="username" onType={setLogin} />
      <PassphraseField label="Passphrase" value={passphrase} onType={setPassphrase} />
      <Failure what="Not signed in." error={error} />
      <SaveButton
        name="Sign in"
        waitsFor={isReady ? null : 'The account, and its passphrase.'}
        isSaving={isLoading}
      />
    </form>
  );
}
