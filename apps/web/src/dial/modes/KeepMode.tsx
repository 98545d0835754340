import type { HandMode, ModeCardDraft } from '@lone-heron/contract';
import { useNavigate } from 'react-router';
import {
  useModeCardsQuery,
  useSetModeCardRetiredMutation,
  useWriteModeCardMutation,
} from '../../shared/api/modeCardsApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { Modal } from '../../shared/page/Modal.js';
import { useUndoableSave } from '../../shared/save/useUndoableSave.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';
import type { TriedWork } from './TriedWork.js';

/** Keeps what is dialled on a card with a title. */
export default function KeepMode({
  mode,
  answer: { work, setting, shop },
  onClose,
}: {
  mode: HandMode;
  answer: TriedWork;
  onClose: () => void;
}) {
  const sheet = `mode card ${mode}`;
  const navigate = useNavigate();
  const person = usePersonAtDesk();
  const { data: cards = [] } = useModeCardsQuery(undefined);
  const [write, { isLoading, error }] = useWriteModeCardMutation();
  const [retire] = useSetModeCardRetiredMutation();
  const [title, setTitle] = useKept(sheet, 'title', () => '');
  const [notes, setNotes] = useKept(sheet, 'notes', () => '');
  const [slot, setSlot] = useKept(sheet, 'slot', () => '');
  const save = useUndoableSave({
    sheet,
    send: (id, draft: ModeCardDraft) => write({ id, version: 1, draft }),
    said: ({ number }, draft) => `Card ${number} is kept: ${draft.title}.`,
    wayBack: (id) => ({
      undo: () => retire({ id, isRetired: true }),
      undone: 'The card was retired.',
      stays: 'The card is still there.',
    }),
    onSaved: () => {
      forgetTyping(sheet);
      onClose();
      void navigate('/cards');
    },
  });
  const isTaken = cards.some(
    ({ retiredAt, versions }) => retiredAt === null && versions[0]?.title === title.trim(),
  );
  const waitsFor = title.trim() === '' ? 'Give it a title.' : person === null ? signInFirst : null;
  return (
    <Modal title="Keep it on a card" onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          const said = { title: title.trim(), notes, slot, why: '' };
          void save({ ...said, machineId: shop.machine.id, work, setting });
        }}
      >
        <p className="text-soft">
          {workInWords(work)} · {modeSettingInWords(setting)}
        </p>
        <TextField label="Title" text={title} longest={80} isStart onType={setTitle} />
        {isTaken && (
          <p className="text-soft">
            There is a card of that title already: two of one name are easily mixed up.
          </p>
        )}
        <TextField
          label="Slot of the machine’s own store, if it lies in one"
          text={slot}
          longest={20}
          onType={setSlot}
        />
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
        <SaveButton name="Keep card" waitsFor={waitsFor} isSaving={isLoading} />
      </form>
    </Modal>
  );
}
