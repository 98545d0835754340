import type { MachineProfile } from '@lone-heron/contract';
import { useId } from 'react';
import { FormProvider, type FieldErrors, type Resolver } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { toast } from '../../shared/say/toast.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { isOfOthers } from '../../shared/workshops/isOfOthers.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { TextField } from '../FormFields.js';
import { useReviseMachineMutation } from './machinesApi.js';
import { MachineFields } from './MachineFields.js';
import { machineFormOf, readMachineForm, type MachineForm } from './machineForm.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKeptForm } from '../../shared/typing/useKeptForm.js';

/** A machine in the editor, with the revision that saving will make. */
export interface EditedMachine {
  readonly id: string;
  readonly name: string;
  readonly profile: MachineProfile;
  readonly next: number;
  /** The workshop that it stands in; left out for the firm's, and while it is made. */
  readonly workshopId?: string | undefined;
}

/** Changes a machine, or makes one: saving stores its next revision, and what was recorded keeps its own. */
export function MachineEditor({ edited }: { edited: EditedMachine }) {
  const person = usePersonAtDesk();
  const isLead = person?.role === 'lead';
  const isOthers = edited.next > 1 && isOfOthers(person, edited.workshopId);
  const isAllowed = isLead && !isOthers;
  const sheet = edited.next === 1 ? 'new machine' : `machine ${edited.id} after ${edited.next - 1}`;
  const form = useKeptForm<MachineForm>(sheet, {
    defaultValues: machineFormOf(edited.name, edited.profile),
    resolver,
    mode: 'onTouched',
  });
  const { save, isSaving, failure } = useSaveMachine(edited, () => forgetTyping(sheet));
  const isNew = edited.next === 1;
  const { isDirty, errors } = form.formState;
  const isUnchanged = !isNew && !isDirty;
  const why = useId();
  const faults = Object.keys(errors).length;
  return (
    <FormProvider {...form}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) =>
          void form.handleSubmit((values) => {
            const read = readMachineForm(values);
            if ('draft' in read) return save(read.draft);
          })(event)
        }
      >
        <h1 className="text-2xl font-semibold">{isNew ? 'A new machine' : `Change ${edited.name}`}</h1>
        <KeptNote sheet={sheet} />
        <p className="text-soft">
          {isNew
            ? 'Figures of a common machine to start from: put right what your panel, plate and manual say.'
            : `Saving makes revision ${edited.next}. Coupons keep the revision they were welded with.`}
        </p>
        <div className="grid gap-3 md:grid-cols-2">
          <TextField path="name" label="Name" />
          <TextField path="note" label={isNew ? 'Note' : 'Why it is changed'} />
        </div>
        <MachineFields />
        {failure !== null && (
          <p role="alert" className="fault">
            Not stored. {failure}
          </p>
        )}
        <div className="sticky bottom-0 z-10 flex flex-wrap items-center justify-end gap-3 border-t border-base-300 bg-base-200 py-3 max-sm:bottom-16">
          <span id={why} role="status" className="mr-auto text-sm text-soft">
            {isAllowed && (faultWords(faults) || (isUnchanged ? 'Nothing is changed yet.' : ''))}
            {!isLead && 'A lead changes machines: sign in as one to save.'}
            {isLead && isOthers && 'You see it and do not change it: whose it is stands above.'}
          </span>
          <button
            type="submit"
            className="btn touch-always btn-primary"
            disabled={!isAllowed || isSaving || isUnchanged}
            aria-describedby={why}
          >
            {isSaving ? 'Saving' : isNew ? 'Make this machine' : `Save revision ${edited.next}`}
          </button>
        </div>
      </form>
    </FormProvider>
  );
}

function faultWords(faults: number): string {
  if (faults === 0) return '';
  return faults === 1 ? 'One field is to be put right.' : `${faults} fields are to be put right.`;
}

/** Every refusal of the contract at the field it is about. */
const resolver: Resolver<MachineForm> = (values) => {
  const read = readMachineForm(values);
  if ('draft' in read) return { values, errors: {} };
  return { values: {}, errors: nested(read.problems) };
};

/** Messages by path as the form wants them: nested like its fields. */
function nested(problems: readonly { field: string; allowed: string }[]): FieldErrors<MachineForm> {
  const errors: Record<string, unknown> = {};
  for (const { field, allowed } of problems) {
    const keys = field.split('.');
    let place = errors;
    for (const key of keys.slice(0, -1)) place = (place[key] ??= {}) as Record<string, unknown>;
    place[keys.at(-1) ?? ''] ??= { type: 'allowed', message: `allowed is ${allowed}` };
  }
  return errors;
}

/** Stores the next revision; the same one again where the answer was lost. */
function useSaveMachine({ id, next }: EditedMachine, onSaved: () => void) {
  const [revise, { isLoading, error }] = useReviseMachineMutation();
  const navigate = useNavigate();
  const save = async (draft: Parameters<typeof revise>[0]['draft']) => {
    const answer = await revise({ id, revision: next, draft });
    if (answer.data === undefined) return;
    onSaved();
    const { name, revision } = answer.data;
    toast(
      revision === 1
        ? `${name} is in the shop. Record its window under Optics.`
        : `Revision ${revision} of ${name} is stored.`,
    );
    void navigate('/shop');
  };
  return {
    save,
    isSaving: isLoading,
    failure: error === undefined ? null : problemOf(error).message,
  };
}
