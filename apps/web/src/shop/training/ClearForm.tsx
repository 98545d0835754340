import { machineModes, type ClearanceDraft, type Machine, type Person } from '@lone-heron/contract';
import { toast } from '../../shared/say/toast.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { Failure } from '../../shared/form/Failure.js';
import { asChoices, PickField } from '../../shared/form/PickField.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { useClearMutation } from './clearancesApi.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

const sheet = 'clearance';

interface ClearFormProps {
  people: readonly Person[];
  machines: readonly Machine[];
  onClose: () => void;
}

/** A lead clears somebody for a machine and a mode. */
export function ClearForm({ people, machines, onClose }: ClearFormProps) {
  const { id, sent } = useKeptId(sheet);
  const [draft, setDraft] = useKept<ClearanceDraft>(sheet, 'clearance', () => ({
    personId: people[0]?.id ?? '',
    machineId: machines[0]?.id ?? '',
    mode: 'weld',
    until: null,
    note: '',
  }));
  const [clear, { isLoading, error }] = useClearMutation();
  const save = async () => {
    sent();
    if ((await clear({ id, draft })).error !== undefined) return;
    forgetTyping(sheet);
    onClose();
    toast(`${people.find((person) => person.id === draft.personId)?.name} is cleared to ${draft.mode}.`);
  };
  const named = (each: { id: string; name: string }) => ({ value: each.id, label: each.name });
  return (
    <Modal title="Clear somebody" onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!isLoading) void save();
        }}
      >
        <KeptNote sheet={sheet} />
        <div className="grid gap-3 sm:grid-cols-2">
          <PickField
            label="Who"
            value={draft.personId}
            choices={people.map(named)}
            onPick={(personId) => setDraft({ ...draft, personId })}
          />
          <PickField
            label="On which machine"
            value={draft.machineId}
            choices={machines.map(named)}
            onPick={(machineId) => setDraft({ ...draft, machineId })}
          />
          <PickField
            label="To do what"
            value={draft.mode}
            choices={asChoices(machineModes)}
            onPick={(mode) => setDraft({ ...draft, mode })}
          />
          <DayField until={draft.until} onPick={(until) => setDraft({ ...draft, until })} />
        </div>
        <TextField
          label="What was taught and seen"
          text={draft.note}
          longest={300}
          onType={(note) => setDraft({ ...draft, note })}
        />
        <Failure error={error} />
        <SaveButton name="Clear" waitsFor={null} isSaving={isLoading} />
      </form>
    </Modal>
  );
}

function DayField({ until, onPick }: { until: string | null; onPick: (until: string | null) => void }) {
  return (
    <label className="flex flex-col gap-1">
      <span className="text-sm font-medium">Until, if it ends</span>
      <input
        type="date"
        className="input touch-always w-full text-base"
        value={until ?? ''}
        onChange={(event) => onPick(event.target.value === '' ? null : event.target.value)}
      />
    </label>
  );
}
