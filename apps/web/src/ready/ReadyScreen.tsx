import type { Machine } from '@lone-heron/contract';
import { useSearchParams } from 'react-router';
import { useLatestDaysQuery } from '../shared/api/daysApi.js';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { FirstSteps } from '../shared/firstHour/FirstSteps.js';
import { Loading } from '../shared/page/Loading.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { dayInWords } from '../shared/readiness/dayWords.js';
import { Cleared } from './Cleared.js';
import { DayBench } from './day/DayBench.js';
import { unlessShown } from '../shared/api/unlessShown.js';
import { useAskEvery } from '../shared/news/newsOpen.js';
import { inUse } from '../shared/machines/inUse.js';
import { useNow } from '../shared/clock/useNow.js';

/** Two people may work the same sequence: where the server does not tell, what the other did shows within this time. */
const askAgainMs = 10_000;

/** The start and the end of a machine's day, step by step. */
export function ReadyScreen() {
  const now = useNow();
  const machines = unlessShown(useMachinesQuery(undefined));
  const days = unlessShown(useLatestDaysQuery(undefined, { pollingInterval: useAskEvery(askAgainMs) }));
  const [search, setSearch] = useSearchParams();
  if (machines.error !== undefined)
    return <LoadFailed what="the machines" error={machines.error} retry={machines.refetch} />;
  if (days.error !== undefined) return <LoadFailed what="the days" error={days.error} retry={days.refetch} />;
  if (machines.data === undefined || days.data === undefined) return <Loading what="the days" />;
  const used = inUse(machines.data);
  const picked = machines.data.find(({ id }) => id === search.get('machine')) ?? used[0];
  if (picked === undefined) return <NoMachine />;
  const dayOf = (machine: Machine) => days.data?.find(({ machineId }) => machineId === machine.id);
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-4 sm:px-6">
      <h1 className="sr-only">Ready</h1>
      <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Machine">
        {used.map((machine) => (
          <button
            key={machine.id}
            type="button"
            aria-pressed={machine.id === picked.id}
            className={`btn h-14 flex-col gap-0 px-4 text-left leading-tight ${machine.id === picked.id ? 'btn-primary' : 'border-base-300 bg-base-100'}`}
            onClick={() => setSearch({ machine: machine.id }, { replace: true })}
          >
            <span className="text-base font-semibold">{machine.name}</span>
            <span className="text-sm font-normal">{dayInWords(dayOf(machine), now)}</span>
          </button>
        ))}
        <Cleared machine={picked} />
      </div>
      <DayBench key={picked.id} machine={picked} day={dayOf(picked)} />
    </div>
  );
}

function NoMachine() {
  return (
    <div className="mx-auto flex max-w-3xl flex-col gap-3 px-4 py-4">
      <h1 className="text-2xl font-semibold">Ready</h1>
      <p className="sheet p-5 text-lg">
        A day belongs to a machine, and this shop has none yet: its start-up and what is asked there follow
        from it.
      </p>
      <FirstSteps />
    </div>
  );
}
