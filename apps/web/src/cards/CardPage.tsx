import type { Card, Machine } from '@lone-heron/contract';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { useCardsQuery } from '../shared/api/cardsApi.js';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { Loading } from '../shared/page/Loading.js';
import { WhoseNote } from '../shared/workshops/WhoseNote.js';
import { unlessShown } from '../shared/api/unlessShown.js';

/** A page about the card of the address, once it and the machines have come. */
export function CardPage({
  children,
}: {
  children: (card: Card, machines: readonly Machine[]) => ReactNode;
}) {
  const { id = '' } = useParams();
  const { data: cards, error, refetch } = unlessShown(useCardsQuery(undefined));
  const { data: machines } = useMachinesQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the card" error={error} retry={refetch} />;
  if (cards === undefined || machines === undefined) return <Loading what="the card" />;
  const card = cards.find((each) => each.id === id);
  if (card === undefined) {
    return (
      <p className="sheet m-6 p-6 text-lg">
        There is no such card.{' '}
        <Link className="underline" to="/cards">
          All cards
        </Link>
      </p>
    );
  }
  return (
    <>
      <div className="mx-4 mt-3 empty:hidden sm:mx-6">
        <WhoseNote workshopId={card.workshopId} />
      </div>
      {children(card, machines)}
    </>
  );
}
