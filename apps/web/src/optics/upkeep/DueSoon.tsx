import type { Machine } from '@lone-heron/contract';
import { useState } from 'react';
import { Link } from 'react-router';
import { useUpkeepQuery } from '../../shared/api/upkeepApi.js';
import { standingTasks, type StandingTask } from '../../shared/upkeep/upkeepDue.js';
import { DoneSheet } from './DoneSheet.js';
import { TaskRow } from './TaskRow.js';
import { useNow } from '../../shared/clock/useNow.js';

/** So many are shown before the whole calendar is asked for. */
const most = 4;

/** Upkeep that is due or nearly so, over all machines. */
export function DueSoon({ machines }: { machines: readonly Machine[] }) {
  const now = useNow();
  const { data } = useUpkeepQuery(undefined);
  const [doing, setDoing] = useState<StandingTask | null>(null);
  if (data === undefined) return null;
  const pressing = standingTasks(data, now).filter(
    ({ state }) => state === 'missed' || state === 'due' || state === 'soon',
  );
  return (
    <section className="sheet px-4 py-3" aria-label="Upkeep that is due">
      <h2 className="flex items-center font-semibold">
        Upkeep that is due
        {pressing.length > most && (
          <Link className="btn touch ml-auto btn-ghost" to="/optics/upkeep">
            All {pressing.length}
          </Link>
        )}
      </h2>
      {pressing.length === 0 ? (
        <p className="text-soft">Nothing is due this week.</p>
      ) : (
        <ul className="divide-y divide-base-300">
          {pressing.slice(0, most).map((each) => (
            <TaskRow
              key={`${each.machineId} ${each.task.id}`}
              of={each}
              machines={machines}
              onDone={() => setDoing(each)}
            />
          ))}
        </ul>
      )}
      {doing !== null && <DoneSheet of={doing} machines={machines} onClose={() => setDoing(null)} />}
    </section>
  );
}
