import type { HandMode, ModeCard, ModeCardDraft } from '@lone-heron/contract';
import { useNavigate } from 'react-router';
import {
  useModeCardsQuery,
  useSetModeCardRetiredMutation,
  useWriteModeCardMutation,
} from '../../shared/api/modeCardsApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { Modal } from '../../shared/page/Modal.js';
import { useUndoableSave } from '../../shared/save/useUndoableSave.js';
import { toast } from '../../shared/say/toast.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';
import type { TriedWork } from './TriedWork.js';

interface KeepModeProps {
  mode: HandMode;
  answer: TriedWork;
  onClose: () => void;
}

const newCard = 'new';

/** Keeps what is dialled: on a new card with a title, or as the next version of one that there is. */
export default function KeepMode({ mode, answer, onClose }: KeepModeProps) {
  const { work, setting, shop } = answer;
  const { data: cards = [] } = useModeCardsQuery(undefined);
  const [onto, setOnto] = useKept(`mode card ${mode}`, 'onto', () => newCard);
  const alike = cards.filter(
    ({ retiredAt, versions: [newest] }) =>
      retiredAt === null && newest?.work.mode === mode && newest.machineId === shop.machine.id,
  );
  const card = alike.find(({ id }) => id === onto) ?? null;
  const choices = [
    { value: newCard, label: 'a new card' },
    ...alike.map(({ id, number, versions: [newest] }) => ({
      ...{ value: id, label: `card ${number}, ${newest?.title}: its next version` },
    })),
  ];
  return (
    <Modal title="Keep it on a card" onClose={onClose}>
      <div className="flex flex-col gap-4">
        <p className="text-soft">
          {workInWords(work)} · {modeSettingInWords(setting)}
        </p>
        {alike.length > 0 && (
          <PickField label="Onto" value={card?.id ?? newCard} choices={choices} onPick={setOnto} />
        )}
        <CardForm key={card?.id ?? newCard} {...{ mode, answer, card, cards, onClose }} />
      </div>
    </Modal>
  );
}

interface CardFormProps extends KeepModeProps {
  /** Whose next version it will be; null for a new one. */
  card: ModeCard | null;
  cards: readonly ModeCard[];
}

function CardForm({ mode, answer, card, cards, onClose }: CardFormProps) {
  const { work, setting, shop } = answer;
  const before = card?.versions[0];
  const sheet = `mode card ${card?.id ?? mode}`;
  const person = usePersonAtDesk();
  const [title, setTitle] = useKept(sheet, 'title', () => before?.title ?? '');
  const [notes, setNotes] = useKept(sheet, 'notes', () => before?.notes ?? '');
  const [slot, setSlot] = useKept(sheet, 'slot', () => before?.slot ?? '');
  const [why, setWhy] = useKept(sheet, 'why', () => '');
  const { save, isSaving, error } = useSaveCard(sheet, card, onClose);
  const others = cards.filter(({ id, retiredAt }) => retiredAt === null && id !== card?.id);
  const isTaken = others.some(({ versions: [newest] }) => newest?.title === title.trim());
  const inSlot = others.find(
    ({ versions: [newest] }) =>
      slot.trim() !== '' && newest?.slot === slot.trim() && newest.machineId === shop.machine.id,
  );
  const missing =
    title.trim() === ''
      ? 'Give it a title.'
      : card !== null && why.trim() === ''
        ? 'Say what changed.'
        : null;
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        const said = { title: title.trim(), notes: notes.trim(), slot: slot.trim(), why: why.trim() };
        void save({ ...said, machineId: shop.machine.id, work, setting });
      }}
    >
      <TextField label="Title" text={title} longest={80} isStart onType={setTitle} />
      {isTaken && (
        <p className="text-soft">There is a card of that title: two of one name are easily mixed up.</p>
      )}
      {card !== null && <TextField label="What changed, and why" text={why} longest={300} onType={setWhy} />}
      <TextField
        label="Slot of the machine’s own store, if it lies in one"
        text={slot}
        longest={20}
        onType={setSlot}
      />
      {inSlot !== undefined && (
        <p className="text-soft">
          Card {inSlot.number}, {inSlot.versions[0]?.title}, says that it lies in slot {slot.trim()} too.
        </p>
      )}
      <label className="flex flex-col gap-1">
        <span className="text-sm font-medium">Notes</span>
        <textarea
          className="textarea w-full text-base"
          rows={3}
          maxLength={1000}
          value={notes}
          onChange={(event) => setNotes(event.target.value)}
        />
      </label>
      <WhoDidIt label="Kept by" />
      <Failure error={error} />
      <SaveButton
        name="Keep card"
        waitsFor={missing ?? (person === null ? signInFirst : null)}
        isSaving={isSaving}
      />
    </form>
  );
}

/** Writes the card and goes to it. A new one can be retired at once; a version stands, as versions do. */
function useSaveCard(sheet: string, card: ModeCard | null, onClose: () => void) {
  const navigate = useNavigate();
  const [write, { isLoading, error }] = useWriteModeCardMutation();
  const [retire] = useSetModeCardRetiredMutation();
  const leave = () => {
    forgetTyping(sheet);
    onClose();
  };
  const saveNew = useUndoableSave({
    sheet,
    send: async (id, draft: ModeCardDraft) => {
      const answer = await write({ id, version: 1, draft });
      if (answer.error === undefined) void navigate(`/cards/modes/${id}`);
      return answer;
    },
    said: ({ number }, draft) => `Card ${number} is kept: ${draft.title}.`,
    wayBack: (id) => ({
      undo: () => retire({ id, isRetired: true }),
      undone: 'The card was retired.',
      stays: 'The card is still there.',
    }),
    onSaved: leave,
  });
  const save = async (draft: ModeCardDraft) => {
    if (card === null) return saveNew(draft);
    const version = (card.versions[0]?.version ?? 0) + 1;
    const { data } = await write({ id: card.id, version, draft });
    if (data === undefined) return false;
    leave();
    void navigate(`/cards/modes/${card.id}`);
    toast(`Version ${version} of ${draft.title} is kept; the one before stays.`);
    return true;
  };
  return { save, isSaving: isLoading, error };
}
