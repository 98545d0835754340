import type { Machine } from '@lone-heron/contract';
import { CalendarDays, Copy, Download } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { toast, toastFailure } from '../../shared/say/toast.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useMachineUpkeepQuery, useUpkeepQuery } from '../../shared/api/upkeepApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { PickField } from '../../shared/form/PickField.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { isDue, standingTasks, type StandingTask } from '../../shared/upkeep/upkeepDue.js';
import { NoMachine } from '../NoMachine.js';
import { DoneSheet } from './DoneSheet.js';
import { TaskRow } from './TaskRow.js';
import { WhoseNote } from '../../shared/workshops/WhoseNote.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { inUse } from '../../shared/machines/inUse.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Where the calendar is read by other programs. */
const feedPath = '/api/upkeep.ics';

/** Everything that is done to the machines again and again, the most pressing first. */
export function UpkeepScreen() {
  const now = useNow();
  const { data: upkeep, error, refetch } = unlessShown(useUpkeepQuery(undefined));
  const { data: machines } = useMachinesQuery(undefined);
  const [search, setSearch] = useSearchParams();
  const machineId = search.get('machine') ?? '';
  // Another workshop's is asked for when somebody looks at it.
  const isOthers =
    machineId !== '' && upkeep !== undefined && !upkeep.some(({ plan }) => plan.machineId === machineId);
  const theirs = useMachineUpkeepQuery(machineId, { skip: !isOthers });
  const own = usePersonAtDesk()?.workshopId ?? null;
  const [doing, setDoing] = useState<StandingTask | null>(null);
  if (error !== undefined) return <LoadFailed what="the upkeep" error={error} retry={refetch} />;
  if (upkeep === undefined || machines === undefined) return <Loading what="the upkeep" />;
  if (isOthers && theirs.error !== undefined)
    return <LoadFailed what="the upkeep" error={theirs.error} retry={theirs.refetch} />;
  if (isOthers && theirs.currentData === undefined) return <Loading what="the upkeep" />;
  const others = isOthers && theirs.currentData !== undefined ? [theirs.currentData] : [];
  const tasks = standingTasks([...upkeep, ...others], now).filter(
    (each) => machineId === '' || each.machineId === machineId,
  );
  const due = tasks.filter(isDue).length;
  return (
    <div className="mx-auto flex max-w-[1200px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Upkeep" back={{ to: '/optics', name: 'Optics' }}>
        <PickField
          label="Machine"
          value={machineId}
          choices={[
            { value: '', label: own === null ? 'all machines' : 'all of your workshop' },
            ...inUse(machines).map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onPick={(id) => setSearch(id === '' ? {} : { machine: id }, { replace: true })}
        />
        <Link className="btn touch-always self-end" to="/optics/upkeep/year">
          <CalendarDays className="size-5" aria-hidden="true" /> The year
        </Link>
      </PageHeader>
      {machineId !== '' && <WhoseNote machineId={machineId} />}
      <section className="sheet px-4 py-3" aria-label="Tasks">
        <h2 className="text-lg font-semibold" role="status">
          {due === 0 ? 'Nothing is due.' : `${due} due now.`}
        </h2>
        <ul className="divide-y divide-base-300">
          {tasks.map((each) => (
            <TaskRow
              key={`${each.machineId} ${each.task.id}`}
              of={each}
              machines={machines}
              onDone={() => setDoing(each)}
            />
          ))}
        </ul>
        {machines.length === 0 && <NoMachine />}
        {tasks.length === 0 && machines.length > 0 && (
          <p className="p-3 text-soft">This machine’s plan is empty: a lead can write one below.</p>
        )}
      </section>
      <Plans machines={machines} />
      <Feed />
      {doing !== null && <DoneSheet of={doing} machines={machines} onClose={() => setDoing(null)} />}
    </div>
  );
}

function Plans({ machines }: { machines: readonly Machine[] }) {
  return (
    <section className="sheet flex flex-wrap items-center gap-2 px-4 py-3" aria-label="Plans">
      <p className="w-full">
        What is done and how often is the shop’s own to write. It begins with planning figures; the machine’s
        manual decides.
      </p>
      {machines.map(({ id, name }) => (
        <Link key={id} className="btn touch-always" to={`/optics/upkeep/plan/${id}`}>
          Plan of {name}
        </Link>
      ))}
    </section>
  );
}

/** The calendar for other programs: to subscribe to, or as a file. */
function Feed() {
  const address = new URL(feedPath, window.location.href).href;
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(address);
      toast('The address is copied.');
    } catch {
      toastFailure('This browser does not copy: mark the address and copy it by hand.');
    }
  };
  return (
    <section className="sheet flex flex-wrap items-center gap-3 px-4 py-3" aria-label="Calendar">
      <div className="mr-auto min-w-0">
        <h2 className="font-semibold">In your own calendar</h2>
        <p className="text-soft">
          Subscribe to this address on this computer, or take the file. It moves when something is done.
        </p>
        <code className="figure block break-all">{address}</code>
      </div>
      <button type="button" className="btn touch-always" onClick={() => void copy()}>
        <Copy className="size-5" aria-hidden="true" /> Copy the address
      </button>
      <a className="btn touch-always" href={feedPath} download="lone-heron-upkeep.ics">
        <Download className="size-5" aria-hidden="true" /> Calendar file
      </a>
    </section>
  );
}
