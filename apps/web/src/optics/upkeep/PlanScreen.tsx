import {
  stockKinds,
  upkeepDraftSchema,
  upkeepRanges,
  type MachineUpkeep,
  type UpkeepTask,
} from '@lone-heron/contract';
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { toast } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useMachineUpkeepQuery, useReviseUpkeepMutation } from '../../shared/api/upkeepApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { fieldsFirst, SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { figure } from '../../shared/figures/figures.js';
import { readTyped } from '../../shared/figures/readTyped.js';
import { stockWords } from '../headParts/partWords.js';
import { WhoseNote } from '../../shared/workshops/WhoseNote.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

/** What is done to a machine and how often, as a lead writes it. */
export function PlanScreen() {
  const { machineId = '' } = useParams();
  const { data: machines } = useMachinesQuery(undefined);
  const machine = machines?.find(({ id }) => id === machineId);
  const known = useMachineUpkeepQuery(machineId, { skip: machine === undefined });
  const { data: mine, error, refetch } = unlessShown(known);
  if (machines !== undefined && machine === undefined)
    return <p className="sheet m-6 p-6 text-lg">There is no machine “{machineId}” in the shop.</p>;
  if (error !== undefined) return <LoadFailed what="the upkeep" error={error} retry={refetch} />;
  if (mine === undefined || machine === undefined) return <Loading what="the upkeep" />;
  return (
    <div className="mx-auto flex max-w-[1200px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Upkeep plan of ${machine.name}`} back={{ to: '/optics/upkeep', name: 'Upkeep' }} />
      <WhoseNote machineId={machineId} />
      <PlanForm key={machineId} upkeep={mine} />
    </div>
  );
}

/** A task with its figure as it is typed. */
interface TypedTask {
  readonly task: UpkeepTask;
  readonly every: string;
}

/** Stays with the plan it was opened on: one that comes meanwhile must not take away what is typed. */
function PlanForm({ upkeep }: { upkeep: MachineUpkeep }) {
  const [{ plan }] = useState(upkeep);
  const person = usePersonAtDesk();
  const navigate = useNavigate();
  const sheet = `plan ${plan.machineId} after ${plan.revision}`;
  const [typed, setTyped] = useKept<readonly TypedTask[]>(sheet, 'tasks', () =>
    plan.tasks.map((task) => ({ task, every: everyOf(task) })),
  );
  const [note, setNote] = useKept(sheet, 'note', () => '');
  const [revise, { isLoading, error }] = useReviseUpkeepMutation();
  const tasks = typed.map(readTask);
  const draft = upkeepDraftSchema.safeParse({ tasks, note });
  const isReady = person?.role === 'lead' && draft.success && !tasks.includes(null);
  const submit = async () => {
    if (!draft.success) return;
    const sent = { machineId: plan.machineId, revision: plan.revision + 1, draft: draft.data };
    if ((await revise(sent)).error !== undefined) return;
    forgetTyping(sheet);
    toast('The plan is stored.');
    void navigate('/optics/upkeep');
  };
  const change = (i: number, next: TypedTask) => setTyped(typed.with(i, next));
  const move = (i: number, by: number) => {
    const [one, other] = [typed[i], typed[i + by]];
    if (one !== undefined && other !== undefined) setTyped(typed.with(i, other).with(i + by, one));
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReady && !isLoading) void submit();
      }}
    >
      <KeptNote sheet={sheet} />
      {typed.map((each, i) => (
        <TaskFields
          key={each.task.id}
          typed={each}
          onChange={(next) => change(i, next)}
          onMove={(by) => move(i, by)}
          onDrop={() => setTyped(typed.filter((_, at) => at !== i))}
        />
      ))}
      <button
        type="button"
        className="btn touch-always self-start"
        onClick={() => setTyped([...typed, newTask()])}
      >
        <Plus className="size-5" aria-hidden="true" /> Another task
      </button>
      <section className="sheet flex flex-col gap-3 px-4 py-3" aria-label="Store it">
        <TextField label="Why it is changed" text={note} longest={300} onType={setNote} />
        {person !== null && person.role !== 'lead' && (
          <p className="text-soft">A plan is written by a lead.</p>
        )}
        <WhoDidIt label="Written by" />
        <Failure error={error} />
        <SaveButton
          name="Store the plan"
          waitsFor={
            isReady ? null : person?.role === 'lead' ? fieldsFirst : 'A lead stores the plan: sign in as one.'
          }
          isSaving={isLoading}
        />
      </section>
    </form>
  );
}

interface TaskFieldsProps {
  typed: TypedTask;
  onChange: (typed: TypedTask) => void;
  onMove: (by: number) => void;
  onDrop: () => void;
}

const intervals = [
  { value: 'date', label: 'days' },
  { value: 'lightHours', label: 'hours of light' },
  { value: 'count', label: 'days the machine runs' },
  { value: 'condition', label: 'when it looks so' },
] as const;

function TaskFields({ typed: { task, every }, onChange, onMove, onDrop }: TaskFieldsProps) {
  const set = (changes: Partial<UpkeepTask>) => onChange({ task: { ...task, ...changes }, every });
  const { by } = task.interval;
  return (
    <fieldset className="sheet grid gap-3 px-4 py-3 sm:grid-cols-[2fr_1fr_1fr_1fr_auto]">
      <legend className="sr-only">{task.title === '' ? 'New task' : task.title}</legend>
      <TextField label="Task" text={task.title} longest={80} onType={(title) => set({ title })} />
      {by === 'condition' ? (
        <span />
      ) : (
        <TypedField
          label="Every"
          unit=""
          text={every}
          read={every.trim() === '' ? null : readTyped(every, { range: rangeOf(by), dimension: null })}
          onType={(text) => onChange({ task, every: text })}
        />
      )}
      <PickField
        label="Counted in"
        value={by}
        choices={intervals}
        onPick={(next) => onChange({ task: { ...task, interval: intervalOf(next, 1) }, every })}
      />
      <PickField
        label="Part"
        value={task.part ?? ''}
        choices={[
          { value: '', label: 'none' },
          ...stockKinds.map((kind) => ({ value: kind, label: stockWords[kind] })),
          { value: 'water', label: 'coolant water' },
        ]}
        onPick={(part) => set({ part: part === '' ? null : part })}
      />
      <span className="flex items-end gap-1">
        <button
          type="button"
          className="btn touch btn-square btn-ghost"
          aria-label={`Up: ${task.title}`}
          onClick={() => onMove(-1)}
        >
          <ArrowUp className="size-5" aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn touch btn-square btn-ghost"
          aria-label={`Down: ${task.title}`}
          onClick={() => onMove(1)}
        >
          <ArrowDown className="size-5" aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn touch btn-square btn-ghost"
          aria-label={`Leave out: ${task.title}`}
          onClick={onDrop}
        >
          <Trash2 className="size-5" aria-hidden="true" />
        </button>
      </span>
      <div className="grid gap-3 sm:col-span-5 sm:grid-cols-[3fr_1fr]">
        <TextField label="How, or how to tell" text={task.how} longest={300} onType={(how) => set({ how })} />
        <TextField
          label="What is read at it, with its unit"
          text={task.reads}
          longest={40}
          onType={(reads) => set({ reads })}
        />
      </div>
    </fieldset>
  );
}

function newTask(): TypedTask {
  const task: UpkeepTask = {
    ...{ id: uuid(), title: '', how: '', interval: { by: 'date', days: 30 } },
    ...{ part: null, record: null, reads: '' },
  };
  return { task, every: '30' };
}

type By = UpkeepTask['interval']['by'];

function rangeOf(by: Exclude<By, 'condition'>) {
  return { date: upkeepRanges.days, lightHours: upkeepRanges.hours, count: upkeepRanges.count }[by];
}

function intervalOf(by: By, every: number): UpkeepTask['interval'] {
  switch (by) {
    case 'date':
      return { by, days: every };
    case 'lightHours':
      return { by, hours: every };
    case 'count':
      return { by, count: every };
    case 'condition':
      return { by };
  }
}

function everyOf({ interval }: UpkeepTask): string {
  switch (interval.by) {
    case 'date':
      return figure(interval.days, 0);
    case 'lightHours':
      return figure(interval.hours, 1);
    case 'count':
      return figure(interval.count, 0);
    case 'condition':
      return '';
  }
}

/** The task with what was typed as its figure; null where that cannot be. */
function readTask({ task, every }: TypedTask): UpkeepTask | null {
  const { by } = task.interval;
  if (by === 'condition') return task;
  const read = readTyped(every, { range: rangeOf(by), dimension: null });
  return 'value' in read ? { ...task, interval: intervalOf(by, read.value) } : null;
}
