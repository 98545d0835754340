import { roles, type Person } from '@lone-heron/contract';
import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useAccountsQuery } from '../../shared/door/accountsApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { roleMeaning, roleWords } from '../../shared/vocabulary/roles.js';
import { workshopName } from '../../shared/workshops/workshopChoices.js';
import { useWorkshopsQuery } from '../../shared/workshops/workshopsApi.js';
import { ShopPage } from '../ShopPage.js';
import { AddPerson } from './AddPerson.js';
import { PersonRow } from './PersonRow.js';

/** Everybody of the shop: who they are, what they may do, and a lead's ways to change that. */
export function PeopleScreen() {
  const { data: people, error, refetch } = unlessShown(usePeopleQuery(undefined));
  const [isAdding, setAdding] = useState(false);
  const lead = usePersonAtDesk();
  const isLead = lead?.role === 'lead';
  const { data: accounts = [] } = useAccountsQuery(undefined, { skip: !isLead });
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
            mayChange={isLead && isOwn(lead, person)}
            account={accounts.find(({ personId }) => personId === person.id) ?? null}
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
