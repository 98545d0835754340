import { cardState, shownVersion, type Card, type Machine, type ProgramSlot } from '@lone-heron/contract';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { v7 as uuid } from 'uuid';
import { useEnterSlotMutation } from './programSlotsApi.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { SaveButton } from '../../shared/form/SaveButton.js';

interface StoreInSlotProps {
  machine: Machine;
  cards: readonly Card[];
  slots: readonly ProgramSlot[];
}

/** Says that a card was stored at the machine, and in which slot. */
export function StoreInSlot({ machine, cards, slots }: StoreInSlotProps) {
  const [search] = useSearchParams();
  const mine = cards.filter(
    (card) => card.retiredAt === null && shownVersion(card).content.machineId === machine.id,
  );
  const numbers = Array.from({ length: machine.profile.programSlots }, (_, i) => i + 1);
  const free = numbers.find((number) => !slots.some(({ slot }) => slot === number));
  const [picked, setPicked] = useState(search.get('card') ?? '');
  const [typedSlot, setTypedSlot] = useState<string | null>(null);
  const [enter, { isLoading, error }] = useEnterSlotMutation();
  const card = mine.find(({ id }) => id === picked) ?? mine[0];
  if (card === undefined)
    return <p className="sheet px-4 py-3">{machine.name} has no card yet that could be stored.</p>;
  const slot = Number(typedSlot ?? free ?? 1);
  const held = slots.find((each) => each.slot === slot);
  const heldName = cards.find(({ id }) => id === held?.cardId)?.versions[0]?.content.name;
  const store = async () => {
    const { version } = shownVersion(card);
    const entry = { did: 'stored', cardId: card.id, version } as const;
    const answer = await enter({ machineId: machine.id, slot, id: uuid(), entry });
    if (answer.error !== undefined) return;
    setTypedSlot(null);
    const back =
      held === undefined
        ? ({ did: 'emptied' } as const)
        : ({ did: 'stored', cardId: held.cardId, version: held.version } as const);
    const undo = () => enter({ machineId: machine.id, slot, id: uuid(), entry: back });
    sayUndoable(`Slot ${slot} holds “${shownVersion(card).content.name}”. Compare it once at the machine.`, {
      undo,
      undone: held === undefined ? `Slot ${slot} is empty again.` : `Slot ${slot} holds “${heldName}” again.`,
    });
  };
  return (
    <form
      className="sheet flex flex-wrap items-end gap-3 px-4 py-3"
      aria-label="Stored at the machine"
      onSubmit={(event) => {
        event.preventDefault();
        void store();
      }}
    >
      <PickField
        label="Stored at the machine"
        value={card.id}
        choices={mine.map((each) => ({ value: each.id, label: choiceWords(each) }))}
        onPick={setPicked}
      />
      <PickField
        label="In slot"
        value={String(slot)}
        choices={numbers.map((number) => ({ value: String(number), label: String(number) }))}
        onPick={setTypedSlot}
      />
      <SaveButton
        name={held === undefined ? 'Write it down' : 'Replace'}
        waitsFor={null}
        isSaving={isLoading}
      />
      {held !== undefined && (
        <p className="w-full">
          Slot {slot} holds “{heldName}” according to us; it is replaced.
        </p>
      )}
      <Failure error={error} />
    </form>
  );
}

function choiceWords(card: Card): string {
  const state = cardState(card);
  return `${shownVersion(card).content.name} (card ${card.number}${state === 'signed' ? '' : `, ${state}`})`;
}
