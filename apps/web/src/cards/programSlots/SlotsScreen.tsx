import type { Card, Machine, ProgramSlot } from '@lone-heron/contract';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useSlotsQuery } from './programSlotsApi.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { OfMachine } from '../OfMachine.js';
import { CompareAll } from './CompareAll.js';
import { SlotRow } from './SlotRow.js';
import { filledSlots } from './slotStanding.js';
import { StoreInSlot } from './StoreInSlot.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** What each program slot of a machine holds according to us, and when somebody last looked. */
export function SlotsScreen() {
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Program slots" back={{ to: '/cards', name: 'cards' }} />
      <OfMachine>
        {(machine, cards, picker) => (
          <Slots key={machine.id} machine={machine} cards={cards} picker={picker} />
        )}
      </OfMachine>
    </div>
  );
}

interface SlotsProps {
  machine: Machine;
  cards: readonly Card[];
  picker: ReactNode;
}

function Slots({ machine, cards, picker }: SlotsProps) {
  const { data: slots, error, refetch } = unlessShown(useSlotsQuery(machine.id));
  const count = machine.profile.programSlots;
  if (error !== undefined) return <LoadFailed what="the slots" error={error} retry={refetch} />;
  if (slots === undefined) return <Loading what="the slots" />;
  return (
    <>
      <div className="sheet flex flex-wrap items-end gap-3 px-4 py-3">
        {picker}
        {slots.length > 0 && (
          <Link
            className="btn touch-always"
            to={`/cards/slots/labels?machine=${encodeURIComponent(machine.id)}`}
          >
            <Printer className="size-5" aria-hidden="true" /> Labels for the panel
          </Link>
        )}
      </div>
      {count === 0 ? (
        <p className="sheet p-6 text-lg">
          {machine.name} is written down without program slots.{' '}
          <Link className="underline" to={`/shop/machines/${machine.id}`}>
            Say how many it has
          </Link>
          .
        </p>
      ) : (
        <>
          <StoreInSlot machine={machine} cards={cards} slots={slots} />
          <Held machine={machine} cards={cards} slots={slots} />
        </>
      )}
    </>
  );
}

function Held({ machine, cards, slots }: Omit<SlotsProps, 'picker'> & { slots: readonly ProgramSlot[] }) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const { units } = houseContent(useHouseQuery(undefined).data);
  const filled = filledSlots(slots, cards);
  const free = machine.profile.programSlots - slots.length;
  return (
    <section className="sheet px-4 py-2" aria-label="What the slots hold">
      <CompareAll machine={machine} filled={filled} />
      {filled.length === 0 && (
        <p className="py-3">
          Nothing is written down yet. Store a card at the machine, then say here in which slot it lies.
        </p>
      )}
      <ul className="divide-y divide-base-300">
        {filled.map((slot) => (
          <SlotRow key={slot.held.slot} filled={slot} machine={machine} units={units} people={people} />
        ))}
      </ul>
      <p className="border-t border-base-300 py-2 text-soft">
        {free} of {machine.profile.programSlots} slots are free, as far as we know.
      </p>
    </section>
  );
}
