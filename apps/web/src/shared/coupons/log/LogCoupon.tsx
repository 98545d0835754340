import type { OpenLog } from '../../memory/openLogSchema.js';
import { backLooks, lookedAtOf, seenAt, type CouponDraft } from '@lone-heron/contract';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useDispatch } from 'react-redux';
import { toast } from '../../say/toast.js';
import { CouponFields } from './CouponFields.js';
import { WeldedEarlier } from './WeldedEarlier.js';
import { typedCouponSchema, untypedCoupon } from './TypedCoupon.js';
import { PhotosTaken, type TakenPhoto } from './PhotosTaken.js';
import { readTypedCoupon } from './readTypedCoupon.js';
import { logClosed, logOpened, logTyped } from '../../memory/couponDraftSlice.js';
import { Modal } from '../../page/Modal.js';
import { WhoDidIt } from '../../door/WhoDidIt.js';
import { usePersonAtDesk } from '../../door/usePersonAtDesk.js';
import { settingInWords } from '../../sentences/settingInWords.js';
import { useSaveCoupon } from './useSaveCoupon.js';

/** What was seen, in three taps or two keys: the back, the time, the length; a number key picks, Enter saves. */
export default function LogCoupon({ log }: { log: OpenLog }) {
  const dispatch = useDispatch();
  const form = useRef<HTMLFormElement>(null);
  const [photos, setPhotos] = useState<readonly TakenPhoto[]>([]);
  const person = usePersonAtDesk();
  const { told, wanted } = readTypedCoupon(log);
  const { save, isSaving, failure } = useSaveCoupon(log, photos);
  const leave = useLeaveLog(log, photos.length > 0);
  const keys = (event: KeyboardEvent) => {
    if (isTextInput(event.target)) return;
    const look = backLooks[Number(event.key) - 1];
    if (look !== undefined) {
      dispatch(logTyped({ back: look }));
      form.current?.querySelector<HTMLElement>(`input[value="${look}"]`)?.focus();
    }
    if (event.key === 'Enter' && !hasEnterOfItsOwn(event.target)) {
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
          if (told !== null && !isSaving) void save(draftOf(log, told), person);
        }}
        className="flex flex-col gap-4"
      >
        <p className="text-soft">{settingInWords(log.joint, log.setting)}</p>
        <CouponFields
          entry={log}
          machineId={log.machineId}
          setting={log.setting}
          isJustWelded
          lookedAt={seenAt(log.joint)}
          onType={(change) => dispatch(logTyped(change))}
        />
        <WeldedEarlier entry={log} onType={(change) => dispatch(logTyped(change))} />
        <PhotosTaken photos={photos} onChange={setPhotos} />
        <WhoDidIt label="Welded by" />
        {failure !== null && (
          <p role="alert" className="fault">
            Not stored. {failure}
          </p>
        )}
        <div className="sticky -bottom-5 z-10 -mx-5 -mb-5 flex flex-wrap items-center justify-end gap-3 border-t border-base-300 bg-base-100 px-5 py-3">
          <span className="mr-auto text-sm text-soft">{wanted}</span>
          <button type="button" className="btn touch-always btn-ghost" onClick={leave}>
            Leave it
          </button>
          <button type="submit" className="btn touch-always btn-primary" disabled={told === null || isSaving}>
            {isSaving ? 'Saving' : 'Save coupon'}
          </button>
        </div>
      </form>
    </Modal>
  );
}

/** Closes the log; what was typed can be had back. */
function useLeaveLog(log: OpenLog, hasPhotos: boolean): () => void {
  const dispatch = useDispatch();
  return () => {
    dispatch(logClosed(log.id));
    const isUntouched =
      JSON.stringify(typedCouponSchema.parse(log)) === JSON.stringify(typedCouponSchema.parse(untypedCoupon));
    if (isUntouched && !hasPhotos) return;
    toast(hasPhotos ? 'The coupon was not logged; its photos were let go.' : 'The coupon was not logged.', {
      action: { label: 'Undo', onClick: () => dispatch(logOpened(log)) },
    });
  };
}

/** What was welded with what was told of it, as the server takes it. */
function draftOf(
  { machineId, joint, setting, weldedAt, stated, rung }: OpenLog,
  told: NonNullable<ReturnType<typeof readTypedCoupon>['told']>,
): CouponDraft {
  return {
    ...{ machineId, joint, setting, weldedAt },
    ...told,
    ...lookedAtOf(joint),
    ...(stated === undefined ? {} : { stated }),
    ...(rung === undefined ? {} : { rung }),
  };
}

/** What Enter does by itself: press a button, or open what is folded. */
function hasEnterOfItsOwn(target: EventTarget): boolean {
  return target instanceof HTMLElement && target.closest('button, summary') !== null;
}

function isTextInput(target: EventTarget): boolean {
  if (target instanceof HTMLInputElement) return target.type !== 'radio' && target.type !== 'checkbox';
  return target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement;
}
