import {
  modeLooks,
  mostTrialPhotos,
  trialRanges,
  type HandMode,
  type ModeLook,
  type TrialDraft,
} from '@lone-heron/contract';
import { useRef, type KeyboardEvent } from 'react';
import { shopNow } from '../../shared/clock/shopClock.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { PictureChoice } from '../../shared/form/PictureChoice.js';
import { SaveButton, fieldsFirst, signInFirst } from '../../shared/form/SaveButton.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { LookMark } from '../../shared/modes/LookMark.js';
import { lookSpeech, modeSpeech } from '../../shared/modes/modeWords.js';
import { useKeepTrial } from '../../shared/modes/useKeepTrial.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { Modal } from '../../shared/page/Modal.js';
import { KeptPhotos } from '../../shared/photos/KeptPhotos.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';
import { readTrialFigure } from './readTrialFigure.js';
import type { TriedWork } from './TriedWork.js';

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
  const { mode, answer, wasSent, ladder, onClose, onKept } = props;
  const sheet = `trial ${mode}`;
  const form = useRef<HTMLFormElement>(null);
  const person = usePersonAtDesk();
  const keep = useKeepTrial();
  const [look, setLook] = useKept<ModeLook | ''>(sheet, 'look', () => '');
  const [lightOn, setLightOn] = useKept(sheet, 'lightOn', () => '');
  const [kerf, setKerf] = useKept(sheet, 'kerf', () => '');
  const [tint, setTint] = useKept<'yes' | 'no' | ''>(sheet, 'tint', () => '');
  const [remark, setRemark] = useKept(sheet, 'remark', () => '');
  const [photoIds, setPhotoIds] = useKept<readonly string[]>(sheet, 'photos', () => []);
  const light = readTrialFigure(lightOn, trialRanges.lightOn, 'duration', 's');
  const kerfRead = readTrialFigure(kerf, trialRanges.kerf, 'length', shopUnits().length);
  const { trial } = modeSpeech[mode];
  const { work, setting, shop } = answer;
  const save = async () => {
    if (look === '' || person === null || !('value' in light) || !('value' in kerfRead)) return;
    const draft: TrialDraft = {
      ...{ machineId: shop.machine.id, work, setting, look, wasSent, ladder, remark },
      isTintLeft: mode === 'clean' && tint !== '' ? tint === 'yes' : null,
      kerfMm: mode === 'cut' ? kerfRead.value : null,
      lightOnS: light.value,
      stated: answer.odds[look] ?? null,
      photoIds: [...photoIds],
      madeAt: shopNow().toISOString(),
    };
    if (!(await keep(draft, person.id, `${sentence(trial)} is logged: ${lookSpeech(mode, look).short}.`)))
      return;
    forgetTyping(sheet);
    onKept();
  };
  const isReadable = 'value' in light && 'value' in kerfRead;
  const waitsFor =
    look === '' ? 'Pick what you see.' : person === null ? signInFirst : isReadable ? null : fieldsFirst;
  const keys = (event: KeyboardEvent) => {
    const picked = modeLooks[mode][Number(event.key) - 1];
    if (picked === undefined || isTyping(event.target)) return;
    setLook(picked);
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
          {workInWords(work)} · {modeSettingInWords(setting)}
        </p>
        <fieldset>
          <legend className="mb-1 font-medium">What do you see?</legend>
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
            {modeLooks[mode].map((each, index) => (
              <PictureChoice
                key={each}
                name="look"
                value={each}
                checked={look === each}
                onChange={() => setLook(each)}
                picture={<LookMark mode={mode} look={each} className="size-9" />}
                short={
                  <>
                    <kbd className="kbd mr-1 text-base-content kbd-xs">{index + 1}</kbd>
                    {lookSpeech(mode, each).short}
                  </>
                }
                long={lookSpeech(mode, each).long}
                isPicked={look === each}
                isStart={index === 0}
              />
            ))}
          </div>
        </fieldset>
        <div className="grid grid-cols-2 items-start gap-4">
          <TypedField label="Light on if known" unit="s" text={lightOn} read={light} onType={setLightOn} />
          {mode === 'cut' && (
            <TypedField
              label="Kerf if measured"
              unit={shopUnits().length}
              text={kerf}
              read={kerfRead}
              onType={setKerf}
            />
          )}
          {work.mode === 'clean' && work.coat === 'heatTint' && <TintLeft picked={tint} onPick={setTint} />}
        </div>
        <label className="flex flex-col gap-1">
          <span className="font-medium">Remark</span>
          <textarea
            className="textarea w-full text-base"
            rows={2}
            maxLength={1000}
            value={remark}
            onChange={(event) => setRemark(event.target.value)}
          />
        </label>
        <KeptPhotos
          machineId={shop.machine.id}
          subject="trial"
          most={mostTrialPhotos}
          of={`the ${trial}`}
          photoIds={photoIds}
          onChange={setPhotoIds}
        />
        <WhoDidIt label="Done by" />
        <SaveButton name={`Save ${trial}`} waitsFor={waitsFor} isSaving={false} />
      </form>
    </Modal>
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

const sentence = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

function isTyping(target: EventTarget): boolean {
  return (
    target instanceof HTMLTextAreaElement || (target instanceof HTMLInputElement && target.type !== 'radio')
  );
}
