import type { Card, Machine, ModeCard } from '@lone-heron/contract';
import { useCallback, useState, type ReactNode } from 'react';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { PaperPreview } from '../../shared/paper/PaperPreview.js';
import { paperOf, type PageFrame } from '../../shared/paper/papers.js';
import { PhoneAddress } from '../../shared/paper/PhoneAddress.js';
import { phoneOrigin } from '../../shared/paper/phoneAddress.js';
import { inFileName } from '../../shared/files/saveFile.js';
import { OfMachine } from '../OfMachine.js';
import { useModeCardsQuery } from '../../shared/api/modeCardsApi.js';
import { chartPaper } from './chartPaper.js';
import { modeCardsOf } from './modeChart.js';
import { machineCharts } from './machineChart.js';

/** The cards of a machine as a chart for its wall. */
export function PrintChart() {
  return (
    <div className="mx-auto flex max-w-6xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Chart for the wall" back={{ to: '/cards', name: 'cards' }} />
      <OfMachine withLamps>
        {(machine, cards, picker) => <Chart cards={cards} machine={machine} picker={picker} />}
      </OfMachine>
    </div>
  );
}

const noModeCards: readonly ModeCard[] = [];

interface ChartProps {
  cards: readonly Card[];
  machine: Machine;
  picker: ReactNode;
}

function Chart({ cards, machine, picker }: ChartProps) {
  const { data: house } = useHouseQuery(undefined);
  const [withDrafts, setWithDrafts] = useState(false);
  const [origin, setOrigin] = useState(phoneOrigin);
  const { units } = houseContent(house);
  const { data: modeCards = noModeCards } = useModeCardsQuery(undefined);
  const layOut = useCallback(
    (frame: PageFrame) =>
      chartPaper(
        {
          ...{ machine, units, printedAt: shopNow() },
          charts: machineCharts(cards, machine.id, { withDrafts }),
          modeCards: modeCardsOf(modeCards, machine.id),
          address: origin === null ? null : `${origin}/cards?machine=${encodeURIComponent(machine.id)}`,
        },
        frame,
      ),
    [cards, modeCards, machine, units, withDrafts, origin],
  );
  const isEmpty =
    machineCharts(cards, machine.id, { withDrafts }).length === 0 &&
    modeCardsOf(modeCards, machine.id).length === 0;
  return (
    <>
      <div className="sheet flex flex-wrap items-end gap-4 px-4 py-3">
        {picker}
        <label className="flex min-h-12 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={withDrafts}
            onChange={(event) => setWithDrafts(event.target.checked)}
          />
          With cards that are not signed, in a dashed frame
        </label>
      </div>
      <PhoneAddress origin={origin} onSay={setOrigin} />
      {isEmpty ? (
        <p className="sheet p-6 text-lg">
          {machine.name} has no {withDrafts ? '' : 'signed '}card yet. Keep a setting that worked from Dial or
          from a coupon{withDrafts ? '' : ', prove it and have it signed; or show the others too'}.
        </p>
      ) : (
        <PaperPreview
          title={`Chart of ${machine.name}`}
          fileName={inFileName(`chart ${machine.name}`)}
          orientation="landscape"
          begin={paperOf(units)}
          layOut={layOut}
        />
      )}
    </>
  );
}
