import {
  sequenceDraftSchema,
  stepReadings,
  stepWeights,
  type Machine,
  type Sequence,
  type SequenceDraft,
} from '@lone-heron/contract';
import { zodResolver } from '@hookform/resolvers/zod';
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { FormProvider, useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { toast } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { problemOf } from '../../shared/api/problemOf.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { useReviseSequenceMutation } from '../readyApi.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKeptForm } from '../../shared/typing/useKeptForm.js';

const weightWords = { stop: 'stops until met', warn: 'warns', inform: 'informs' } as const;
const readWords = {
  none: 'nothing',
  coolant: 'the coolant',
  room: 'room, humidity',
  bottle: 'the bottle',
  flow: 'flow, nozzle',
} as const;

/** Both sequences of a machine as a lead changes them: saving makes the next revision. */
export function TemplateEditor({ machine, sequence }: { machine: Machine; sequence: Sequence }) {
  const { startUp, shutDown, revision } = sequence;
  const isLead = usePersonAtDesk()?.role === 'lead';
  const sheet = `template ${machine.id} after ${revision}`;
  const form = useKeptForm<SequenceDraft>(sheet, {
    resolver: zodResolver(sequenceDraftSchema),
    defaultValues: { startUp, shutDown, note: '' },
    disabled: !isLead,
  });
  const navigate = useNavigate();
  const [revise, { isLoading, error }] = useReviseSequenceMutation();
  const save = async (draft: SequenceDraft) => {
    const answer = await revise({ machineId: machine.id, revision: revision + 1, draft });
    if (answer.error !== undefined) return;
    forgetTyping(sheet);
    toast(`Template revision ${revision + 1} of ${machine.name} is stored. The next day opens with it.`);
    void navigate(`/ready?machine=${machine.id}`);
  };
  return (
    <FormProvider {...form}>
      <form className="flex flex-col gap-4" onSubmit={(event) => void form.handleSubmit(save)(event)}>
        <KeptNote sheet={sheet} />
        {!isLead && <p className="caution p-3">A lead changes these steps: sign in as one to do so.</p>}
        <Phase phase="startUp" title="Start-up" isLead={isLead} />
        <Phase phase="shutDown" title="Shut-down" isLead={isLead} />
        {isLead && (
          <div className="sticky bottom-0 z-10 flex flex-wrap items-end gap-3 border-t border-base-300 bg-base-200 py-3 max-sm:bottom-16">
            <label className="flex grow flex-col gap-1">
              <span className="text-sm font-medium">Why it is changed</span>
              <input
                className="input touch-always w-full text-base"
                maxLength={300}
                {...form.register('note')}
              />
            </label>
            <SaveButton
              name={`Save revision ${revision + 1}`}
              waitsFor={form.formState.isDirty ? null : 'Nothing is changed yet.'}
              isSaving={isLoading}
            />
            {error !== undefined && (
              <p role="alert" className="fault w-full">
                Not stored. {problemOf(error).message}
              </p>
            )}
          </div>
        )}
      </form>
    </FormProvider>
  );
}

type PhaseName = 'startUp' | 'shutDown';

function Phase({ phase, title, isLead }: { phase: PhaseName; title: string; isLead: boolean }) {
  const { fields, append, remove, move } = useFieldArray<SequenceDraft, PhaseName, 'key'>({
    name: phase,
    keyName: 'key',
  });
  const { formState } = useFormContext<SequenceDraft>();
  const message = formState.errors[phase]?.root?.message ?? formState.errors[phase]?.message;
  const add = () =>
    append({ id: `step-${uuid().slice(-8)}`, title: '', why: '', weight: 'warn', reads: 'none', circuit: 1 });
  return (
    <section className="sheet flex flex-col p-4" aria-label={title}>
      <h2 className="text-lg font-semibold">{title}</h2>
      <ol className="divide-y divide-base-300">
        {fields.map((field, index) => (
          <li key={field.key} className="flex flex-wrap items-start gap-2 py-3">
            <span className="figure mt-3 w-7 text-soft">{index + 1}</span>
            <StepFields phase={phase} index={index} />
            {isLead && (
              <span className="flex">
                <MoveButton
                  name={`${title}, step ${index + 1} up`}
                  isDisabled={index === 0}
                  onPress={() => move(index, index - 1)}
                >
                  <ArrowUp className="size-5" aria-hidden="true" />
                </MoveButton>
                <MoveButton
                  name={`${title}, step ${index + 1} down`}
                  isDisabled={index === fields.length - 1}
                  onPress={() => move(index, index + 1)}
                >
                  <ArrowDown className="size-5" aria-hidden="true" />
                </MoveButton>
                <MoveButton
                  name={`${title}, remove step ${index + 1}`}
                  isDisabled={fields.length === 1}
                  onPress={() => remove(index)}
                >
                  <Trash2 className="size-5" aria-hidden="true" />
                </MoveButton>
              </span>
            )}
          </li>
        ))}
      </ol>
      {message !== undefined && (
        <p role="alert" className="fault">
          {message}
        </p>
      )}
      {isLead && (
        <button
          type="button"
          className="btn touch-always self-start"
          aria-label={`Add a step to ${title.toLowerCase()}`}
          onClick={add}
        >
          <Plus className="size-5" aria-hidden="true" /> Add a step
        </button>
      )}
    </section>
  );
}

interface MoveButtonProps {
  name: string;
  isDisabled: boolean;
  onPress: () => void;
  children: React.ReactNode;
}

function MoveButton({ name, isDisabled, onPress, children }: MoveButtonProps) {
  return (
    <button
      type="button"
      className="btn touch-always btn-square btn-ghost"
      aria-label={name}
      disabled={isDisabled}
      onClick={onPress}
    >
      {children}
    </button>
  );
}

function StepFields({ phase, index }: { phase: PhaseName; index: number }) {
  const { register, formState } = useFormContext<SequenceDraft>();
  const reads = useWatch<SequenceDraft>({ name: `${phase}.${index}.reads` });
  const fault = formState.errors[phase]?.[index]?.title?.message;
  return (
    <div className="grid min-w-60 grow gap-2 lg:grid-cols-[3fr_2fr_9.5rem_12rem]">
      <div>
        <input
          className={`input touch-always w-full text-base ${fault === undefined ? '' : 'input-error'}`}
          aria-label={`Step ${index + 1}`}
          maxLength={90}
          {...register(`${phase}.${index}.title`)}
        />
        {fault !== undefined && (
          <p role="alert" className="fault text-sm">
            {fault}
          </p>
        )}
      </div>
      <input
        className="input touch-always w-full text-base"
        aria-label={`Why, step ${index + 1}`}
        maxLength={240}
        {...register(`${phase}.${index}.why`)}
      />
      <select
        className="select touch-always w-full text-base"
        aria-label={`What step ${index + 1} does`}
        {...register(`${phase}.${index}.weight`)}
      >
        {stepWeights.map((weight) => (
          <option key={weight} value={weight}>
            {weightWords[weight]}
          </option>
        ))}
      </select>
      <span className="flex gap-2">
        <select
          className="select touch-always w-full text-base"
          aria-label={`What step ${index + 1} reads`}
          {...register(`${phase}.${index}.reads`)}
        >
          {stepReadings.map((each) => (
            <option key={each} value={each}>
              reads {readWords[each]}
            </option>
          ))}
        </select>
        {reads === 'coolant' && (
          <select
            className="select touch-always w-20 text-base"
            aria-label={`Circuit of step ${index + 1}`}
            {...register(`${phase}.${index}.circuit`, { setValueAs: Number })}
          >
            <option value={1}>1</option>
            <option value={2}>2</option>
          </select>
        )}
      </span>
    </div>
  );
}
