import { roles, type Account, type Person, type Role } from '@lone-heron/contract';
import { useState } from 'react';
import { useSetDisabledMutation, useSetRoleMutation } from '../../shared/api/peopleApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { roleWords } from '../../shared/vocabulary/roles.js';
import { AccountSheet } from './AccountSheet.js';
import { RenamePerson } from './RenamePerson.js';
import { ResetPin } from './ResetPin.js';

interface PersonRowProps {
  readonly person: Person;
  /** Whose they are; empty where that is not asked. */
  readonly of: string;
  /** Whether who is at the desk may change them. */
  readonly mayChange: boolean;
  readonly account: Account | null;
}

/** Somebody of the shop, with a lead's ways to change them. */
export function PersonRow({ person, of, mayChange, account }: PersonRowProps) {
  return (
    <li className="flex flex-wrap items-center gap-3 p-3" aria-label={person.name}>
      <span className="mr-auto min-w-40">
        <strong className="text-lg">{person.name}</strong>{' '}
        <span className="text-soft">
          {person.isDisabled ? 'cannot sign in' : roleWords[person.role]}
          {of !== '' && `, of ${of}`}
        </span>
      </span>
      {mayChange && <PersonKeys person={person} account={account} />}
    </li>
  );
}

type OpenSheet = 'name' | 'pin' | 'account' | null;

function PersonKeys({ person, account }: Pick<PersonRowProps, 'person' | 'account'>) {
  const { name } = person;
  const [setRole, role] = useSetRoleMutation();
  const [setDisabled, disabled] = useSetDisabledMutation();
  const [sheet, setSheet] = useState<OpenSheet>(null);
  const failure = role.error ?? disabled.error;
  const close = () => setSheet(null);
  const change = async (isDisabled: boolean) => {
    const answer = await setDisabled({ id: person.id, isDisabled });
    if (answer.error !== undefined) return;
    sayUndoable(`${name} ${isDisabled ? 'can no longer sign in' : 'can sign in again'}.`, {
      undo: () => setDisabled({ id: person.id, isDisabled: !isDisabled }),
    });
  };
  return (
    <>
      <RowKey name={`Rename ${name}`} words="Rename" onPress={() => setSheet('name')} />
      <select
        className="select touch-always w-32 text-base"
        aria-label={`Role of ${name}`}
        value={person.role}
        onChange={(event) => void setRole({ id: person.id, role: event.target.value as Role })}
      >
        {roles.map((each) => (
          <option key={each} value={each}>
            {roleWords[each]}
          </option>
        ))}
      </select>
      <RowKey name={`New PIN for ${name}`} words="New PIN" onPress={() => setSheet('pin')} />
      <RowKey name={`Account of ${name}`} words="Account" onPress={() => setSheet('account')} />
      <RowKey
        name={`${person.isDisabled ? 'Let in' : 'Disable'} ${name}`}
        words={person.isDisabled ? 'Let in again' : 'Disable'}
        onPress={() => void change(!person.isDisabled)}
      />
      {failure !== undefined && (
        <p role="alert" className="fault w-full">
          Not changed. {problemOf(failure).message}
        </p>
      )}
      {sheet === 'name' && <RenamePerson person={person} onClose={close} />}
      {sheet === 'pin' && <ResetPin person={person} onClose={close} />}
      {sheet === 'account' && <AccountSheet person={person} account={account} onClose={close} />}
    </>
  );
}

interface RowKeyProps {
  /** In full: the row's words stand alone for whoever does not see it. */
  readonly name: string;
  readonly words: string;
  readonly onPress: () => void;
}

function RowKey({ name, words, onPress }: RowKeyProps) {
  return (
    <button type="button" className="btn touch-always" aria-label={name} onClick={onPress}>
      {words}
    </button>
  );
}
