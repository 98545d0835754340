import type { BackupContents } from '@lone-heron/contract';
import { Eye, EyeOff } from 'lucide-react';
import { useId, useState } from 'react';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { useOpenBackupMutation } from './backupApi.js';

interface OpenSealedProps {
  /** Of the restore. */
  id: string;
  onOpened: (contents: BackupContents) => void;
}

/** Asks for the passphrase of a backup that is encrypted; the file was taken in already and stays for another try. */
export function OpenSealed({ id, onOpened }: OpenSealedProps) {
  const field = useId();
  const [passphrase, setPassphrase] = useState('');
  const [isShown, setShown] = useState(false);
  const [open, opening] = useOpenBackupMutation();
  const tryIt = async () => {
    const { data } = await open({ id, passphrase });
    if (data !== undefined) onOpened(data);
  };
  const Icon = isShown ? EyeOff : Eye;
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (passphrase !== '' && !opening.isLoading) void tryIt();
      }}
    >
      <p>
        This backup is encrypted. Only the passphrase it was made with opens it: nobody, we among them, has
        another way in.
      </p>
      <label htmlFor={field} className="font-medium">
        Passphrase <span className="font-normal text-soft">to the letter</span>
      </label>
      <span className="flex gap-2">
        <input
          id={field}
          type={isShown ? 'text' : 'password'}
          autoComplete="off"
          className="input touch-always min-w-0 grow"
          value={passphrase}
          data-start=""
          // It comes once the file was taken in: whoever waited for it types on.
          autoFocus
          onChange={(event) => setPassphrase(event.target.value)}
        />
        <button
          type="button"
          className="btn touch-always btn-square"
          aria-label={isShown ? 'Hide the passphrase' : 'Show the passphrase'}
          onClick={() => setShown(!isShown)}
        >
          <Icon className="size-5" aria-hidden="true" />
        </button>
      </span>
      {opening.isLoading && <p role="status">Opening it and looking through it.</p>}
      <Failure what="Not opened." error={opening.error} />
      <SaveButton
        name="Open it"
        waitsFor={passphrase === '' ? 'Its passphrase opens it.' : null}
        isSaving={opening.isLoading}
      />
    </form>
  );
}
