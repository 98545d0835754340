import { shownVersion, type Card, type Machine } from '@lone-heron/contract';
import { useCallback, useMemo, useState } from 'react';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { PaperPreview } from '../../shared/paper/PaperPreview.js';
import { paperOf, type PageFrame } from '../../shared/paper/papers.js';
import { PhoneAddress } from '../../shared/paper/PhoneAddress.js';
import { phoneOrigin } from '../../shared/paper/phoneAddress.js';
import { inFileName } from '../../shared/files/saveFile.js';
import { CardPage } from '../CardPage.js';
import { cardForecast } from '../cardForecast.js';
import { useLearnOf } from '../useLearn.js';
import { cardPaper } from './cardPaper.js';

/** One card as a page for the wall. */
export function PrintCard() {
  return (
    <CardPage>
      {(card, machines) => {
        const shown = shownVersion(card);
        const machine = machines.find(({ id }) => id === shown.content.machineId);
        if (machine === undefined)
          return <p className="sheet m-6 p-6 text-lg">The card’s machine is not in the shop any more.</p>;
        return <Print card={card} machine={machine} machines={machines} />;
      }}
    </CardPage>
  );
}

interface PrintProps {
  card: Card;
  machine: Machine;
  machines: readonly Machine[];
}

function Print({ card, machine, machines }: PrintProps) {
  const { data: people } = usePeopleQuery(undefined);
  const { data: house } = useHouseQuery(undefined);
  const [origin, setOrigin] = useState(phoneOrigin);
  const shown = shownVersion(card);
  const learn = useLearnOf(shown.content, machines);
  const expected = useMemo(() => cardForecast(shown.content, machine, learn), [shown, machine, learn]);
  const { units, practice } = houseContent(house);
  const layOut = useCallback(
    (frame: PageFrame) =>
      cardPaper(
        {
          ...{ card, shown, machine, units, practice, expected },
          nameOf: (id) => people?.find((each) => each.id === id)?.name ?? 'somebody',
          address: origin === null ? null : `${origin}/cards/${card.id}`,
          printedAt: shopNow(),
        },
        frame,
      ),
    [card, shown, machine, units, practice, expected, people, origin],
  );
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="For the wall" back={{ to: `/cards/${card.id}`, name: shown.content.name }} />
      <PhoneAddress origin={origin} onSay={setOrigin} />
      <PaperPreview
        title={`Card ${card.number}`}
        fileName={inFileName(`card ${card.number} ${shown.content.name}`)}
        orientation="portrait"
        begin={paperOf(units)}
        layOut={layOut}
      />
    </div>
  );
}
