import { headPartKinds, partReasons, type Machine, type PartChange } from '@lone-heron/contract';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { partReasonWords, partWords } from './partWords.js';
import { useChangePartMutation, useUndoPartChangeMutation } from './headPartsApi.js';
import { useUndoableSave } from '../../shared/save/useUndoableSave.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

/** Records that a part went in, and why the one before it came out. */
export function ChangePart({ machine, onClose }: { machine: Machine; onClose: () => void }) {
  const person = usePersonAtDesk();
  const sheet = `part ${machine.id}`;
  const { save, isSaving, error } = useSavePart(sheet, onClose);
  const [change, setChange] = useKept<PartChange>(sheet, 'change', () => ({
    ...{ machineId: machine.id, kind: 'nozzle', place: '', reason: 'worn' },
    ...{ note: '', supplier: '', lot: '' },
  }));
  return (
    <Modal title={`Part changed on ${machine.name}`} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (person !== null && !isSaving) void save(change);
        }}
      >
        <KeptNote sheet={sheet} />
        <div className="grid gap-3 sm:grid-cols-2">
          <PickField
            label="Part"
            value={change.kind}
            choices={headPartKinds.map((kind) => ({ value: kind, label: partWords[kind] }))}
            onPick={(kind) => setChange({ ...change, kind })}
          />
          <TextField
            label="Where, if there are several"
            text={change.place}
            longest={30}
            onType={(place) => setChange({ ...change, place })}
          />
          <PickField
            label="Why the old one came out"
            value={change.reason}
            choices={partReasons.map((reason) => ({ value: reason, label: partReasonWords[reason] }))}
            onPick={(reason) => setChange({ ...change, reason })}
          />
          <TextField
            label="Note on it"
            text={change.note}
            longest={500}
            onType={(note) => setChange({ ...change, note })}
          />
          <TextField
            label="Supplier of the new one"
            text={change.supplier}
            longest={60}
            onType={(supplier) => setChange({ ...change, supplier })}
          />
          <TextField
            label="Its lot"
            text={change.lot}
            longest={40}
            onType={(lot) => setChange({ ...change, lot })}
          />
        </div>
        <WhoDidIt label="Changed by" />
        <Failure error={error} />
        <SaveButton name="It is in" waitsFor={person === null ? signInFirst : null} isSaving={isSaving} />
      </form>
    </Modal>
  );
}

/** Writes a change of a part down, with undo. */
function useSavePart(sheet: string, onClose: () => void) {
  const [changePart, { isLoading, error }] = useChangePartMutation();
  const [undoChange] = useUndoPartChangeMutation();
  const save = useUndoableSave({
    sheet,
    send: (id, change: PartChange) => changePart({ id, change }),
    said: (_, { kind }) => `${sentenceStart(partWords[kind])}: a new one is in.`,
    wayBack: (id) => ({ undo: () => undoChange(id), undone: 'Taken back: the part before it is in.' }),
    onSaved: () => {
      forgetTyping(sheet);
      onClose();
    },
  });
  return { save, isSaving: isLoading, error };
}
