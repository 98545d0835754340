import type { Machine, ProtectiveWindow } from '@lone-heron/contract';
import { differenceInCalendarDays } from 'date-fns';
import { figure } from '../shared/words/figures.js';
import { windowReasonWords } from '../shared/words/looks.js';
import { shownMoment } from '../shared/words/moments.js';

interface WindowHistoryProps {
  windows: readonly ProtectiveWindow[];
  machines: readonly Machine[];
}

/** Every window that came out, newest first, with why. */
export function WindowHistory({ windows, machines }: WindowHistoryProps) {
  const removed = windows.filter((window) => window.removedAt !== null);
  return (
    <section className="sheet overflow-x-auto" aria-label="Windows that came out" tabIndex={0}>
      <h2 className="px-4 pt-3 font-semibold">Windows that came out</h2>
      {removed.length === 0 ? (
        <p className="p-4 text-soft">
          None yet. Each change recorded here tells a little more of how long a window lasts.
        </p>
      ) : (
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Machine</th>
              <th scope="col">Window</th>
              <th scope="col">Out</th>
              <th scope="col">Why</th>
              <th scope="col">In for</th>
              <th scope="col">Coupons</th>
              <th scope="col">Light, timed</th>
            </tr>
          </thead>
          <tbody>
            {removed.map((window) => (
              <RemovedWindow
                key={window.id}
                window={window}
                machineName={machines.find(({ id }) => id === window.machineId)?.name ?? window.machineId}
              />
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function RemovedWindow({ window, machineName }: { window: ProtectiveWindow; machineName: string }) {
  const { removedAt, removedReason, removedNote } = window;
  const days =
    removedAt === null ? 0 : differenceInCalendarDays(new Date(removedAt), new Date(window.fittedAt));
  return (
    <tr>
      <td>{machineName}</td>
      <td className="tabular-nums">{window.number}</td>
      <td className="whitespace-nowrap">{removedAt !== null && shownMoment(removedAt, new Date())}</td>
      <td>
        {removedReason !== null && windowReasonWords[removedReason].short}
        {removedNote !== null && removedNote !== '' && (
          <span className="block text-sm text-soft">{removedNote}</span>
        )}
      </td>
      <td className="whitespace-nowrap tabular-nums">{days === 1 ? '1 day' : `${days} days`}</td>
      <td className="tabular-nums">{window.couponCount}</td>
      <td className="whitespace-nowrap tabular-nums">{figure(window.lightOnS, 0)} s</td>
    </tr>
  );
}
