import {
  cardState,
  newestVersion,
  shownVersion,
  type Card,
  type CardVersion,
  type Machine,
} from '@lone-heron/contract';
import { useEffect, useState } from 'react';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { CardPage } from '../CardPage.js';
import { stateWords } from '../cardWords.js';
import { rememberCard } from '../list/useRecentCards.js';
import { StateMark } from '../StateMark.js';
import { CardActions } from './CardActions.js';
import { CardDrifts } from './CardDrifts.js';
import { CardExpected } from './CardExpected.js';
import { CardNumbers } from './CardNumbers.js';
import { CardPreparation } from './CardPreparation.js';
import { CardProofs } from './CardProofs.js';
import { CardVersions } from './CardVersions.js';

/** A card as it is welded by: its numbers first, then what else a stranger needs, and what proves it. */
export function CardSheet() {
  return <CardPage>{(card, machines) => <Sheet key={card.id} card={card} machines={machines} />}</CardPage>;
}

function Sheet({ card, machines }: { card: Card; machines: readonly Machine[] }) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const newest = newestVersion(card);
  const [version, setVersion] = useState<number | null>(null);
  // What is welded by comes first: while a change is being proven that is the version before.
  const shown = card.versions.find((each) => each.version === version) ?? shownVersion(card);
  const machine = machines.find(({ id }) => id === shown.content.machineId);
  useEffect(() => rememberCard(card.id), [card.id]);
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={shown.content.name} back={{ to: '/cards', name: 'cards' }}>
        <span className="text-soft">
          card {card.number}, version {shown.version}
        </span>
        <StateMark state={cardState(card)} />
      </PageHeader>
      <Standing card={card} shown={shown} onShow={setVersion} />
      <CardDrifts content={shown.content} machine={machine} />
      <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
        <div className="flex flex-col gap-3">
          <CardNumbers content={shown.content} machine={machine} />
          {machine !== undefined && <CardPreparation content={shown.content} machine={machine} />}
        </div>
        <div className="flex flex-col gap-3">
          <CardActions card={card} shown={shown} />
          {machine !== undefined && (
            <CardExpected content={shown.content} machine={machine} machines={machines} />
          )}
          <CardProofs card={card} shown={shown} isNewest={shown.version === newest.version} people={people} />
          <CardVersions card={card} shown={shown} machines={machines} people={people} onShow={setVersion} />
        </div>
      </div>
    </div>
  );
}

interface StandingProps {
  card: Card;
  shown: CardVersion;
  onShow: (version: number) => void;
}

/** How far the card is; and where a change waits beside a signed version, the way to it. */
function Standing({ card, shown, onShow }: StandingProps) {
  const newest = newestVersion(card);
  if (newest.version === shown.version)
    return <p className="text-soft">{stateWords[cardState(card)].says}</p>;
  return (
    <p className="sheet flex flex-wrap items-center gap-3 border-l-4 border-l-primary px-4 py-2">
      <span>
        You see version {shown.version}
        {shown.signedAt === null ? '' : ', which is signed and is welded by'}. Version {newest.version} is{' '}
        {stateWords[cardState(card)].name}.
      </span>
      <button type="button" className="btn touch" onClick={() => onShow(newest.version)}>
        Show version {newest.version}
      </button>
    </p>
  );
}
