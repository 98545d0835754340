import type { Machine, MachineRevision } from '@lone-heron/contract';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { useMachineHistoryQuery } from './machinesApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { changedParts } from './changedParts.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Every revision of a machine: when, who, why, and what was changed. */
export function MachineHistory({ machine }: { machine: Machine }) {
  const now = useNow();
  const { data: revisions, error, refetch } = unlessShown(useMachineHistoryQuery(machine.id));
  const { data: people = [] } = usePeopleQuery(undefined);
  if (error !== undefined) return <LoadFailed what="its history" error={error} retry={refetch} />;
  if (revisions === undefined) return <Loading what="its history" />;
  const nameOf = (id: string | null) => people.find((person) => person.id === id)?.name ?? 'not recorded';
  return (
    <section className="sheet p-4" aria-label="History">
      <h2 className="mb-2 text-lg font-semibold">History</h2>
      <ol className="flex flex-col">
        {revisions.map((revision, index) => (
          <li
            key={revision.revision}
            className="grid gap-x-4 border-t border-base-300 py-2 sm:grid-cols-[8rem_11rem_1fr]"
          >
            <span className="font-semibold">Revision {revision.revision}</span>
            <span className="text-soft">
              {shownMoment(revision.madeAt, now)}, {nameOf(revision.madeBy)}
            </span>
            <span>
              {revision.note !== '' && <span className="block">{revision.note}</span>}
              <span className="block text-sm text-soft">{changeWords(revision, revisions[index + 1])}</span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function changeWords(revision: MachineRevision, before: MachineRevision | undefined): string {
  if (before === undefined) return `${revision.profile.configuredPowerW} W, as it was set up`;
  const renamed = revision.name === before.name ? [] : [`name: ${before.name} to ${revision.name}`];
  return [...renamed, ...changedParts(before.profile, revision.profile)].join('; ') || 'nothing';
}
