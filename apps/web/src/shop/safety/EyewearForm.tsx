import { eyewearConditions, eyewearKinds, type Eyewear, type EyewearDraft } from '@lone-heron/contract';
import { toast } from '../../shared/say/toast.js';
import { Failure } from '../../shared/form/Failure.js';
import { asChoices, PickField } from '../../shared/form/PickField.js';
import { fieldsFirst, SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { Modal } from '../../shared/page/Modal.js';
import { readTyped, type TypedQuantity } from '../../shared/figures/readTyped.js';
import { useSaveEyewearMutation } from './eyewearApi.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

const density: TypedQuantity = {
  range: { quantity: 'optical density', min: 0, max: 12, unit: '' },
  dimension: null,
};

const empty: EyewearDraft = {
  name: '',
  kind: 'helmet',
  marking: '',
  opticalDensity: null,
  shade: '',
  condition: 'sound',
  isRetired: false,
};

interface EyewearFormProps {
  id: string;
  /** Null for a new one. */
  eyewear: Eyewear | null;
  onClose: () => void;
}

/** A helmet or a pair: its marking, and how it was found just now. */
export function EyewearForm({ id, eyewear, onClose }: EyewearFormProps) {
  const sheet = eyewear === null ? 'new eyewear' : `eyewear ${id}`;
  const [draft, setDraft] = useKept(sheet, 'eyewear', () => (eyewear === null ? empty : draftOf(eyewear)));
  const [typed, setTyped] = useKept(sheet, 'density', () => eyewear?.opticalDensity?.toString() ?? '');
  const [save, { isLoading, error }] = useSaveEyewearMutation();
  const read = typed.trim() === '' ? null : readTyped(typed, density);
  const isReady = draft.name.trim() !== '' && (read === null || 'value' in read);
  const submit = async () => {
    const opticalDensity = read !== null && 'value' in read ? read.value : null;
    if ((await save({ id, draft: { ...draft, opticalDensity } })).error !== undefined) return;
    forgetTyping(sheet);
    onClose();
    toast(`${draft.name} is written down.`);
  };
  return (
    <Modal title={eyewear === null ? 'Add eyewear' : eyewear.name} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady && !isLoading) void submit();
        }}
      >
        <KeptNote sheet={sheet} />
        <div className="grid gap-3 sm:grid-cols-2">
          <DraftFields draft={draft} onChange={setDraft} />
          <TypedField
            label="Optical density at 1070 nm, if marked"
            unit=""
            text={typed}
            read={read}
            onType={setTyped}
          />
        </div>
        <Failure error={error} />
        <SaveButton name="Write it down" waitsFor={isReady ? null : fieldsFirst} isSaving={isLoading} />
      </form>
    </Modal>
  );
}

function DraftFields({ draft, onChange }: { draft: EyewearDraft; onChange: (draft: EyewearDraft) => void }) {
  const type = (name: 'name' | 'marking' | 'shade') => (text: string) => onChange({ ...draft, [name]: text });
  return (
    <>
      <TextField label="Name or number" text={draft.name} longest={40} isStart onType={type('name')} />
      <PickField
        label="Kind"
        value={draft.kind}
        choices={asChoices(eyewearKinds)}
        onPick={(kind) => onChange({ ...draft, kind })}
      />
      <TextField
        label="Whole marking on the frame"
        text={draft.marking}
        longest={80}
        onType={type('marking')}
      />
      <TextField label="Shade for the glare, if any" text={draft.shade} longest={10} onType={type('shade')} />
      <PickField
        label="Found just now"
        value={draft.condition}
        choices={asChoices(eyewearConditions)}
        onPick={(condition) => onChange({ ...draft, condition })}
      />
      <label className="touch-always flex items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={draft.isRetired}
          onChange={(event) => onChange({ ...draft, isRetired: event.target.checked })}
        />
        <span className="font-medium">Taken out of use</span>
      </label>
    </>
  );
}

function draftOf({
  name,
  kind,
  marking,
  opticalDensity,
  shade,
  condition,
  isRetired,
}: Eyewear): EyewearDraft {
  return { name, kind, marking, opticalDensity, shade, condition, isRetired };
}
