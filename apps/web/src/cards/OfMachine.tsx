import type { Card, Machine } from '@lone-heron/contract';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { useCardsQuery } from '../shared/api/cardsApi.js';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { PickField } from '../shared/form/PickField.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { Loading } from '../shared/page/Loading.js';
import { unlessShown } from '../shared/api/unlessShown.js';

interface OfMachineProps {
  /** Whether lamp-pulsed machines are among them, whose cards are of spots and seams. */
  withLamps?: boolean;
  /** @param picker the choice of the machine, to be put where the page wants it */
  children: (machine: Machine, cards: readonly Card[], picker: ReactNode) => ReactNode;
}

/** What a page says of one machine and all cards; the machine stands in the address. */
export function OfMachine({ withLamps = false, children }: OfMachineProps) {
  const { data: cards, error, refetch } = unlessShown(useCardsQuery(undefined));
  const { data: machines } = useMachinesQuery(undefined);
  const [search, setSearch] = useSearchParams();
  if (error !== undefined) return <LoadFailed what="the cards" error={error} retry={refetch} />;
  if (cards === undefined || machines === undefined) return <Loading what="the cards" />;
  const offered = machines.filter(({ profile }) => withLamps || profile.lamp === null);
  const machine = offered.find(({ id }) => id === search.get('machine')) ?? offered[0];
  if (machine === undefined)
    return <p className="sheet p-6 text-lg">There is no machine yet: add one in Shop first.</p>;
  const picker = (
    <PickField
      label="Machine"
      value={machine.id}
      choices={offered.map(({ id, name }) => ({ value: id, label: name }))}
      onPick={(id) => setSearch({ machine: id }, { replace: true })}
    />
  );
  return children(machine, cards, picker);
}
