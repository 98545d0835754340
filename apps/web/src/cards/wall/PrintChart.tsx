import type { Card, Machine } from '@lone-heron/contract';
import { useCallback, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCardsQuery } from '../../shared/api/cardsApi.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { PickField } from '../../shared/form/PickField.js';
import { LoadFailed } from '../../shared/LoadFailed.js';
import { Loading } from '../../shared/Loading.js';
import { PageHeader } from '../../shared/PageHeader.js';
import { PaperPreview } from '../../shared/paper/PaperPreview.js';
import { paperOf, type PageFrame } from '../../shared/paper/papers.js';
import { PhoneAddress } from '../../shared/paper/PhoneAddress.js';
import { phoneOrigin } from '../../shared/paper/phoneAddress.js';
import { inFileName } from '../../shared/saveFile.js';
import { chartPaper } from './chartPaper.js';
import { machineCharts } from './machineChart.js';

/** The cards of a machine as a chart for its wall. */
export function PrintChart() {
  const { data: cards, error, refetch } = useCardsQuery(undefined);
  const { data: machines } = useMachinesQuery(undefined);
  const [search, setSearch] = useSearchParams();
  if (error !== undefined) return <LoadFailed what="the cards" error={error} retry={refetch} />;
  if (cards === undefined || machines === undefined) return <Loading what="the cards" />;
  const welding = machines.filter(({ profile }) => profile.lamp === null);
  const machine = welding.find(({ id }) => id === search.get('machine')) ?? welding[0];
  return (
    <div className="mx-auto flex max-w-6xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Chart for the wall" back={{ to: '/cards', name: 'cards' }} />
      {machine === undefined ? (
        <p className="sheet p-6 text-lg">There is no machine yet: add one in Shop first.</p>
      ) : (
        <Chart
          cards={cards}
          machine={machine}
          machines={welding}
          onPick={(id) => setSearch({ machine: id }, { replace: true })}
        />
      )}
    </div>
  );
}

interface ChartProps {
  cards: readonly Card[];
  machine: Machine;
  machines: readonly Machine[];
  onPick: (machineId: string) => void;
}

function Chart({ cards, machine, machines, onPick }: ChartProps) {
  const { data: house } = useHouseQuery(undefined);
  const [withDrafts, setWithDrafts] = useState(false);
  const [origin, setOrigin] = useState(phoneOrigin);
  const { units } = houseContent(house);
  const layOut = useCallback(
    (frame: PageFrame) =>
      chartPaper(
        {
          ...{ machine, units, printedAt: new Date() },
          charts: machineCharts(cards, machine.id, { withDrafts }),
          address: origin === null ? null : `${origin}/cards?machine=${encodeURIComponent(machine.id)}`,
        },
        frame,
      ),
    [cards, machine, units, withDrafts, origin],
  );
  const isEmpty = machineCharts(cards, machine.id, { withDrafts }).length === 0;
  return (
    <>
      <div className="sheet flex flex-wrap items-end gap-4 px-4 py-3">
        <PickField
          label="Machine"
          value={machine.id}
          choices={machines.map(({ id, name }) => ({ value: id, label: name }))}
          onPick={onPick}
        />
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
