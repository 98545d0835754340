import type { Machine } from '@lone-heron/contract';
import { CalendarClock, Package, Stethoscope, TrendingDown, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { useWindowsQuery } from '../shared/api/windowsApi.js';
import { Loading } from '../shared/page/Loading.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { ChangeWindow } from './windows/ChangeWindow.js';
import { FirstWindow } from './windows/FirstWindow.js';
import { FittedWindow } from './windows/FittedWindow.js';
import { LogLight } from './light/LogLight.js';
import { ReadCounter } from './light/ReadCounter.js';
import { NoMachine } from './NoMachine.js';
import { OtherParts } from './headParts/OtherParts.js';
import { DueSoon } from './upkeep/DueSoon.js';
import { WindowHistory } from './windows/WindowHistory.js';
import { useWindowStudyQuery } from '../shared/api/windowStudyApi.js';
import { unlessShown } from '../shared/api/unlessShown.js';
import { inUse } from '../shared/machines/inUse.js';

const pages = [
  { to: '/optics/wrong', name: 'Something is wrong', Icon: Stethoscope },
  { to: '/optics/lives', name: 'How long they last', Icon: TrendingDown },
  { to: '/optics/upkeep', name: 'Upkeep', Icon: CalendarClock },
  { to: '/optics/drawer', name: 'In the drawer', Icon: Package },
] as const;

/** What a sheet over the screen is about. */
type Open = { readonly what: 'change' | 'light' | 'counter'; readonly machine: Machine };

/** The glass in front of the light, what it has done, and what else wears: fitted parts, what is due, what came out. */
export function OpticsScreen() {
  const machines = unlessShown(useMachinesQuery(undefined));
  const windows = unlessShown(useWindowsQuery(undefined));
  const { data: study } = useWindowStudyQuery({ measure: 'worn' });
  const [open, setOpen] = useState<Open | null>(null);
  const [search, setSearch] = useSearchParams();
  // What is shown stays while the server is away, and with it what is typed over it.
  if (machines.error !== undefined) {
    return <LoadFailed what="the machines" error={machines.error} retry={machines.refetch} />;
  }
  if (windows.error !== undefined) {
    return <LoadFailed what="the windows" error={windows.error} retry={windows.refetch} />;
  }
  const fitted = windows.data;
  if (machines.data === undefined || fitted === undefined) return <Loading what="the windows" />;
  const used = inUse(machines.data);
  const logged = machines.data.find(({ id }) => id === search.get('log'));
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3 sm:px-6">
      <header className="flex flex-wrap items-center gap-2">
        <h1 className="mr-auto text-2xl font-semibold">Optics</h1>
        {pages.map(({ to, name, Icon }) => (
          <Link key={to} className="btn touch-always" to={to}>
            <Icon className="size-5" aria-hidden="true" /> {name}
          </Link>
        ))}
      </header>
      {used.length === 0 && <NoMachine />}
      <div className="grid gap-3 md:grid-cols-2">
        {used.map((machine) => (
          <FittedWindow
            key={machine.id}
            machine={machine}
            fitted={fitted.find(({ machineId }) => machineId === machine.id)}
            study={study}
            onChange={() => setOpen({ what: 'change', machine })}
            onLogLight={() => setOpen({ what: 'light', machine })}
            onReadCounter={() => setOpen({ what: 'counter', machine })}
          />
        ))}
      </div>
      <p className="caution flex items-center gap-2 p-2 leading-snug" role="note">
        <TriangleAlert className="size-5 shrink-0" aria-hidden="true" />
        <span>
          Laser off, key out and the light-path cap on before the head is opened; nobody looks into the
          nozzle. The machine’s manual decides.
        </span>
        <Link className="btn touch ml-auto" to="/optics/guide/window">
          How to change it right
        </Link>
      </p>
      <DueSoon machines={used} />
      <OtherParts machines={machines.data} />
      <WindowHistory machines={machines.data} />
      {open?.what === 'change' && (
        <SheetOfChange
          machine={open.machine}
          isFirst={!fitted.some(({ machineId }) => machineId === open.machine.id)}
          onClose={() => setOpen(null)}
        />
      )}
      {logged !== undefined && <LogLight machine={logged} onClose={() => setSearch({}, { replace: true })} />}
      {open?.what === 'light' && <LogLight machine={open.machine} onClose={() => setOpen(null)} />}
      {open?.what === 'counter' && <ReadCounter machine={open.machine} onClose={() => setOpen(null)} />}
    </div>
  );
}

interface SheetOfChangeProps {
  machine: Machine;
  /** Whether no window of it was ever written down. */
  isFirst: boolean;
  onClose: () => void;
}

/** A window that came out for a new one, or the first that is written down. Which of the two stays while it is open. */
function SheetOfChange({ machine, isFirst, onClose }: SheetOfChangeProps) {
  const [Sheet] = useState(() => (isFirst ? FirstWindow : ChangeWindow));
  return <Sheet machine={machine} onClose={onClose} />;
}
