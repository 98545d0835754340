import {
  modeLooks,
  mostTrialPhotos,
  type HandMode,
  type ModeLook,
  type TrialDraft,
} from '@lone-heron/contract';
import { useRef, type KeyboardEvent } from 'react';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { PictureChoice } from '../../shared/form/PictureChoice.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { LookMark } from '../../shared/modes/LookMark.js';
import { lookSpeech, modeSpeech } from '../../shared/modes/modeWords.js';
import { useKeepTrial } from '../../shared/modes/useKeepTrial.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { Modal } from '../../shared/page/Modal.js';
import { KeptPhotos } from '../../shared/photos/KeptPhotos.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import type { TriedWork } from './TriedWork.js';
import { useTypedTrial, type TypedTrial } from './useTypedTrial.js';

interface LogTrialProps {
  mode: HandMode;
  answer: TriedWork;
  /** Null on a machine that asks for no sending. */
  wasSent: boolean | null;
  ladder: TrialDraft['ladder'];
  onClose: () => void;
  /** Once it is kept. */
  onKept: () => void;
}

/** What was seen of a strip, a piece or a pulse: a number key picks the look, Enter saves. */
export default function LogTrial(props: LogTrialProps) {
  const { mode, answer, onClose, onKept } = props;
  const form = useRef<HTMLFormElement>(null);
  const person = usePersonAtDesk();
  const keep = useKeepTrial();
  const typed = useTypedTrial(mode);
  const { trial } = modeSpeech[mode];
  const save = async () => {
    const draft = typed.draftOf(props);
    if (draft === null || person === null) return;
    const said = `${sentenceStart(trial)} is logged: ${lookSpeech(mode, draft.look).short}.`;
    if (!(await keep(draft, person.id, said))) return;
    typed.forget();
    onKept();
  };
  const keys = (event: KeyboardEvent) => {
    const picked = modeLooks[mode][Number(event.key) - 1];
    if (picked === undefined || isTyping(event.target)) return;
    typed.setLook(picked);
    form.current?.querySelector<HTMLElement>(`input[value="${picked}"]`)?.focus();
  };
  return (
    <Modal title={`Log ${trial}`} onClose={onClose}>
      <form
        ref={form}
        className="flex flex-col gap-4"
        onKeyDown={keys}
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <p className="text-soft">
          {workInWords(answer.work)} · {modeSettingInWords(answer.setting)}
        </p>
        <LookChoice mode={mode} picked={typed.look} onPick={typed.setLook} />
        <TrialFigures mode={mode} answer={answer} typed={typed} />
        <label className="flex flex-col gap-1">
          <span className="font-medium">Remark</span>
          <textarea
            className="textarea w-full text-base"
            rows={2}
            maxLength={1000}
            value={typed.remark}
            onChange={(event) => typed.setRemark(event.target.value)}
          />
        </label>
        <KeptPhotos
          machineId={answer.shop.machine.id}
          subject="trial"
          most={mostTrialPhotos}
          of={`the ${trial}`}
          photoIds={typed.photoIds}
          onChange={typed.setPhotoIds}
        />
        <WhoDidIt label="Done by" />
        <SaveButton
          name={`Save ${trial}`}
          waitsFor={typed.missing ?? (person === null ? signInFirst : null)}
          isSaving={false}
        />
      </form>
    </Modal>
  );
}

function LookChoice({
  mode,
  picked,
  onPick,
}: {
  mode: HandMode;
  picked: ModeLook | '';
  onPick: (look: ModeLook) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-1 font-medium">What do you see?</legend>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        {modeLooks[mode].map((each, index) => (
          <PictureChoice
            key={each}
            name="look"
            value={each}
            checked={picked === each}
            onChange={() => onPick(each)}
            picture={<LookMark mode={mode} look={each} className="size-9" />}
            short={
              <>
                <kbd className="kbd mr-1 text-base-content kbd-xs">{index + 1}</kbd>
                {lookSpeech(mode, each).short}
              </>
            }
            long={lookSpeech(mode, each).long}
            isPicked={picked === each}
            isStart={index === 0}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** What may be measured, or left out. */
function TrialFigures({
  mode,
  answer: { work },
  typed,
}: {
  mode: HandMode;
  answer: TriedWork;
  typed: TypedTrial;
}) {
  const { lightOn, kerf } = typed;
  return (
    <div className="grid grid-cols-2 items-start gap-4">
      <TypedField
        label="Light on if known"
        unit="s"
        text={lightOn.text}
        read={lightOn.read}
        onType={lightOn.onType}
      />
      {mode === 'cut' && (
        <TypedField
          label="Kerf if measured"
          unit={shopUnits().length}
          text={kerf.text}
          read={kerf.read}
          onType={kerf.onType}
        />
      )}
      {work.mode === 'clean' && work.coat === 'heatTint' && (
        <TintLeft picked={typed.tint} onPick={typed.setTint} />
      )}
    </div>
  );
}

/** Whether colour is still to be seen where tint was cleaned: a film that reagents find too is not bare. */
function TintLeft({ picked, onPick }: { picked: string; onPick: (picked: 'yes' | 'no') => void }) {
  return (
    <fieldset>
      <legend className="text-sm font-medium">Tint left?</legend>
      <div className="mt-1 flex gap-2">
        {(['no', 'yes'] as const).map((each) => (
          <button
            key={each}
            type="button"
            className={`btn touch-always grow ${picked === each ? 'btn-primary' : ''}`}
            aria-pressed={picked === each}
            onClick={() => onPick(each)}
          >
            {each}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

function isTyping(target: EventTarget): boolean {
  return (
    target instanceof HTMLTextAreaElement || (target instanceof HTMLInputElement && target.type !== 'radio')
  );
}
