import { roles, type Person, type Role, type Workshop } from '@lone-heron/contract';
import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { toast } from '../../shared/say/toast.js';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import {
  useAddPersonMutation,
  useRenamePersonMutation,
  useResetPinMutation,
  useSetDisabledMutation,
  useSetRoleMutation,
} from '../../shared/api/peopleApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { PinField } from '../../shared/door/PinField.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Modal } from '../../shared/page/Modal.js';
import { roleMeaning, roleWords } from '../../shared/vocabulary/roles.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import {
  pickedWorkshop,
  wholeFirm,
  workshopChoices,
  workshopName,
} from '../../shared/workshops/workshopChoices.js';
import { useWorkshopsQuery } from '../../shared/workshops/workshopsApi.js';
import { ShopPage } from '../ShopPage.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** Everybody of the shop: who they are, what they may do, and a lead's ways to change that. */
export function PeopleScreen() {
  const { data: people, error, refetch } = unlessShown(usePeopleQuery(undefined));
  const [isAdding, setAdding] = useState(false);
  const lead = usePersonAtDesk();
  const isLead = lead?.role === 'lead';
  const { data: workshops = [] } = useWorkshopsQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the people" error={error} retry={refetch} />;
  if (people === undefined) return <Loading what="the people" />;
  return (
    <ShopPage title="People">
      {!isLead && (
        <p className="text-soft">A lead adds people, gives roles and new PINs. Sign in as one to do so.</p>
      )}
      <ul className="sheet divide-y divide-base-300">
        {people.map((person) => (
          <PersonRow
            key={person.id}
            person={person}
            of={workshops.length === 0 ? '' : workshopName(workshops, person.workshopId)}
            isLead={isLead && isOwn(lead, person)}
          />
        ))}
      </ul>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-soft">
        {roles.map((role) => (
          <div key={role} className="contents">
            <dt className="font-medium">{roleWords[role]}</dt>
            <dd>{roleMeaning[role]}</dd>
          </div>
        ))}
      </dl>
      {isLead && (
        <button
          type="button"
          className="btn touch-always self-start btn-primary"
          onClick={() => setAdding(true)}
        >
          <UserPlus className="size-5" aria-hidden="true" /> Add somebody
        </button>
      )}
      {isAdding && (
        <AddPerson
          workshops={(lead?.workshopId ?? null) === null ? workshops : []}
          onClose={() => setAdding(false)}
        />
      )}
    </ShopPage>
  );
}

/** A lead of one workshop sees the people of the others. */
const isOwn = (lead: Person, { workshopId = null }: Person) =>
  (lead.workshopId ?? null) === null || lead.workshopId === workshopId;

function PersonRow({ person, of, isLead }: { person: Person; of: string; isLead: boolean }) {
  const [setRole, role] = useSetRoleMutation();
  const [setDisabled, disabled] = useSetDisabledMutation();
  const [isResetting, setResetting] = useState(false);
  const [isRenaming, setRenaming] = useState(false);
  const failure = role.error ?? disabled.error;
  const change = async (isDisabled: boolean) => {
    const answer = await setDisabled({ id: person.id, isDisabled });
    if (answer.error !== undefined) return;
    sayUndoable(`${person.name} ${isDisabled ? 'can no longer sign in' : 'can sign in again'}.`, {
      undo: () => setDisabled({ id: person.id, isDisabled: !isDisabled }),
    });
  };
  return (
    <li className="flex flex-wrap items-center gap-3 p-3" aria-label={person.name}>
      <span className="mr-auto min-w-40">
        <strong className="text-lg">{person.name}</strong>{' '}
        <span className="text-soft">
          {person.isDisabled ? 'cannot sign in' : roleWords[person.role]}
          {of !== '' && `, of ${of}`}
        </span>
      </span>
      {isLead && (
        <>
          <button
            type="button"
            className="btn touch-always"
            aria-label={`Rename ${person.name}`}
            onClick={() => setRenaming(true)}
          >
            Rename
          </button>
          <select
            className="select touch-always w-32 text-base"
            aria-label={`Role of ${person.name}`}
            value={person.role}
            onChange={(event) => void setRole({ id: person.id, role: event.target.value as Role })}
          >
            {roles.map((each) => (
              <option key={each} value={each}>
                {roleWords[each]}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="btn touch-always"
            aria-label={`New PIN for ${person.name}`}
            onClick={() => setResetting(true)}
          >
            New PIN
          </button>
          <button
            type="button"
            className="btn touch-always"
            aria-label={`${person.isDisabled ? 'Let in' : 'Disable'} ${person.name}`}
            onClick={() => void change(!person.isDisabled)}
          >
            {person.isDisabled ? 'Let in again' : 'Disable'}
          </button>
        </>
      )}
      {failure !== undefined && (
        <p role="alert" className="fault w-full">
          Not changed. {problemOf(failure).message}
        </p>
      )}
      {isRenaming && <RenamePerson person={person} onClose={() => setRenaming(false)} />}
      {isResetting && <ResetPin person={person} onClose={() => setResetting(false)} />}
    </li>
  );
}

/** Under which the name and role of somebody new are kept; the PIN never is. */
const newPerson = 'person new';

interface AddPersonProps {
  /** Which they may be of; none where that is not asked. */
  workshops: readonly Workshop[];
  onClose: () => void;
}

function AddPerson({ workshops, onClose }: AddPersonProps) {
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

function RenamePerson({ person, onClose }: { person: Person; onClose: () => void }) {
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

function ResetPin({ person, onClose }: { person: Person; onClose: () => void }) {
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
