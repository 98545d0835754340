import type { Machine, ProtectiveWindow } from '@lone-heron/contract';
import { Stethoscope, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMachinesQuery, usePeopleQuery, useWindowsQuery } from '../shared/api/heronApi.js';
import { Loading } from '../shared/Loading.js';
import { LoadFailed } from '../shared/LoadFailed.js';
import { figure } from '../shared/words/figures.js';
import { shownMoment } from '../shared/words/moments.js';
import { ChangeWindow } from './ChangeWindow.js';
import { WindowHistory } from './WindowHistory.js';

/** The glass in front of the light: what is fitted on each machine, what it has done, and its changes. */
export function OpticsScreen() {
  const machines = useMachinesQuery(undefined);
  const windows = useWindowsQuery(undefined);
  const [changing, setChanging] = useState<Machine | null>(null);
  if (machines.error !== undefined) {
    return <LoadFailed what="the machines" error={machines.error} retry={machines.refetch} />;
  }
  if (windows.error !== undefined) {
    return <LoadFailed what="the windows" error={windows.error} retry={windows.refetch} />;
  }
  const everyWindow = windows.data;
  if (machines.data === undefined || everyWindow === undefined) return <Loading what="the windows" />;
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-4 px-4 py-4 sm:px-6">
      <header className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-2xl font-semibold">Optics</h1>
        <Link className="btn touch-always" to="/optics/wrong">
          <Stethoscope className="size-5" aria-hidden="true" /> Something is wrong
        </Link>
      </header>
      <div className="grid gap-4 md:grid-cols-2">
        {machines.data.map((machine) => (
          <FittedWindow
            key={machine.id}
            machine={machine}
            fitted={everyWindow.find((one) => one.machineId === machine.id && one.removedAt === null)}
            onChange={() => setChanging(machine)}
          />
        ))}
      </div>
      <p className="caution flex gap-2 p-3 leading-snug" role="note">
        <TriangleAlert className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
        <span>
          Laser off, key out and the light-path cap on before the head is opened; nobody looks into the
          nozzle. Change the window in still, clean air, the opening face down. The machine’s manual decides.
        </span>
      </p>
      <WindowHistory windows={everyWindow} machines={machines.data} />
      {changing !== null && <ChangeWindow machine={changing} onClose={() => setChanging(null)} />}
    </div>
  );
}

interface FittedWindowProps {
  machine: Machine;
  fitted: ProtectiveWindow | undefined;
  onChange: () => void;
}

function FittedWindow({ machine, fitted, onChange }: FittedWindowProps) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const fitter = people.find(({ id }) => id === fitted?.fittedBy)?.name;
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label={`Window of ${machine.name}`}>
      <div className="flex items-start justify-between gap-4">
        <div>
          <h2 className="text-soft">
            Protective window on <span className="text-base-content">{machine.name}</span>
          </h2>
          <p className="text-3xl font-semibold">
            {fitted === undefined ? 'none recorded' : `Window ${fitted.number}`}
          </p>
        </div>
        <Glass coupons={fitted?.couponCount ?? 0} />
      </div>
      {fitted === undefined ? (
        <p>Record the window that is fitted: coupons are logged with the glass they were welded through.</p>
      ) : (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          <dt className="text-soft">Fitted</dt>
          <dd>
            {shownMoment(fitted.fittedAt, new Date())}
            {fitter !== undefined && ` by ${fitter}`}
          </dd>
          <dt className="text-soft">Coupons through it</dt>
          <dd>{fitted.couponCount}</dd>
          <dt className="text-soft">Light through it</dt>
          <dd>{figure(fitted.lightOnS, 0)} s on timed coupons</dd>
        </dl>
      )}
      <button type="button" className="btn touch-always mt-auto self-start btn-primary" onClick={onChange}>
        {fitted === undefined ? 'Record a window' : 'Window was changed'}
      </button>
    </section>
  );
}

/** The glass seen from below: a ring that greys a little with use. Decorative. */
function Glass({ coupons }: { coupons: number }) {
  return (
    <svg viewBox="0 0 64 64" className="size-16 shrink-0" aria-hidden="true" focusable="false">
      <circle cx="32" cy="32" r="28" fill="none" stroke="var(--steel-line)" strokeWidth="5" />
      <circle cx="32" cy="32" r="22" fill="var(--part)" opacity={Math.min(0.12 + coupons * 0.02, 0.6)} />
      <path
        d="M20 26c4-6 10-8 15-7"
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth="2"
        opacity="0.5"
        strokeLinecap="round"
      />
    </svg>
  );
}
