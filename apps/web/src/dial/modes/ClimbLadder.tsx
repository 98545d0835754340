import {
  beyondMode,
  trialKnobs,
  type HandMode,
  type TrialKnob,
  type TrialLadderDraft,
} from '@lone-heron/contract';
import { useMakeTrialLadderMutation, useSetTrialLadderClosedMutation } from '../../shared/api/trialsApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { Modal } from '../../shared/page/Modal.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { panelFigure } from '../../shared/panel/panelKnobs.js';
import { snapped } from '../../shared/panel/typedKnob.js';
import { useUndoableSave } from '../../shared/save/useUndoableSave.js';
import { useKept } from '../../shared/typing/useKept.js';
import { modeRows, ownValue, type ModeKnobRow } from '../../shared/modes/modeKnobs.js';
import type { TriedWork } from './TriedWork.js';

/** How far a ladder goes to either side of where the knob stands. */
const spans = [
  { value: '0.2', label: 'a fifth either way' },
  { value: '0.4', label: 'two fifths either way' },
  { value: '0.7', label: 'most of it either way' },
];

/** Trials in a row that change one knob on purpose: which, how far, how many. */
export default function ClimbLadder({
  mode,
  answer,
  onClose,
  onMade,
}: {
  mode: HandMode;
  answer: TriedWork;
  onClose: () => void;
  onMade: (ladderId: string) => void;
}) {
  const { work, setting, shop } = answer;
  const person = usePersonAtDesk();
  const rows = modeRows(setting, shop.machine.profile, shopUnits()).filter(({ knob }) => isLadderKnob(knob));
  const sheet = `trial ladder ${mode}`;
  const [knob, setKnob] = useKept(sheet, 'knob', () => rows[0]?.knob ?? '');
  const [span, setSpan] = useKept(sheet, 'span', () => '0.4');
  const [count, setCount] = useKept(sheet, 'count', () => '5');
  const [make, { isLoading, error }] = useMakeTrialLadderMutation();
  const [setClosed] = useSetTrialLadderClosedMutation();
  const row = rows.find((each) => each.knob === knob) ?? rows[0];
  const values = row === undefined ? [] : rungsOf(row, Number(span), Number(count));
  const save = useUndoableSave({
    sheet,
    send: async (id, draft: TrialLadderDraft) => {
      const made = await make({ id, draft });
      if (made.data !== undefined) onMade(id);
      return made;
    },
    said: ({ number }) => `Ladder ${number} stands: ${values.length} ${modeSpeech[mode].trials}.`,
    wayBack: (id) => ({ undo: () => setClosed({ id, isClosed: true }), undone: 'The ladder was put away.' }),
    onSaved: onClose,
  });
  if (row === undefined) return null;
  const beyond = values.flatMap((value) =>
    beyondMode(work, { ...setting, [row.knob]: ownValue(row, value) }, shop.machine),
  );
  const waitsFor =
    values.length < 2 ? 'The knob has no room for two rungs.' : person === null ? signInFirst : null;
  return (
    <Modal title={`A ladder of ${modeSpeech[mode].trials}`} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void save({
            ...{ machineId: shop.machine.id, work, setting, name: `${row.name.toLowerCase()} ladder` },
            ...{ knob: row.knob as TrialKnob, values: values.map((value) => ownValue(row, value)) },
          });
        }}
      >
        <div className="grid gap-3 sm:grid-cols-3">
          <Choice
            label="Knob"
            value={row.knob}
            onPick={setKnob}
            choices={rows.map(({ knob: value, name }) => ({ value, label: name }))}
          />
          <Choice label="How far" value={span} onPick={setSpan} choices={spans} />
          <Choice
            label="Rungs"
            value={count}
            onPick={setCount}
            choices={['3', '4', '5', '6', '8'].map((value) => ({ value, label: value }))}
          />
        </div>
        <RungList row={row} values={values} />
        {beyond.length > 0 && <p className="fault">{shop.machine.name} cannot do every rung of it.</p>}
        <Failure error={error} />
        <SaveButton name="Set it up" waitsFor={waitsFor} isSaving={isLoading} />
      </form>
    </Modal>
  );
}

function RungList({ row, values }: { row: ModeKnobRow; values: readonly number[] }) {
  return (
    <ol className="flex flex-wrap gap-2" aria-label="Rungs">
      {values.map((value, i) => (
        <li key={value} className="sheet px-3 py-2 tabular-nums">
          <span className="mr-2 text-soft">{i + 1}</span>
          <strong>{panelFigure(row, value)}</strong> {row.scale.unit}
        </li>
      ))}
    </ol>
  );
}

interface ChoiceProps {
  label: string;
  value: string;
  choices: readonly { readonly value: string; readonly label: string }[];
  onPick: (value: string) => void;
}

function Choice({ label, value, choices, onPick }: ChoiceProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="text-sm font-medium">{label}</span>
      <select className="select touch-always" value={value} onChange={(event) => onPick(event.target.value)}>
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Values around where the knob stands, in its steps, inside its reach; each once. */
function rungsOf(row: ModeKnobRow, span: number, count: number): readonly number[] {
  const values = Array.from({ length: count }, (_, i) =>
    snapped(row.value * (1 + span * ((2 * i) / (count - 1) - 1)), row),
  );
  return [...new Set(values)];
}

function isLadderKnob(knob: string): boolean {
  return (trialKnobs as readonly string[]).includes(knob);
}
