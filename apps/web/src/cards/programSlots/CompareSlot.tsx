import type { Card, HouseUnits, Machine } from '@lone-heron/contract';
import { Check, X } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { toast } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useEnterSlotMutation, useSlotsQuery } from './programSlotsApi.js';
import { Failure } from '../../shared/form/Failure.js';
import { fieldsFirst, SaveButton } from '../../shared/form/SaveButton.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { panelFigure, type PanelRow } from '../../shared/panel/panelKnobs.js';
import { readTypedKnob, type TypedKnob } from '../../shared/panel/typedKnob.js';
import { OfMachine } from '../OfMachine.js';
import { shownOf, slotRows } from './slotReadings.js';
import { filledSlots, type FilledSlot } from './slotStanding.js';

/** Type what the machine shows, see what differs from the card. */
export function CompareSlot() {
  return (
    <OfMachine>{(machine, cards) => <Compare key={machine.id} machine={machine} cards={cards} />}</OfMachine>
  );
}

function Compare({ machine, cards }: { machine: Machine; cards: readonly Card[] }) {
  const [search] = useSearchParams();
  const { data: slots } = useSlotsQuery(machine.id);
  const { units } = houseContent(useHouseQuery(undefined).data);
  const slot = Number(search.get('slot'));
  const filled = filledSlots(slots ?? [], cards).find(({ held }) => held.slot === slot);
  return (
    <div className="mx-auto flex max-w-3xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader
        title={`Slot ${slot} of ${machine.name}`}
        back={{ to: `/cards/slots?machine=${encodeURIComponent(machine.id)}`, name: 'program slots' }}
      />
      {slots === undefined && <Loading what="the slot" />}
      {slots !== undefined && filled === undefined && (
        <p className="sheet p-6 text-lg">According to us slot {slot} is empty.</p>
      )}
      {filled !== undefined && <Typed filled={filled} machine={machine} units={units} />}
    </div>
  );
}

interface TypedProps {
  filled: FilledSlot;
  machine: Machine;
  units: HouseUnits;
}

function Typed({ filled, machine, units }: TypedProps) {
  const { held, version } = filled;
  const rows = slotRows(version.content.setting, machine, units);
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  const [enter, { isLoading, error }] = useEnterSlotMutation();
  const navigate = useNavigate();
  const reads = rows.map((row) => {
    const text = texts[row.knob] ?? '';
    return { row, text, read: text.trim() === '' ? null : readTypedKnob(text, row) };
  });
  const good = reads.flatMap(({ row, read }) =>
    read !== null && 'value' in read ? [[row, read.value] as const] : [],
  );
  const isRead = reads.every(({ read }) => read === null || 'value' in read);
  const waitsFor = !isRead
    ? fieldsFirst
    : good.length === 0
      ? 'Read at least one figure off the panel.'
      : null;
  const save = async () => {
    const entry = { did: 'compared', shown: shownOf(good) } as const;
    const answer = await enter({ machineId: machine.id, slot: held.slot, id: uuid(), entry });
    if (answer.error !== undefined) return;
    toast(`Slot ${held.slot} is held against the machine.`);
    void navigate(`/cards/slots?machine=${encodeURIComponent(machine.id)}`);
  };
  return (
    <form
      className="sheet flex flex-col gap-3 px-5 py-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p>
        Open the program at the machine and type what it shows; leave out what you did not look at. It should
        hold “{version.content.name}”, version {held.version}.
      </p>
      <ul className="flex flex-col divide-y divide-base-300">
        {reads.map(({ row, text, read }) => (
          <li key={row.knob} className="flex flex-wrap items-end gap-x-6 gap-y-1 py-2">
            <div className="w-44">
              <TypedField
                label={`${row.name} on the panel`}
                unit={row.scale.unit}
                text={text}
                read={read}
                onType={(typed) => setTexts({ ...texts, [row.knob]: typed })}
              />
            </div>
            <p className="min-h-12 min-w-40 grow">
              <span className="text-sm text-soft">The card says</span>{' '}
              <span className="figure text-xl font-semibold">{panelFigure(row, row.value)}</span>{' '}
              {row.scale.unit}
            </p>
            <Difference row={row} read={read} />
          </li>
        ))}
      </ul>
      <p className="text-soft">
        Where they differ: set the machine to the card; or, if the machine’s number welds better, change the
        card and prove it.
      </p>
      <Failure what="Not saved." error={error} />
      <SaveButton name="Save the comparison" waitsFor={waitsFor} isSaving={isLoading} />
    </form>
  );
}

function Difference({ row, read }: { row: PanelRow; read: TypedKnob | null }) {
  if (read === null || 'fault' in read) return <span className="w-28" />;
  const isSame = panelFigure(row, read.value) === panelFigure(row, row.value);
  return (
    <p
      className={`flex min-h-12 w-28 items-center gap-2 font-semibold ${isSame ? '' : 'text-error'}`}
      role="status"
    >
      {isSame ? <Check className="size-5" aria-hidden="true" /> : <X className="size-5" aria-hidden="true" />}
      {isSame ? 'the same' : 'differs'}
    </p>
  );
}
