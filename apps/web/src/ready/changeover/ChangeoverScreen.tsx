import { gunModes, gunModesOf, lastChangeover, type GunMode, type Machine } from '@lone-heron/contract';
import { Link, useParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { useRecordsOfQuery } from '../../shared/api/recordsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { gunModeWords } from '../../shared/modes/gunModeWords.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { ChangeoverForm } from './ChangeoverForm.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Switching a gun to another thing than it did: what is swapped, read and confirmed, written down in a name. */
export function ChangeoverScreen() {
  const { id = '', to } = useParams();
  const { data: machines } = useMachinesQuery(undefined);
  const { data: records, error, refetch } = unlessShown(useRecordsOfQuery(id));
  if (error !== undefined) return <LoadFailed what="the change-overs" error={error} retry={refetch} />;
  const machine = machines?.find((each) => each.id === id);
  if (machine === undefined || records === undefined) return <Loading what="the change-overs" />;
  const mode = gunModes.find((each) => each === to);
  const last = lastChangeover(records);
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-4 sm:px-6">
      <PageHeader
        title={`Switch ${machine.name}${mode === undefined ? '' : ` to ${gunModeWords[mode]}`}`}
        back={{ to: `/ready?machine=${machine.id}`, name: 'Ready' }}
      />
      {last !== null && <Last last={last} />}
      <Modes machine={machine} picked={mode} />
      {mode !== undefined && gunModesOf(machine.profile).includes(mode) && (
        <ChangeoverForm key={mode} machine={machine} to={mode} />
      )}
    </div>
  );
}

function Last({ last: { detail, at, personId } }: { last: NonNullable<ReturnType<typeof lastChangeover>> }) {
  const now = useNow();
  const { data: people = [] } = usePeopleQuery(undefined);
  const who = people.find(({ id }) => id === personId)?.name ?? personId;
  return (
    <p className="text-soft">
      Switched to {gunModeWords[detail.to]} last: {shownMoment(at, now)}, {who}
      {detail.behind === '' ? '' : `, ${detail.behind} behind`}.
    </p>
  );
}

function Modes({ machine, picked }: { machine: Machine; picked: GunMode | undefined }) {
  const modes = gunModesOf(machine.profile);
  if (modes.length < 2 && picked === modes[0]) return null;
  return (
    <nav className="flex flex-wrap gap-2" aria-label="Switch to">
      {modes.map((mode) => (
        <Link
          key={mode}
          className={`btn touch-always ${mode === picked ? 'btn-primary' : ''}`}
          aria-current={mode === picked ? 'page' : undefined}
          to={`/ready/switch/${machine.id}/${mode}`}
        >
          {gunModeWords[mode]}
        </Link>
      ))}
    </nav>
  );
}
