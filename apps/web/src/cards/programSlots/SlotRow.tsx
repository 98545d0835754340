import type { HouseUnits, Machine, Person } from '@lone-heron/contract';
import { Scale, TriangleAlert, X } from 'lucide-react';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { useEnterSlotMutation } from './programSlotsApi.js';
import { Failure } from '../../shared/form/Failure.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { dialledFigures } from '../dialledFigures.js';
import { slotReadings, slotRows } from './slotReadings.js';
import { slotTrouble, type FilledSlot } from './slotStanding.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { useNow } from '../../shared/clock/useNow.js';

interface SlotRowProps {
  filled: FilledSlot;
  machine: Machine;
  units: HouseUnits;
  people: readonly Person[];
}

/** A slot: which card lies in it, its numbers, when it was last held against the machine and what came of it. */
export function SlotRow({ filled, machine, units, people }: SlotRowProps) {
  const { held, card, version } = filled;
  const { setting, joint, name } = version.content;
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
      <span className="figure w-12 text-center text-3xl font-semibold" aria-label={`Slot ${held.slot}`}>
        {held.slot}
      </span>
      <div className="min-w-56 grow leading-snug">
        <Link className="text-lg font-semibold underline" to={`/cards/${card.id}`}>
          {name}
        </Link>{' '}
        <span className="text-soft">
          card {card.number}, version {held.version}
        </span>
        <p>{jointInWords(joint)}</p>
        <p className="figure">{dialledFigures(slotRows(setting, machine, units))}</p>
        <Trouble filled={filled} />
        <Compared filled={filled} machine={machine} units={units} people={people} />
      </div>
      <Link
        className="btn touch-always"
        aria-label={`Compare slot ${held.slot}`}
        to={`/cards/slots/compare?machine=${encodeURIComponent(machine.id)}&slot=${held.slot}`}
      >
        <Scale className="size-5" aria-hidden="true" /> Compare
      </Link>
      <Empty machineId={machine.id} filled={filled} />
    </li>
  );
}

function Trouble({ filled }: { filled: FilledSlot }) {
  const trouble = slotTrouble(filled);
  if (trouble === null) return null;
  return (
    <p className="flex items-center gap-2 font-semibold">
      <TriangleAlert className="size-5 shrink-0 text-error" aria-hidden="true" /> Do not weld by it: {trouble}
      .
    </p>
  );
}

function Compared({ filled: { held, version }, machine, units, people }: SlotRowProps) {
  const now = useNow();
  const { compared } = held;
  if (compared === null)
    return <p className="text-soft">Not held against the machine since it was stored.</p>;
  const differing = slotReadings(version.content.setting, machine, compared.shown, units).filter(
    ({ differs }) => differs,
  );
  const who = people.find(({ id }) => id === compared.by)?.name ?? '';
  const when = `${who} ${shownMoment(compared.at, now)}`;
  if (differing.length === 0)
    return <p className="text-soft">Held against the machine by {when}: the same.</p>;
  return (
    <p className="flex items-center gap-2 font-semibold text-error">
      <TriangleAlert className="size-5 shrink-0" aria-hidden="true" />
      <span>
        Differed for {when}:{' '}
        {differing
          .map(
            ({ row, shown, asked }) =>
              `${row.name.toLowerCase()} ${shown} instead of ${asked} ${row.scale.unit}`,
          )
          .join(', ')}
      </span>
    </p>
  );
}

function Empty({ machineId, filled: { held } }: { machineId: string; filled: FilledSlot }) {
  const [enter, { isLoading, error }] = useEnterSlotMutation();
  const { slot, cardId, version } = held;
  const empty = async () => {
    const answer = await enter({ machineId, slot, id: uuid(), entry: { did: 'emptied' } });
    if (answer.error !== undefined) return;
    const back = { machineId, slot, id: uuid(), entry: { did: 'stored', cardId, version } } as const;
    sayUndoable(`Slot ${slot} is written down as empty.`, {
      undo: () => enter(back),
      stays: `Slot ${slot} is still written down as empty.`,
    });
  };
  return (
    <>
      <button
        type="button"
        className="btn touch-always btn-ghost"
        aria-label={`Slot ${slot} was emptied`}
        disabled={isLoading}
        onClick={() => void empty()}
      >
        <X className="size-5" aria-hidden="true" /> Emptied
      </button>
      <Failure error={error} />
    </>
  );
}
