import type { Machine, ProtectiveWindow } from '@lone-heron/contract';
import { differenceInCalendarDays } from 'date-fns';
import { useState } from 'react';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { figure } from '../../shared/figures/figures.js';
import { windowReasonWords } from '../../shared/vocabulary/looks.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { GlassPicture } from './WindowDisc.js';
import { lightInWords } from '../light/lightInWords.js';
import { placeWords } from './foundInWords.js';
import { useWindowHistoryQuery } from './windowsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Windows on a page of the history. */
const pageLength = 12;

/** Every window that came out, newest first, with why; some at a time. */
export function WindowHistory({ machines }: { machines: readonly Machine[] }) {
  const [offset, setOffset] = useState(0);
  const { data, error, refetch } = unlessShown(useWindowHistoryQuery({ offset, limit: pageLength }));
  if (error !== undefined) return <LoadFailed what="the windows" error={error} retry={refetch} />;
  const total = data?.total ?? 0;
  return (
    <section className="sheet overflow-x-auto" aria-label="Windows that came out" tabIndex={0}>
      <div className="flex flex-wrap items-center gap-3 px-4 pt-3">
        <h2 className="mr-auto font-semibold">Windows that came out</h2>
        {total > pageLength && (
          <>
            <span className="text-soft tabular-nums">
              {offset + 1} to {Math.min(offset + pageLength, total)} of {total}
            </span>
            <button
              type="button"
              className="btn touch"
              disabled={offset === 0}
              onClick={() => setOffset(Math.max(0, offset - pageLength))}
            >
              Newer
            </button>
            <button
              type="button"
              className="btn touch"
              disabled={offset + pageLength >= total}
              onClick={() => setOffset(offset + pageLength)}
            >
              Older
            </button>
          </>
        )}
      </div>
      {data !== undefined && total === 0 ? (
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
              <th scope="col">Seen on it</th>
              <th scope="col">In for</th>
              <th scope="col">Coupons</th>
              <th scope="col">Light</th>
              <th scope="col">Wear, h at 1 kW</th>
            </tr>
          </thead>
          <tbody>
            {data?.windows.map((window) => (
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
  const now = useNow();
  const { removedAt, removedReason, removedNote, removedFound } = window;
  const days =
    removedAt === null ? 0 : differenceInCalendarDays(new Date(removedAt), new Date(window.fittedAt));
  const spots = removedFound?.spots ?? [];
  return (
    <tr>
      <td>{machineName}</td>
      <td className="tabular-nums">{window.number}</td>
      <td className="whitespace-nowrap">{removedAt !== null && shownMoment(removedAt, now)}</td>
      <td>
        <span className="flex items-center gap-2">
          {spots.length > 0 && (
            <span className="size-8 shrink-0">
              <GlassPicture spots={spots} isPale={removedReason === 'paleSpecks'} />
            </span>
          )}
          <span>
            {removedReason !== null && windowReasonWords[removedReason].short}
            {removedFound?.seal === 'damaged' && ', seal damaged'}
            {removedFound !== null && (
              <span className="block text-sm text-soft">{placeWords[removedFound.place]}</span>
            )}
            {removedNote !== null && removedNote !== '' && (
              <span className="block text-sm text-soft">{removedNote}</span>
            )}
          </span>
        </span>
      </td>
      <td className="whitespace-nowrap tabular-nums">{days === 1 ? '1 day' : `${days} days`}</td>
      <td className="tabular-nums">{window.couponCount}</td>
      <td className="whitespace-nowrap tabular-nums">{lightInWords(window.lightOnS)}</td>
      <td className="tabular-nums">{figure(window.wornHours, 1)}</td>
    </tr>
  );
}
