import {
  changePlaces,
  sealLooks,
  windowChangeSchema,
  windowReasons,
  type Machine,
  type WindowChange,
} from '@lone-heron/contract';
import { zodResolver } from '@hookform/resolvers/zod';
import { useController, useWatch, type Control, type UseFormRegister } from 'react-hook-form';
import { problemOf } from '../../shared/api/problemOf.js';
import { Modal } from '../../shared/page/Modal.js';
import { PictureChoice } from '../../shared/form/PictureChoice.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { windowReasonWords } from '../../shared/vocabulary/looks.js';
import { placeWords, sealWords } from './foundInWords.js';
import { NewGlass } from './NewGlass.js';
import { WindowDisc } from './WindowDisc.js';
import { SpeckMark } from './SpeckMark.js';
import { useChangeWindowMutation, useUndoWindowChangeMutation } from './windowsApi.js';
import { useUndoableSave } from '../../shared/save/useUndoableSave.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKeptForm } from '../../shared/typing/useKeptForm.js';

/** What a glass is seen to have; a plain date is no look, and stays for records from before looks were asked. */
const reasonsAsked = windowReasons.filter((reason) => reason !== 'planned');
const wherever = new Set<string>(['darkSpecks', 'paleSpecks', 'cracked', 'haze']);

/** Records that the old window came out, what was seen on it, and that a new one is in. */
export function ChangeWindow({ machine, onClose }: { machine: Machine; onClose: () => void }) {
  const person = usePersonAtDesk();
  const sheet = `window ${machine.id}`;
  const { save, isSaving, failure } = useSaveChange(sheet, onClose);
  const { register, handleSubmit, control, formState, setValue } = useKeptForm<WindowChange>(sheet, {
    resolver: zodResolver(windowChangeSchema),
    defaultValues: {
      machineId: machine.id,
      note: '',
      found: { spots: [], seal: 'notSeen', place: 'stillAir' },
      supplier: '',
      lot: '',
    },
  });
  const reason = useWatch({ control, name: 'reason' });
  return (
    <Modal title={`Window changed on ${machine.name}`} onClose={onClose} isWide>
      <form onSubmit={(event) => void handleSubmit(save)(event)} className="flex flex-col gap-4">
        <KeptNote sheet={sheet} />
        <Looks register={register} reason={reason} isMissing={formState.errors.reason !== undefined} />
        <div className="grid gap-4 md:grid-cols-2">
          {wherever.has(reason) ? (
            <Spots control={control} isPale={reason === 'paleSpecks'} />
          ) : (
            <p className="self-center text-soft">
              Hold it against a plain ground, under a lamp from the side. Nobody looks into the head.
            </p>
          )}
          <div className="flex flex-col gap-3">
            <Choices legend="Its seal" name="found.seal" control={control} words={sealWords} of={sealLooks} />
            <Choices
              legend="Changed where"
              name="found.place"
              control={control}
              words={placeWords}
              of={changePlaces}
            />
          </div>
        </div>
        <NewGlass
          onPick={(supplier, lot) => {
            setValue('supplier', supplier);
            setValue('lot', lot);
          }}
        />
        <label className="flex flex-col gap-1">
          <span className="font-medium">Note</span>
          <textarea className="textarea w-full text-base" rows={1} maxLength={1000} {...register('note')} />
        </label>
        <div className="flex flex-wrap items-center justify-end gap-3">
          <div className="mr-auto">
            <WhoDidIt label="Changed by" />
          </div>
          {failure !== null && (
            <p role="alert" className="fault w-full">
              Not stored. {failure}
            </p>
          )}
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

interface LooksProps {
  register: UseFormRegister<WindowChange>;
  reason: WindowChange['reason'] | undefined;
  isMissing: boolean;
}

/** What the glass had, each with its picture. */
function Looks({ register, reason, isMissing }: LooksProps) {
  return (
    <fieldset>
      <legend className="mb-1 font-medium">What was seen on the old one?</legend>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4 lg:grid-cols-7">
        {reasonsAsked.map((one, index) => (
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
      {isMissing && (
        <p role="alert" className="fault mt-1">
          Say what was seen: it is what tells later how long a window lasts, and why.
        </p>
      )}
    </fieldset>
  );
}

function Spots({ control, isPale }: { control: Control<WindowChange>; isPale: boolean }) {
  const { field } = useController({ control, name: 'found.spots' });
  return <WindowDisc spots={field.value} isPale={isPale} onChange={field.onChange} />;
}

interface ChoicesProps<Word extends string> {
  legend: string;
  name: 'found.seal' | 'found.place';
  control: Control<WindowChange>;
  words: Readonly<Record<Word, string>>;
  of: readonly Word[];
}

/** A few words side by side, each as large as a glove. */
function Choices<Word extends string>({ legend, name, control, words, of }: ChoicesProps<Word>) {
  const { field } = useController({ control, name });
  return (
    <fieldset>
      <legend className="mb-1 font-medium">{legend}</legend>
      <div className="flex flex-wrap gap-2">
        {of.map((word) => (
          <label
            key={word}
            className={`btn touch-always font-normal has-focus-visible:outline-3 ${field.value === word ? 'btn-primary' : ''}`}
          >
            <input
              type="radio"
              className="sr-only"
              name={field.name}
              checked={field.value === word}
              onChange={() => field.onChange(word)}
            />
            {words[word]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** Writes a change of window down, with undo. */
function useSaveChange(sheet: string, onClose: () => void) {
  const [changeWindow, { isLoading, error }] = useChangeWindowMutation();
  const [undoChange] = useUndoWindowChangeMutation();
  const save = useUndoableSave({
    sheet,
    send: (id, change: WindowChange) => changeWindow({ id, change }),
    said: ({ number }) => `Window ${number} is in. The next coupon carries it.`,
    wayBack: (id, { number }) => ({
      undo: () => undoChange(id),
      undone: `The change was taken back: the window before ${number} is in.`,
    }),
    onSaved: () => {
      forgetTyping(sheet);
      onClose();
    },
  });
  return { save, isSaving: isLoading, failure: error === undefined ? null : problemOf(error).message };
}
