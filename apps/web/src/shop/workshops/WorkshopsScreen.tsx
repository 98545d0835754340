import type { Workshop } from '@lone-heron/contract';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { inUse } from '../../shared/machines/inUse.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { useWorkshopsQuery } from '../../shared/workshops/workshopsApi.js';
import { ShopPage } from '../ShopPage.js';
import { MoveRow } from './MoveRow.js';
import { NameWorkshop } from './NameWorkshop.js';
import { RemoveWorkshop } from './RemoveWorkshop.js';

/** The workshops of a firm: what and who is of which. */
export function WorkshopsScreen() {
  const workshops = unlessShown(useWorkshopsQuery(undefined));
  const machines = unlessShown(useMachinesQuery(undefined));
  const people = unlessShown(usePeopleQuery(undefined));
  const failed = [workshops, machines, people].find(({ error }) => error !== undefined);
  if (failed !== undefined)
    return <LoadFailed what="the workshops" error={failed.error} retry={failed.refetch} />;
  if (workshops.data === undefined || machines.data === undefined || people.data === undefined)
    return <Loading what="the workshops" />;
  const all = {
    workshops: workshops.data,
    machines: inUse(machines.data),
    people: people.data.filter(({ isDisabled }) => !isDisabled),
  };
  return <Workshops {...all} />;
}

interface WorkshopsProps {
  readonly workshops: readonly Workshop[];
  readonly machines: ReturnType<typeof inUse>;
  readonly people: readonly {
    readonly id: string;
    readonly name: string;
    readonly workshopId?: string | null | undefined;
  }[];
}

function Workshops({ workshops, machines, people }: WorkshopsProps) {
  const [isOpening, setOpening] = useState(false);
  const person = usePersonAtDesk();
  const mayChange = person?.role === 'lead' && (person.workshopId ?? null) === null;
  return (
    <ShopPage title="Workshops">
      <p className="max-w-3xl text-soft">
        For a firm with more than one workshop. People and machines are of one workshop, or of the whole firm.
        Everybody sees everything; what is a workshop’s is changed by its own people and by those of the whole
        firm. Cards, practice, prices and what is on hand are the firm’s, and a workshop can have its own
        beside them.
      </p>
      {workshops.length === 0 && (
        <p className="sheet p-4 text-lg">
          This firm is one workshop: there is nothing to say here, and nothing else asks about it.
        </p>
      )}
      {!mayChange && (
        <p className="caution p-3">A lead of the whole firm changes this: sign in as one to do so.</p>
      )}
      {workshops.length > 0 &&
        [null, ...workshops].map((workshop) => {
          const isHere = (each: { readonly workshopId?: string | null | undefined }) =>
            (each.workshopId ?? null) === (workshop?.id ?? null);
          return (
            <WorkshopPart
              key={workshop?.id ?? ''}
              workshop={workshop}
              workshops={workshops}
              machines={machines.filter(isHere)}
              people={people.filter(isHere)}
              mayChange={mayChange}
            />
          );
        })}
      {mayChange && (
        <button
          type="button"
          className="btn touch-always self-start btn-primary"
          onClick={() => setOpening(true)}
        >
          <Plus className="size-5" aria-hidden="true" /> Open a workshop
        </button>
      )}
      {isOpening && <NameWorkshop workshop={null} onClose={() => setOpening(false)} />}
    </ShopPage>
  );
}

interface WorkshopPartProps extends WorkshopsProps {
  /** Null for the whole firm. */
  readonly workshop: Workshop | null;
  readonly mayChange: boolean;
}

function WorkshopPart({ workshop, workshops, machines, people, mayChange }: WorkshopPartProps) {
  const [isRenaming, setRenaming] = useState(false);
  const name = workshop?.name ?? 'The whole firm';
  const isEmpty = machines.length + people.length === 0;
  return (
    <section className="sheet flex flex-col" aria-label={name}>
      <div className="flex flex-wrap items-center gap-3 p-3">
        <h2 className="mr-auto text-lg font-semibold">{name}</h2>
        {mayChange && workshop !== null && (
          <button
            type="button"
            className="btn touch-always"
            aria-label={`Rename ${name}`}
            onClick={() => setRenaming(true)}
          >
            Rename
          </button>
        )}
        {mayChange && workshop !== null && isEmpty && <RemoveWorkshop workshop={workshop} />}
      </div>
      {isEmpty && <p className="border-t border-base-300 p-3 text-soft">Nobody and no machine yet.</p>}
      <ul className="divide-y divide-base-300">
        {machines.map((machine) => (
          <MoveRow
            key={machine.id}
            kind="machine"
            moved={machine}
            workshops={workshops}
            mayMove={mayChange}
          />
        ))}
        {people.map((person) => (
          <MoveRow key={person.id} kind="person" moved={person} workshops={workshops} mayMove={mayChange} />
        ))}
      </ul>
      {isRenaming && workshop !== null && (
        <NameWorkshop workshop={workshop} onClose={() => setRenaming(false)} />
      )}
    </section>
  );
}
