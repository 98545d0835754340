import { clearanceFor, machineModes, type Clearance, type Machine, type Person } from '@lone-heron/contract';
import { format } from 'date-fns';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useClearancesQuery } from '../../shared/api/clearancesApi.js';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { useSetClearanceWithdrawnMutation } from './clearancesApi.js';
import { ShopPage } from '../ShopPage.js';
import { ClearForm } from './ClearForm.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Who is cleared for which machine and mode, by whom, until when. */
export function TrainingScreen() {
  const { data: clearances, error, refetch } = unlessShown(useClearancesQuery(undefined));
  const { data: people = [] } = usePeopleQuery(undefined);
  const { data: machines = [] } = useMachinesQuery(undefined);
  const [isClearing, setClearing] = useState(false);
  const isLead = usePersonAtDesk()?.role === 'lead';
  if (error !== undefined) return <LoadFailed what="the training" error={error} retry={refetch} />;
  if (clearances === undefined) return <Loading what="the training" />;
  const working = people.filter(({ isDisabled }) => !isDisabled);
  return (
    <ShopPage title="Training">
      <Overview people={working} machines={machines} clearances={clearances} />
      {isLead ? (
        <button
          type="button"
          className="btn touch-always self-start btn-primary"
          onClick={() => setClearing(true)}
        >
          <Plus className="size-5" aria-hidden="true" /> Clear somebody
        </button>
      ) : (
        <p className="text-soft">A lead clears people. Ready tells everybody whether they are.</p>
      )}
      <Given clearances={clearances} people={people} machines={machines} isLead={isLead} />
      {isClearing && <ClearForm people={working} machines={machines} onClose={() => setClearing(false)} />}
    </ShopPage>
  );
}

interface OverviewProps {
  people: readonly Person[];
  machines: readonly Machine[];
  clearances: readonly Clearance[];
}

/** People by machines: for each mode until when, or not. */
function Overview({ people, machines, clearances }: OverviewProps) {
  const now = useNow();
  const today = format(now, 'yyyy-MM-dd');
  const heldBy = (personId: string, machineId: string) =>
    machineModes.flatMap((mode) => {
      const held = clearanceFor(clearances, { personId, machineId, mode }, today);
      return held === null ? [] : [held];
    });
  return (
    <section className="sheet overflow-x-auto" aria-label="Who is cleared now" tabIndex={0}>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">Person</th>
            {machines.map(({ id, name }) => (
              <th key={id} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {people.map((person) => (
            <tr key={person.id}>
              <th scope="row" className="font-medium">
                {person.name}
              </th>
              {machines.map((machine) => {
                const held = heldBy(person.id, machine.id);
                return (
                  <td key={machine.id}>
                    {held.length === 0 ? (
                      <span className="text-soft">not cleared</span>
                    ) : (
                      held.map(({ id, mode, until }) => (
                        <span key={id} className="block">
                          {mode}
                          <span className="text-soft">
                            {until === null ? '' : ` until ${shownDay(until)}`}
                          </span>
                        </span>
                      ))
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const shownDay = (day: string) => format(new Date(day), 'd MMM yyyy');

interface GivenProps extends OverviewProps {
  isLead: boolean;
}

/** Every clearance that was given, newest first. */
function Given({ clearances, people, machines, isLead }: GivenProps) {
  const [setWithdrawn] = useSetClearanceWithdrawnMutation();
  const nameOf = (id: string) => people.find((person) => person.id === id)?.name ?? id;
  const change = async (id: string, isWithdrawn: boolean) => {
    const { error } = await setWithdrawn({ id, isWithdrawn });
    if (error !== undefined) {
      sayFailed(error);
      return;
    }
    sayUndoable(isWithdrawn ? 'Withdrawn.' : 'Given again.', {
      undo: () => setWithdrawn({ id, isWithdrawn: !isWithdrawn }),
    });
  };
  if (clearances.length === 0) return <p className="text-soft">Nobody was cleared yet.</p>;
  return (
    <section className="sheet" aria-label="Given so far">
      <h2 className="px-4 pt-3 font-semibold">Given so far</h2>
      <ul className="divide-y divide-base-300">
        {clearances.map((each) => (
          <li key={each.id} className="flex flex-wrap items-center gap-3 px-4 py-2">
            <span className="mr-auto leading-tight">
              <strong>{nameOf(each.personId)}</strong> to {each.mode} on{' '}
              {machines.find(({ id }) => id === each.machineId)?.name ?? each.machineId}
              {each.until !== null && ` until ${shownDay(each.until)}`}
              <span className="block text-sm text-soft">
                {format(new Date(each.clearedAt), 'd MMM yyyy')} by {nameOf(each.clearedBy)}
                {each.note !== '' && `: ${each.note}`}
                {each.withdrawnAt !== null &&
                  `; withdrawn ${format(new Date(each.withdrawnAt), 'd MMM yyyy')}`}
              </span>
            </span>
            {isLead && (
              <button
                type="button"
                className="btn touch-always"
                aria-label={`${each.withdrawnAt === null ? 'Withdraw' : 'Give again'}: ${nameOf(each.personId)} to ${each.mode} on ${machines.find(({ id }) => id === each.machineId)?.name ?? each.machineId}`}
                onClick={() => void change(each.id, each.withdrawnAt === null)}
              >
                {each.withdrawnAt === null ? 'Withdraw' : 'Give again'}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
