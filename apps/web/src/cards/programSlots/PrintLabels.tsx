import type { Card, Machine } from '@lone-heron/contract';
import { useCallback } from 'react';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useSlotsQuery } from './programSlotsApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { PaperPreview } from '../../shared/paper/PaperPreview.js';
import { paperOf, type PageFrame } from '../../shared/paper/papers.js';
import { inFileName } from '../../shared/files/saveFile.js';
import { OfMachine } from '../OfMachine.js';
import { labelPaper } from './labelPaper.js';
import { filledSlots } from './slotStanding.js';

/** The label sheet of a machine's slots. */
export function PrintLabels() {
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Labels for the panel" back={{ to: '/cards/slots', name: 'program slots' }} />
      <OfMachine>{(machine, cards) => <Labels key={machine.id} machine={machine} cards={cards} />}</OfMachine>
    </div>
  );
}

function Labels({ machine, cards }: { machine: Machine; cards: readonly Card[] }) {
  const { data: slots } = useSlotsQuery(machine.id);
  const { data: house } = useHouseQuery(undefined);
  const { units } = houseContent(house);
  const layOut = useCallback(
    (frame: PageFrame) =>
      labelPaper({ machine, units, filled: filledSlots(slots ?? [], cards), printedAt: shopNow() }, frame),
    [machine, units, slots, cards],
  );
  if (slots === undefined) return <Loading what="the slots" />;
  if (slots.length === 0)
    return <p className="sheet p-6 text-lg">No slot of {machine.name} holds anything yet.</p>;
  return (
    <PaperPreview
      title={`Labels of ${machine.name}`}
      fileName={inFileName(`labels ${machine.name}`)}
      orientation="portrait"
      begin={paperOf(units)}
      layOut={layOut}
    />
  );
}
