import { startingProfiles, type Machine, type MachineProfile } from '@lone-heron/contract';
import { useState } from 'react';
import { Link, useLocation, useParams, useSearchParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { MachineEditor, type EditedMachine } from './MachineEditor.js';
import { MachineHistory } from './MachineHistory.js';
import { WhoseNote } from '../../shared/workshops/WhoseNote.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** One machine: what it can do, ready to be changed, and its earlier revisions. */
export function MachineScreen() {
  const { id = '' } = useParams();
  const { data: machines, error, refetch } = unlessShown(useMachinesQuery(undefined));
  if (error !== undefined) return <LoadFailed what="the machines" error={error} retry={refetch} />;
  if (machines === undefined) return <Loading what="the machine" />;
  if (id === 'new') return <NewMachine machines={machines} />;
  const machine = machines.find((each) => each.id === id);
  if (machine === undefined) return <NoSuchMachine />;
  return <ExistingMachine key={machine.id} machine={machine} />;
}

/**
 * A machine as it stood when the editor was opened. What is typed belongs to that revision: one that somebody makes
 * meanwhile is told, and opened only when asked for.
 */
function ExistingMachine({ machine }: { machine: Machine }) {
  const [opened, setOpened] = useState(machine);
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-4 px-4 py-4 sm:px-6">
      {machine.revision !== opened.revision && (
        <div role="alert" className="caution flex flex-wrap items-center gap-4 p-3">
          <p className="grow">
            Somebody made revision {machine.revision} meanwhile; what is typed here belongs to revision{' '}
            {opened.revision}.
          </p>
          <button type="button" className="btn touch-always" onClick={() => setOpened(machine)}>
            Open revision {machine.revision}
          </button>
        </div>
      )}
      <WhoseNote workshopId={machine.workshopId} />
      <MachineEditor key={opened.revision} edited={{ ...opened, next: opened.revision + 1 }} />
      <MachineHistory machine={machine} />
    </div>
  );
}

/** What a file that was opened hands over to the editor. */
export interface OpenedFile {
  readonly name: string;
  readonly profile: MachineProfile;
}

/** A machine that is being made: from a file that was opened, or from one of the starting profiles. */
function NewMachine({ machines }: { machines: readonly Machine[] }) {
  const [id] = useState(() => uuid());
  const [search] = useSearchParams();
  const opened = useLocation().state as OpenedFile | null;
  const start = startingProfiles.find((each) => each.id === search.get('from')) ?? startingProfiles[0];
  if (start === undefined) return <NoSuchMachine />;
  const profile = opened?.profile ?? start.profile;
  const edited: EditedMachine = { id, name: freeName(opened?.name ?? '', machines), profile, next: 1 };
  return (
    <div className="mx-auto max-w-[1500px] px-4 py-4 sm:px-6">
      <MachineEditor edited={edited} />
    </div>
  );
}

/** A file's name, with a number behind it where the shop has such a machine already. */
function freeName(name: string, machines: readonly Machine[]): string {
  const isTaken = (wanted: string) => machines.some((each) => each.name === wanted);
  let free = name;
  for (let number = 2; isTaken(free); number++) free = `${name} ${number}`;
  return free;
}

function NoSuchMachine() {
  return (
    <div className="sheet m-4 flex flex-wrap items-center gap-4 p-5">
      <p className="grow">This shop has no such machine.</p>
      <Link className="btn touch btn-primary" to="/shop">
        To the machines
      </Link>
    </div>
  );
}
