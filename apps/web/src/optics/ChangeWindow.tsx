import { windowChangeSchema, windowReasons, type Machine, type WindowChange } from '@lone-heron/contract';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { toast } from 'sonner';
import { v7 as uuid } from 'uuid';
import { problemOf } from '../shared/api/problemOf.js';
import { Modal } from '../shared/Modal.js';
import { PictureChoice } from '../shared/PictureChoice.js';
import { WhoDidIt } from '../shared/door/WhoDidIt.js';
import { usePersonAtDesk } from '../shared/door/usePersonAtDesk.js';
import { windowReasonWords } from '../shared/words/looks.js';
import { SpeckMark } from './SpeckMark.js';
import { useChangeWindowMutation, useUndoWindowChangeMutation } from './windowApi.js';

/** Records that the old window came out, why, and that a new one is in. */
export function ChangeWindow({ machine, onClose }: { machine: Machine; onClose: () => void }) {
  const person = usePersonAtDesk();
  const { save, isSaving, failure } = useSaveChange(onClose);
  const { register, handleSubmit, control, formState } = useForm<WindowChange>({
    resolver: zodResolver(windowChangeSchema),
    defaultValues: { machineId: machine.id, note: '' },
  });
  const reason = useWatch({ control, name: 'reason' });
  return (
    <Modal title={`Window changed on ${machine.name}`} onClose={onClose}>
      <form onSubmit={(event) => void handleSubmit(save)(event)} className="flex flex-col gap-4">
        <fieldset>
          <legend className="mb-1 font-medium">Why did the old one come out?</legend>
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
            {windowReasons.map((one, index) => (
              <PictureChoice
                key={one}
                value={one}
                {...register('reason')}
                picture={<SpeckMark reason={one} />}
                short={windowReasonWords[one].short}
                long={windowReasonWords[one].long}
                isPicked={reason === one}
                isStart={index === 0}
              />
            ))}
          </div>
          {formState.errors.reason !== undefined && (
            <p role="alert" className="fault mt-1">
              Say why: the reasons are what tells later how long a window lasts.
            </p>
          )}
        </fieldset>
        <label className="flex flex-col gap-1">
          <span className="font-medium">Note</span>
          <textarea className="textarea w-full text-base" rows={2} maxLength={1000} {...register('note')} />
        </label>
        <WhoDidIt label="Changed by" />
        {failure !== null && (
          <p role="alert" className="fault">
            Not stored. {failure}
          </p>
        )}
        <div className="flex justify-end gap-3">
          <button type="button" className="btn touch-always btn-ghost" onClick={onClose}>
            Leave it
          </button>
          <button
            type="submit"
            className="btn touch-always btn-primary"
            disabled={person === null || isSaving}
          >
            {isSaving ? 'Saving' : 'A new window is in'}
          </button>
        </div>
      </form>
    </Modal>
  );
}

/** Sends the change under an id made once, so that a second tap is the same save. */
function useSaveChange(onClose: () => void) {
  const [id] = useState(() => uuid());
  const [changeWindow, { isLoading, error }] = useChangeWindowMutation();
  const [undoChange] = useUndoWindowChangeMutation();
  const undo = async (number: number) => {
    const answer = await undoChange(id);
    if (answer.error === undefined) toast(`The change was taken back: the window before ${number} is in.`);
    else toast.error(problemOf(answer.error).message);
  };
  const save = async (change: WindowChange) => {
    const answer = await changeWindow({ id, change });
    if (answer.data === undefined) return;
    const { number } = answer.data;
    onClose();
    toast(`Window ${number} is in. The next coupon carries it.`, {
      action: { label: 'Undo', onClick: () => void undo(number) },
    });
  };
  return { save, isSaving: isLoading, failure: error === undefined ? null : problemOf(error).message };
}
