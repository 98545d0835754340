import {
  causeOdds,
  everyFaultCheck,
  faultNetwork,
  nextChecks,
  type FaultCause,
  type FiledCases as CaseCounts,
  type Seen,
} from '@lone-heron/core';
import type { Machine, ShopRecord } from '@lone-heron/contract';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { PickField } from '../../shared/form/PickField.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { NoMachine } from '../NoMachine.js';
import { ShopPhoto } from '../photos/ShopPhoto.js';
import { FaultCauses } from './FaultCauses.js';
import { FiledCases } from './FiledCases.js';
import { HeardNow } from './HeardNow.js';
import { knownAlready } from './knownAlready.js';
import { NextCheck } from './NextCheck.js';
import { readSeen, withPhoto, withSeen } from './seenAddress.js';
import { Symptoms } from './Symptoms.js';
import { useMachineKnowledge } from './useMachineKnowledge.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { inUse } from '../../shared/machines/inUse.js';
import { useNow } from '../../shared/clock/useNow.js';

/** From what is seen to what it is: the causes with their odds, and the check that tells most a minute. */
export function SomethingWrong() {
  const { data: machines, error, refetch } = unlessShown(useMachinesQuery(undefined));
  const [search, setSearch] = useSearchParams();
  if (error !== undefined) return <LoadFailed what="the machines" error={error} retry={refetch} />;
  if (machines === undefined) return <Loading what="the machines" />;
  const machine = machines.find(({ id }) => id === search.get('machine')) ?? inUse(machines)[0];
  if (machine === undefined) return <NoMachine />;
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Something is wrong" back={{ to: '/optics', name: 'Optics' }}>
        <PickField
          label="Machine"
          value={machine.id}
          choices={inUse(machines).map(({ id, name }) => ({ value: id, label: name }))}
          onPick={(id) => setSearch({ machine: id }, { replace: true })}
        />
      </PageHeader>
      <Finder
        key={machine.id}
        machine={machine}
        seen={readSeen(search)}
        photoId={search.get('photo')}
        onSee={(seen) => setSearch(withSeen(search, seen), { replace: true })}
        onPhoto={(photoId) => setSearch(withPhoto(search, photoId), { replace: true })}
        onFiled={() => setSearch({ machine: machine.id }, { replace: true })}
      />
    </div>
  );
}

interface FinderProps {
  machine: Machine;
  seen: Seen;
  /** Of the status page; null where none was taken. */
  photoId: string | null;
  onSee: (seen: Seen) => void;
  onPhoto: (photoId: string | null) => void;
  onFiled: () => void;
}

function Finder({ machine, seen, photoId, onSee, onPhoto, onFiled }: FinderProps) {
  const now = useNow();
  const knowledge = useMachineKnowledge(machine);
  const { records } = knowledge;
  const cases = useMemo(() => filedCases(records), [records]);
  const known = useMemo(() => knownAlready(knowledge, now), [knowledge, now]);
  const network = useMemo(() => faultNetwork(known.context, cases), [known, cases]);
  const seenText = JSON.stringify(seen);
  const found = useMemo(() => {
    const answered = JSON.parse(seenText) as Seen;
    return { odds: causeOdds(network, answered), checks: nextChecks(network, answered) };
  }, [network, seenText]);
  const isBegun = Object.values(seen).includes('yes') || everyFaultCheck.some((check) => check in seen);
  return (
    <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,4fr)_minmax(0,5fr)]">
      <div className="flex flex-col gap-3">
        <HeardNow machineId={machine.id} seen={seen} onSee={onSee} />
        <Symptoms seen={seen} onSee={onSee} />
        <section className="sheet flex flex-wrap items-center gap-3 px-5 py-2" aria-label="The case">
          <p className="min-w-60 grow leading-snug text-soft">
            {known.words.length === 0
              ? 'Nothing is known of this machine today that moves the odds.'
              : `Counted in already: ${known.words.join('; ')}.`}
          </p>
          <ShopPhoto machineId={machine.id} subject="statusPage" photoId={photoId} onPhoto={onPhoto} />
        </section>
        <FiledCases records={records} />
      </div>
      {isBegun ? (
        <div className="flex flex-col gap-3 max-lg:order-first">
          <NextCheck checks={found.checks} seen={seen} onSee={onSee} />
          <FaultCauses
            machine={machine}
            odds={found.odds}
            seen={seen}
            cases={cases}
            photoId={photoId}
            onFiled={onFiled}
          />
        </div>
      ) : (
        <p className="sheet p-6 text-lg">
          Say what you see. Then you are asked for the check that tells most for the minutes it takes, the
          cheap and safe ones first.
        </p>
      )}
    </div>
  );
}

/** This shop's own cases, by their cause. */
function filedCases(records: readonly ShopRecord[]): CaseCounts {
  const counts: Partial<Record<FaultCause, number>> = {};
  for (const { detail } of records)
    if (detail.kind === 'fault') counts[detail.cause] = (counts[detail.cause] ?? 0) + 1;
  return counts;
}
