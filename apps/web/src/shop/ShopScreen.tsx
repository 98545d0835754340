import { startingProfiles, type Machine } from '@lone-heron/contract';
import {
  BadgeCheck,
  FileUp,
  Fuel,
  HardDriveDownload,
  Smartphone,
  History,
  Package,
  Plus,
  Ruler,
  Scale,
  Users,
  Warehouse,
} from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { FirstSteps } from '../shared/firstHour/FirstSteps.js';
import { Loading } from '../shared/page/Loading.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { OutOfUse } from './machines/OutOfUse.js';
import { MachineCard } from './machines/MachineCard.js';
import { readMachineFile } from './machines/machineFile.js';
import { unlessShown } from '../shared/api/unlessShown.js';
import { inUse } from '../shared/machines/inUse.js';

/** The shop: its machines so far. */
export function ShopScreen() {
  const { data: machines, error, refetch } = unlessShown(useMachinesQuery(undefined));
  if (error !== undefined) return <LoadFailed what="the machines" error={error} retry={refetch} />;
  if (machines === undefined) return <Loading what="the machines" />;
  const used = inUse(machines);
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-4 px-4 py-4 sm:px-6">
      <h1 className="text-2xl font-semibold">Shop</h1>
      <FirstSteps />
      <section className="flex flex-col gap-3" aria-label="Machines">
        <h2 className="text-lg font-semibold">Machines</h2>
        {used.length === 0 && (
          <p className="sheet p-4 text-soft">
            No machine yet. Start from one of a common size below, then put right what your panel says.
          </p>
        )}
        <div className="grid gap-4 md:grid-cols-2">
          {used.map((machine: Machine) => (
            <MachineCard key={machine.id} machine={machine} />
          ))}
        </div>
        <OutOfUse machines={machines.filter((machine) => !used.includes(machine))} />
      </section>
      <NewMachines />
      <ShopParts />
    </div>
  );
}

/** The rest of the shop, a page each. */
const parts = [
  { path: 'supply', name: 'Supply', what: 'gas, water, air, mains', icon: Fuel },
  { path: 'stock', name: 'Stock', what: 'wire, nozzles, prices', icon: Package },
  { path: 'acceptance', name: 'Acceptance', what: 'what a weld must show to be taken', icon: BadgeCheck },
  { path: 'practice', name: 'Practice', what: 'which school you keep to', icon: Scale },
  { path: 'units', name: 'Units', what: 'how the house says things', icon: Ruler },
  { path: 'people', name: 'People', what: 'who may do what', icon: Users },
  { path: 'workshops', name: 'Workshops', what: 'a firm with more than one', icon: Warehouse },
  { path: 'training', name: 'Training', what: 'who is cleared for what', icon: BadgeCheck },
  { path: 'history', name: 'History', what: 'who changed what', icon: History },
  { path: 'phones', name: 'On phones', what: 'addresses, and how a phone trusts them', icon: Smartphone },
  { path: 'backup', name: 'Backup', what: 'the whole shop, copied', icon: HardDriveDownload },
] as const;

function ShopParts() {
  return (
    <nav aria-label="Parts of the shop" className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
      {parts.map(({ path, name, what, icon: Icon }) => (
        <Link key={path} to={`/shop/${path}`} className="sheet flex min-h-16 items-center gap-3 p-3">
          <Icon className="size-6 text-primary" aria-hidden="true" />
          <span className="leading-tight">
            <span className="block text-lg font-semibold">{name}</span>
            <span className="text-soft">{what}</span>
          </span>
        </Link>
      ))}
    </nav>
  );
}

/** Where a machine can come from: a common size, or a file. */
function NewMachines() {
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="Another machine">
      <h2 className="text-lg font-semibold">Another machine</h2>
      <p className="text-soft">Start from a common size, or from a machine’s file.</p>
      <div className="flex flex-wrap gap-3">
        {startingProfiles.map(({ id, name }) => (
          <Link key={id} className="btn touch-always" to={`/shop/machines/new?from=${id}`}>
            <Plus className="size-5" aria-hidden="true" /> {name}
          </Link>
        ))}
        <OpenFile />
      </div>
    </section>
  );
}

function OpenFile() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const [fault, setFault] = useState<string | null>(null);
  const open = async (file: File) => {
    const read = readMachineFile(await file.text());
    if ('fault' in read) setFault(read.fault);
    else
      await navigate('/shop/machines/new', { state: { name: read.file.name, profile: read.file.profile } });
  };
  return (
    <>
      <button type="button" className="btn touch-always" onClick={() => input.current?.click()}>
        <FileUp className="size-5" aria-hidden="true" /> from a file
      </button>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        className="hidden"
        aria-label="A machine’s file"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file !== undefined) void open(file);
        }}
      />
      {fault !== null && (
        <p role="alert" className="fault w-full">
          {fault}
        </p>
      )}
    </>
  );
}
