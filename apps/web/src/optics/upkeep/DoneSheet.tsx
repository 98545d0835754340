import { type Machine, type RecordDetail } from '@lone-heron/contract';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import type { StandingTask } from '../../shared/upkeep/upkeepDue.js';
import { ShopPhoto } from '../photos/ShopPhoto.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

interface DoneSheetProps {
  of: StandingTask;
  machines: readonly Machine[];
  onClose: () => void;
}

/** A task that was done: what was read, a photo, a note. */
export function DoneSheet({ of: { machineId, task }, machines, onClose }: DoneSheetProps) {
  const person = usePersonAtDesk();
  const sheet = `done ${machineId} ${task.id}`;
  const { write, isSaving, failure } = useWriteRecord(machineId, sheet);
  const [value, setValue] = useKept(sheet, 'value', () => '');
  const [note, setNote] = useKept(sheet, 'note', () => '');
  const [earlier, setEarlier] = useKept(sheet, 'earlier', () => '');
  const wanted = earlierWanted(earlier, note);
  const [photoId, setPhotoId] = useKept<string | null>(sheet, 'photo', () => null);
  const submit = async () => {
    const doneAt = earlier === '' ? {} : { doneAt: new Date(earlier).toISOString() };
    const detail: RecordDetail = { kind: 'upkeep', taskId: task.id, value: value.trim(), photoId, ...doneAt };
    if (!(await write(detail, note, `Done: ${task.title}.`))) return;
    forgetTyping(sheet);
    onClose();
  };
  return (
    <Modal title={task.title} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (person !== null && wanted === null && !isSaving) void submit();
        }}
      >
        <KeptNote sheet={sheet} />
        <p className="text-soft">
          {machines.find(({ id }) => id === machineId)?.name}. {task.how}
        </p>
        {task.reads !== '' && (
          <TextField label={`Read, ${task.reads}`} text={value} longest={60} isStart onType={setValue} />
        )}
        <TextField
          label={earlier === '' ? 'Note' : 'Why it is dated back'}
          text={note}
          longest={500}
          onType={setNote}
        />
        <label className="flex flex-col gap-1">
          <span className="text-sm font-medium">Done earlier than now, when</span>
          <input
            type="datetime-local"
            className="input touch-always w-full text-base"
            value={earlier}
            onChange={(event) => setEarlier(event.target.value)}
          />
        </label>
        <ShopPhoto machineId={machineId} subject="upkeep" photoId={photoId} onPhoto={setPhotoId} />
        <WhoDidIt label="Done by" />
        {failure !== null && (
          <p role="alert" className="fault">
            Not stored. {failure}
          </p>
        )}
        <SaveButton name="It is done" waitsFor={person === null ? signInFirst : wanted} isSaving={isSaving} />
      </form>
    </Modal>
  );
}

/** What is wanted of one that is dated back; null where nothing is. */
function earlierWanted(earlier: string, note: string): string | null {
  if (earlier === '') return null;
  const moment = new Date(earlier).getTime();
  if (Number.isNaN(moment) || moment > Date.now()) return 'It lies ahead: say when it was done.';
  return note.trim() === '' ? 'Say why it is dated back.' : null;
}
