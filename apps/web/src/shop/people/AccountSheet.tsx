import type { Account, Person } from '@lone-heron/contract';
import { useState } from 'react';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import {
  useGiveAccountMutation,
  useRemoveAccountMutation,
  useWaysQuery,
} from '../../shared/door/accountsApi.js';
import { PassphraseField } from '../../shared/door/PassphraseField.js';
import { Modal } from '../../shared/page/Modal.js';
import { toast } from '../../shared/say/toast.js';

interface AccountSheetProps {
  readonly person: Person;
  /** Null where they have none yet. */
  readonly account: Account | null;
  readonly onClose: () => void;
}

/** How somebody signs in over the network, as a lead gives it. */
export function AccountSheet({ person, account, onClose }: AccountSheetProps) {
  const { data: ways } = useWaysQuery(undefined);
  const [login, setLogin] = useState(account?.login ?? '');
  const [passphrase, setPassphrase] = useState('');
  const [give, { isLoading, error }] = useGiveAccountMutation();
  const [remove, removing] = useRemoveAccountMutation();
  const provider = ways?.provider ?? null;
  const isLoginOf = login.trim().length >= 3 && !/\s/.test(login.trim());
  const needsPassphrase = provider === null && account?.hasPassphrase !== true;
  const isReady = isLoginOf && (passphrase.length >= 12 || (passphrase === '' && !needsPassphrase));
  const save = async () => {
    const draft = passphrase === '' ? { login } : { login, passphrase };
    if ((await give({ personId: person.id, draft })).error !== undefined) return;
    onClose();
    toast(`${person.name} signs in over the network as ${login.trim().toLowerCase()}.`);
  };
  const take = async () => {
    if ((await remove(person.id)).error !== undefined) return;
    onClose();
    toast(`${person.name} has no account any more; the PIN stays.`);
  };
  return (
    <Modal title={`Account of ${person.name}`} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady && !isLoading) void save();
        }}
      >
        <p className="text-soft">
          For coming over the network; at a bench the PIN goes on. Saving signs {person.name} out everywhere.
          {provider !== null &&
            ` Where ${provider} knows them by the same address, they can sign in by it, without a passphrase here.`}
        </p>
        <TextField
          label="Account, such as their address"
          text={login}
          longest={120}
          isStart
          onType={setLogin}
        />
        <PassphraseField
          label={account?.hasPassphrase === true ? 'New passphrase, or nothing to keep it' : 'Passphrase'}
          isNew
          value={passphrase}
          onType={setPassphrase}
        />
        <Failure error={error ?? removing.error} />
        <SaveButton
          name="Save"
          waitsFor={isReady ? null : 'An account without spaces, and a passphrase of 12 characters or more.'}
          isSaving={isLoading}
        />
        {account !== null && (
          <button
            type="button"
            className="btn touch-always"
            onClick={() => {
              if (!removing.isLoading) void take();
            }}
          >
            Take the account away
          </button>
        )}
      </form>
    </Modal>
  );
}
