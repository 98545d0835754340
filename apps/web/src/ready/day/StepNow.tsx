import {
  feedOf,
  readingVerdict,
  type Day,
  type DayEntryDraft,
  type Machine,
  type Step,
} from '@lone-heron/contract';
import type { ReadingVerdict } from '@lone-heron/core';
import { useId, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { useBottlesQuery } from '../../shared/api/supplyApi.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { fieldsFirst, signInFirst } from '../../shared/form/SaveButton.js';
import { Failure } from '../../shared/form/Failure.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { HeardReading } from './HeardReading.js';
import { useEnterStepMutation } from '../readyApi.js';
import { readingFields, readStepReading, type ReadingField } from './readStepReading.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { bareUnitOf } from '../../shared/figures/readTyped.js';

interface StepNowProps {
  day: Day;
  step: Step;
  machine: Machine;
}

const weightWords: Readonly<Record<Step['weight'], string>> = {
  stop: 'stops until it is met',
  warn: 'goes on with a warning',
  inform: 'for the record',
};

/** The one step to do now: what, why, its values with what they mean, and one large button. */
export function StepNow({ day, step, machine }: StepNowProps) {
  const [id, setId] = useState(() => uuid());
  const [typed, setTyped] = useState<Record<string, string>>({});
  const person = usePersonAtDesk();
  const [enter, { isLoading, error }] = useEnterStepMutation();
  const { reading, faults } = readStepReading(step.reads, typed);
  const verdict = useVerdict(day, step, machine, reading);
  const why = useId();
  const waitsFor = person === null ? signInFirst : reading === null ? fieldsFirst : null;
  const before = day.entries.findLast(({ stepId }) => stepId === step.id);
  /** Under an id made once, so that a second tap is the same save; what was typed goes only when it is stored. */
  const send = async (draft: Omit<DayEntryDraft, 'stepId'>) => {
    const answer = await enter({ dayId: day.id, id, draft: { ...draft, stepId: step.id } });
    if (answer.error !== undefined) return;
    setId(uuid());
    setTyped({});
  };
  const submit = () => {
    if (reading !== null && person !== null && !isLoading)
      void send({ outcome: 'done', reading, reason: '' });
  };
  return (
    <section className="sheet flex flex-col gap-4 p-5" aria-label="Now">
      <p className="text-soft">
        {placeWords(day, step)} · {weightWords[step.weight]}
      </p>
      <h2 className="text-2xl leading-tight font-semibold sm:text-3xl">{step.title}</h2>
      {step.why !== '' && <p className="text-lg">{step.why}</p>}
      {before?.outcome === 'done' && !before.isMet && (
        <p className="fault" role="status">
          {before.words}
        </p>
      )}
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <div className="grid gap-3 sm:grid-cols-3">
          {readingFields[step.reads].map((field, index) => (
            <ValueField
              key={field.key}
              field={field}
              text={typed[field.key] ?? ''}
              fault={faults[field.key]}
              isFirst={index === 0}
              onType={(text) => setTyped({ ...typed, [field.key]: text })}
            />
          ))}
        </div>
        <HeardReading machineId={machine.id} step={step} typed={typed} onTake={setTyped} />
        {verdict !== null && verdict.words !== '' && <Meaning verdict={verdict} />}
        <WhoDidIt label="Done by" />
        <Failure error={error} />
        <span id={why} className="text-soft empty:hidden">
          {waitsFor}
        </span>
        <button
          type="submit"
          className="btn h-16 text-xl btn-primary"
          disabled={waitsFor !== null || isLoading}
          aria-describedby={why}
        >
          {isLoading ? 'Saving' : doneWords(step, verdict)}
        </button>
      </form>
      {step.weight !== 'stop' && (
        <LeaveOut
          isDisabled={person === null || isLoading}
          onLeaveOut={(reason) => void send({ outcome: 'skipped', reading: { reads: 'none' }, reason })}
        />
      )}
    </section>
  );
}

function placeWords(day: Day, step: Step): string {
  const [name, phase]: [string, readonly Step[]] = day.startUp.includes(step)
    ? ['Start-up', day.startUp]
    : ['Shut-down', day.shutDown];
  return `${name}, step ${phase.indexOf(step) + 1} of ${phase.length}`;
}

function doneWords(step: Step, verdict: ReadingVerdict | null): string {
  if (step.reads === 'none') return 'Done';
  if (verdict === null || verdict.isMet) return 'Write it down';
  return step.weight === 'stop' ? 'Write it down and wait' : 'Write it down and go on';
}

/** What the values mean as they are typed, by the same rule the server keeps. */
function useVerdict(
  day: Day,
  step: Step,
  machine: Machine,
  reading: DayEntryDraft['reading'] | null,
): ReadingVerdict | null {
  const { data: bottles = [] } = useBottlesQuery(undefined);
  if (reading === null) return null;
  const fitted = bottles.find(({ machineId, goneAt }) => machineId === machine.id && goneAt === null);
  const bottle = fitted === undefined ? null : feedOf(fitted);
  const { profile } = machine;
  return readingVerdict(reading, step, { profile, entries: day.entries, bottle, saidIn: shopUnits() });
}

function Meaning({ verdict }: { verdict: ReadingVerdict }) {
  return (
    <p
      role="status"
      className={`rounded-box border-l-4 bg-base-200 p-3 text-lg leading-snug ${verdict.isMet ? 'border-success' : 'border-error font-semibold'}`}
    >
      {verdict.words}
    </p>
  );
}

interface ValueFieldProps {
  field: ReadingField;
  text: string;
  fault: string | undefined;
  isFirst: boolean;
  onType: (text: string) => void;
}

function ValueField({ field, text, fault, isFirst, onType }: ValueFieldProps) {
  const ids = { field: useId(), fault: useId() };
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={ids.field} className="font-medium">
        {field.label}
      </label>
      <span className={`input h-14 w-full ${fault === undefined ? '' : 'input-error'}`}>
        <input
          id={ids.field}
          className="figure text-2xl"
          inputMode="decimal"
          autoComplete="off"
          maxLength={20}
          autoFocus={isFirst}
          value={text}
          aria-invalid={fault !== undefined}
          aria-describedby={fault === undefined ? undefined : ids.fault}
          onChange={(event) => onType(event.target.value)}
        />
        <span className="text-soft">{bareUnitOf(field)}</span>
      </span>
      {fault !== undefined && (
        <span id={ids.fault} role="alert" className="fault text-sm leading-snug">
          {fault}
        </span>
      )}
    </div>
  );
}

function LeaveOut({ isDisabled, onLeaveOut }: { isDisabled: boolean; onLeaveOut: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  const [id, about] = [useId(), useId()];
  return (
    <details>
      <summary className="touch-always flex cursor-pointer items-center text-soft">
        Leave this step out
      </summary>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (reason.trim() !== '' && !isDisabled) onLeaveOut(reason.trim());
        }}
      >
        <div className="flex grow flex-col gap-1">
          <label htmlFor={id} className="font-medium">
            Why
          </label>
          <input
            id={id}
            className="input touch-always w-full text-base"
            maxLength={300}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
          <span id={about} className="text-sm text-soft">
            It is left out with a reason, in somebody’s name.
          </span>
        </div>
        <button
          type="submit"
          className="btn touch-always"
          disabled={isDisabled || reason.trim() === ''}
          aria-describedby={about}
        >
          Leave it out
        </button>
      </form>
    </details>
  );
}
