import { asksOf, changeoverSteps, workRanges, type GunMode, type Machine } from '@lone-heron/contract';
import { parseQuantity } from '@lone-heron/core';
import { Check } from 'lucide-react';
import { useNavigate } from 'react-router';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { spokenPressure } from '../../shared/figures/spokenStates.js';
import { PickField } from '../../shared/form/PickField.js';
import { SaveButton, fieldsFirst, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { gunModeWords } from '../../shared/modes/gunModeWords.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';

/** Every step confirmed by hand, what is read typed in; one key writes it down. */
export function ChangeoverForm({ machine, to }: { machine: Machine; to: GunMode }) {
  const sheet = `switch ${machine.id} ${to}`;
  const navigate = useNavigate();
  const person = usePersonAtDesk();
  const steps = changeoverSteps(to, machine.profile);
  const asks = asksOf(to);
  const bores = machine.profile.cutting?.boresMm ?? [];
  const [confirmed, setConfirmed] = useKept<readonly string[]>(sheet, 'confirmed', () => []);
  const [pressure, setPressure] = useKept(sheet, 'pressure', () => '');
  const [bore, setBore] = useKept(sheet, 'bore', () => String(bores[0] ?? ''));
  const [behind, setBehind] = useKept(sheet, 'behind', () => '');
  const { write, isSaving, failure } = useWriteRecord(machine.id, sheet);
  const read = readPressure(pressure, machine);
  const left = steps.filter(({ id }) => !confirmed.includes(id)).length;
  const waitsFor =
    left > 0
      ? `${left} still to confirm.`
      : asks.gas && (read === null || 'fault' in read)
        ? fieldsFirst
        : asks.behind && behind.trim() === ''
          ? 'Say what stands behind.'
          : person === null
            ? signInFirst
            : null;
  const save = async () => {
    const detail = {
      ...{ kind: 'changeover' as const, to, confirmed: steps.map(({ id }) => id) },
      pressureBar: asks.gas && read !== null && 'value' in read ? read.value : null,
      boreMm: asks.gas ? Number(bore) : null,
      behind: asks.behind ? behind.trim() : '',
    } as const;
    if (!(await write(detail, '', `${machine.name} is switched to ${gunModeWords[to]}.`))) return;
    forgetTyping(sheet);
    void navigate(`/ready?machine=${machine.id}`);
  };
  const turn = (id: string) =>
    setConfirmed(confirmed.includes(id) ? confirmed.filter((each) => each !== id) : [...confirmed, id]);
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <StepKeys steps={steps} confirmed={confirmed} onTurn={turn} />
      {asks.gas && (
        <div className="sheet grid gap-3 px-4 py-3 sm:grid-cols-2">
          <TypedField
            label="Pressure at the nozzle, air on"
            unit={shopUnits().pressure}
            text={pressure}
            read={read}
            onType={setPressure}
          />
          <PickField
            label="Bore of the nozzle"
            value={bore}
            choices={bores.map((mm) => ({ value: String(mm), label: spokenLength(mm) }))}
            onPick={setBore}
          />
        </div>
      )}
      {asks.behind && (
        <TextField label="What stands behind the cut" text={behind} longest={120} onType={setBehind} />
      )}
      <WhoDidIt label="Confirmed by" />
      {failure !== null && (
        <p role="alert" className="fault">
          Not written down. {failure}
        </p>
      )}
      <SaveButton name={`Switched to ${gunModeWords[to]}`} waitsFor={waitsFor} isSaving={isSaving} />
    </form>
  );
}

/** A key for each step, as large as a glove. */
function StepKeys({
  steps,
  confirmed,
  onTurn,
}: {
  steps: ReturnType<typeof changeoverSteps>;
  confirmed: readonly string[];
  onTurn: (id: string) => void;
}) {
  return (
    <ol className="flex flex-col gap-2">
      {steps.map(({ id, title, why }) => (
        <li key={id}>
          <button
            type="button"
            className={`sheet flex min-h-16 w-full items-center gap-3 px-4 py-2 text-left ${confirmed.includes(id) ? 'border-l-4 border-l-success' : ''}`}
            aria-pressed={confirmed.includes(id)}
            onClick={() => onTurn(id)}
          >
            <span
              className={`flex size-8 shrink-0 items-center justify-center rounded-full border-2 ${confirmed.includes(id) ? 'border-success bg-success text-success-content' : 'border-base-300'}`}
            >
              {confirmed.includes(id) && <Check className="size-5" aria-hidden="true" />}
            </span>
            <span className="leading-snug">
              <span className="block text-lg font-medium">{title}</span>
              <span className="block text-soft">{why}</span>
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** A pressure as it was read, held against what the head bears; null before anything was typed. */
function readPressure(
  text: string,
  { name, profile }: Machine,
): { readonly value: number } | { readonly fault: string } | null {
  if (text.trim() === '') return null;
  const parsed = parseQuantity(text, 'pressure', { bareUnit: shopUnits().pressure });
  const most = profile.cutting?.mostBar ?? workRanges.pressure.max;
  if (parsed.ok && parsed.value >= workRanges.pressure.min && parsed.value <= most)
    return { value: Number(parsed.value.toPrecision(6)) };
  return { fault: `pressure ${text}: allowed is up to ${spokenPressure(most)} on ${name}.` };
}
