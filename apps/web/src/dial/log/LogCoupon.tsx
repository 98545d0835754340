import { backLooks, type BackLook, type CouponDraft } from '@lone-heron/contract';
import { useRef, type KeyboardEvent } from 'react';
import { useDispatch } from 'react-redux';
import { toast } from 'sonner';
import { useLogCouponMutation, useWithdrawCouponMutation } from '../../shared/api/heronApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import {
  logClosed,
  logOpened,
  logTyped,
  type CouponDraftState,
} from '../../shared/memory/couponDraftSlice.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { Modal } from '../../shared/Modal.js';
import { OutcomeMark } from '../../shared/OutcomeMark.js';
import { PictureChoice } from '../../shared/PictureChoice.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { figure } from '../../shared/words/figures.js';
import { lookWords, outcomeOfLook } from '../../shared/words/looks.js';
import { settingInWords } from '../../shared/words/settingInWords.js';
import { readLightOn, readRunLength, type TypedFigure } from './readTypedLog.js';

/** What was seen, in three taps or two keys: the back, the time, the length; a number key picks, Enter saves. */
export default function LogCoupon({ log }: { log: CouponDraftState }) {
  const dispatch = useDispatch();
  const form = useRef<HTMLFormElement>(null);
  const person = usePersonAtDesk();
  const lightOn = readLightOn(log.lightOn);
  const runLength = readRunLength(log.runLength);
  const { save, isSaving, failure } = useSaveCoupon(log);
  const draft = completeDraft(log, lightOn, runLength);
  const leave = useLeaveLog(log);
  const pick = (back: BackLook) => dispatch(logTyped({ back }));
  const keys = (event: KeyboardEvent) => {
    const isTyping = event.target instanceof HTMLTextAreaElement || isTextInput(event.target);
    const look = backLooks[Number(event.key) - 1];
    if (!isTyping && look !== undefined) {
      pick(look);
      form.current?.querySelector<HTMLElement>(`input[value="${look}"]`)?.focus();
    }
    if (event.key === 'Enter' && !isTyping) {
      event.preventDefault();
      form.current?.requestSubmit();
    }
  };
  return (
    <Modal title="Log coupon" onClose={leave}>
      <form
        ref={form}
        onKeyDown={keys}
        onSubmit={(event) => {
          event.preventDefault();
          if (draft !== null && person !== null && !isSaving) void save(draft);
        }}
        className="flex flex-col gap-4"
      >
        <p className="text-soft">{settingInWords(log.joint, log.setting)}</p>
        <BackChoice picked={log.back} onPick={pick} />
        <Figures log={log} lightOn={lightOn} runLength={runLength} />
        <label className="flex flex-col gap-1">
          <span className="font-medium">Remark</span>
          <textarea
            className="textarea w-full text-base"
            rows={2}
            maxLength={1000}
            value={log.remark}
            onChange={(event) => dispatch(logTyped({ remark: event.target.value }))}
          />
        </label>
        <WhoDidIt label="Welded by" />
        {failure !== null && (
          <p role="alert" className="fault">
            Not stored. {failure}
          </p>
        )}
        <div className="sticky -bottom-5 z-10 -mx-5 -mb-5 flex flex-wrap items-center justify-end gap-3 border-t border-base-300 bg-base-100 px-5 py-3">
          <span className="mr-auto text-sm text-soft">
            {log.back === null && 'Say what the back looked like.'}
          </span>
          <button type="button" className="btn touch-always btn-ghost" onClick={leave}>
            Leave it
          </button>
          <button
            type="submit"
            className="btn touch-always btn-primary"
            disabled={draft === null || person === null || isSaving}
          >
            {isSaving ? 'Saving' : 'Save coupon'}
          </button>
        </div>
      </form>
    </Modal>
  );
}

/** Closes the log; what was typed can be had back. */
function useLeaveLog(log: CouponDraftState): () => void {
  const dispatch = useDispatch();
  return () => {
    dispatch(logClosed(log.id));
    const isTouched = log.back !== null || log.lightOn !== '' || log.runLength !== '' || log.remark !== '';
    if (!isTouched) return;
    toast('The coupon was not logged.', {
      action: { label: 'Undo', onClick: () => dispatch(logOpened(log)) },
    });
  };
}

/** Sends the coupon under its own id, so that a retry is the same save; a second tap before the answer sends nothing. */
function useSaveCoupon(log: CouponDraftState) {
  const dispatch = useDispatch();
  const [logCoupon, { isLoading, error }] = useLogCouponMutation();
  const [withdraw] = useWithdrawCouponMutation();
  const isUnderWay = useRef(false);
  const undo = async (id: string, number: number) => {
    const answer = await withdraw(id);
    if (answer.error === undefined) toast(`Coupon ${number} was taken back.`);
    else toast.error(`Coupon ${number} is still there. ${problemOf(answer.error).message}`);
  };
  const save = async (draft: CouponDraft) => {
    if (isUnderWay.current) return;
    isUnderWay.current = true;
    const answer = await logCoupon({ id: log.id, draft });
    isUnderWay.current = false;
    if (answer.data === undefined) return;
    const { id, number, windowNumber } = answer.data;
    dispatch(logClosed(id));
    toast(`Coupon ${number} is logged, through window ${windowNumber}.`, {
      action: { label: 'Undo', onClick: () => void undo(id, number) },
    });
  };
  return { save, isSaving: isLoading, failure: error === undefined ? null : problemOf(error).message };
}

/** The draft as the server takes it; null while something is missing or at fault. */
function completeDraft(
  { machineId, joint, setting, weldedAt, back, remark }: CouponDraftState,
  lightOn: TypedFigure,
  runLength: TypedFigure,
): CouponDraft | null {
  if (back === null || 'fault' in lightOn || 'fault' in runLength) return null;
  const figures = { lightOnS: lightOn.value, runLengthMm: runLength.value };
  return { machineId, joint, setting, back, ...figures, remark: remark.trim(), weldedAt };
}

function isTextInput(target: EventTarget): boolean {
  return target instanceof HTMLInputElement && target.type !== 'radio';
}

function BackChoice({ picked, onPick }: { picked: BackLook | null; onPick: (back: BackLook) => void }) {
  return (
    <fieldset>
      <legend className="mb-1 font-medium">What did the back look like?</legend>
      <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
        {backLooks.map((look, index) => (
          <PictureChoice
            key={look}
            name="back"
            value={look}
            checked={picked === look}
            onChange={() => onPick(look)}
            picture={<OutcomeMark outcome={outcomeOfLook[look]} className="size-9" />}
            short={
              <>
                <kbd className="kbd mr-1 text-base-content kbd-xs">{index + 1}</kbd>
                {lookWords[look].short}
              </>
            }
            long={lookWords[look].long}
            isPicked={picked === look}
            isStart={index === 0}
          />
        ))}
      </div>
    </fieldset>
  );
}

interface FiguresProps {
  log: CouponDraftState;
  lightOn: TypedFigure;
  runLength: TypedFigure;
}

/** How long and how far, and the travel that follows from both. */
function Figures({ log, lightOn, runLength }: FiguresProps) {
  const dispatch = useDispatch();
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
      <TypedField
        label="Light on if known"
        unit="s"
        text={log.lightOn}
        read={lightOn}
        onType={(text) => dispatch(logTyped({ lightOn: text }))}
      />
      <TypedField
        label="Length of run if known"
        unit="mm"
        text={log.runLength}
        read={runLength}
        onType={(text) => dispatch(logTyped({ runLength: text }))}
      />
      <RealTravel lightOn={lightOn} runLength={runLength} />
    </div>
  );
}

function RealTravel({ lightOn, runLength }: { lightOn: TypedFigure; runLength: TypedFigure }) {
  const seconds = 'value' in lightOn ? lightOn.value : null;
  const length = 'value' in runLength ? runLength.value : null;
  const isKnown = seconds !== null && length !== null;
  return (
    <p
      className="col-span-2 flex items-center gap-3 sm:col-span-1 sm:flex-col sm:items-start sm:gap-1"
      aria-live="polite"
    >
      <span className="font-medium">Real travel</span>
      <span className="figure flex items-center text-lg sm:min-h-12">
        {isKnown ? (
          `${figure(length / seconds, 1)} mm/s`
        ) : (
          <span className="font-sans text-base text-soft">from both</span>
        )}
      </span>
    </p>
  );
}
