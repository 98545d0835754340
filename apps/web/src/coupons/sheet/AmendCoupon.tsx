import { couponDraftSchema, observedKeys, type Coupon, type CouponDraft } from '@lone-heron/contract';
import type { SyntheticEvent } from 'react';
import { toast } from '../../shared/say/toast.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useAmendCouponMutation } from '../inspection/inspectionApi.js';
import { CouponFields } from '../../shared/coupons/log/CouponFields.js';
import { typedCouponOf } from '../../shared/coupons/log/TypedCoupon.js';
import { readTypedCoupon, type ToldOfCoupon } from '../../shared/coupons/log/readTypedCoupon.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { AmendWeld, readWeld, untypedWeld } from './AmendWeld.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

/** Mends what was written down. The first entry is kept, with why it was amended. */
export function AmendCoupon({ coupon, onClose }: { coupon: Coupon; onClose: () => void }) {
  const sheet = `coupon ${coupon.id} ${coupon.revision}`;
  const [entry, setEntry] = useKept(sheet, 'entry', () => typedCouponOf(coupon));
  const [weld, setWeld] = useKept(sheet, 'weld', () => untypedWeld(coupon));
  const { data: machines = [] } = useMachinesQuery(undefined);
  const amendedWeld = readWeld(
    coupon,
    weld,
    machines.find(({ id }) => id === weld.machineId),
  );
  const [why, setWhy] = useKept(sheet, 'why', () => '');
  const person = usePersonAtDesk();
  const [amend, { isLoading, error }] = useAmendCouponMutation();
  const { told, wanted } = readTypedCoupon(entry);
  const isReady = told !== null && amendedWeld !== null && why.trim() !== '' && person !== null && !isLoading;
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (told === null || amendedWeld === null || !isReady) return;
    const amendment = { draft: { ...amendedDraft(coupon, told), ...amendedWeld }, why: why.trim() };
    const answer = await amend({ id: coupon.id, revision: coupon.revision + 1, amendment });
    if (answer.error !== undefined) return;
    forgetTyping(sheet);
    toast(`Coupon ${coupon.number} is amended; what it said before is kept.`);
    onClose();
  };
  return (
    <Modal title={`Amend coupon ${coupon.number}`} onClose={onClose}>
      <form className="flex flex-col gap-4" onSubmit={(event) => void save(event)}>
        <KeptNote sheet={sheet} />
        <CouponFields
          entry={entry}
          machineId={coupon.machineId}
          setting={coupon.setting}
          isJustWelded={false}
          lookedAt={coupon.lookedAt ?? 'back'}
          onType={(change) => setEntry({ ...entry, ...change })}
        />
        <AmendWeld coupon={coupon} typed={weld} machines={machines} onType={setWeld} />
        <TextField label="Why it is amended" text={why} longest={300} onType={setWhy} />
        <WhoDidIt label="Amended by" />
        <Failure error={error} />
        <div className="flex items-center justify-end gap-3">
          <span className="mr-auto text-sm text-soft">{wanted ?? alsoWanted(amendedWeld !== null, why)}</span>
          <button type="button" className="btn touch-always btn-ghost" onClick={onClose}>
            Leave it
          </button>
          <button type="submit" className="btn touch-always btn-primary" disabled={!isReady}>
            {isLoading ? 'Saving' : 'Save the amendment'}
          </button>
        </div>
      </form>
    </Modal>
  );
}

function alsoWanted(isWeldRead: boolean, why: string): string {
  if (!isWeldRead) return 'Mend machine, setting or moment.';
  return why.trim() === '' ? 'Say why.' : '';
}

/** What the coupon says with what is told now; what is told no more is gone, and what the form does not ask stays. */
function amendedDraft(coupon: Coupon, told: ToldOfCoupon): CouponDraft {
  const { stated, rung, lookedAt } = coupon;
  const kept = Object.fromEntries(
    Object.keys(couponDraftSchema.shape)
      .filter((key) => !observedKeys.some((each) => each === key))
      .map((key) => [key, coupon[key as keyof Coupon]]),
  ) as CouponDraft;
  return {
    ...kept,
    ...told,
    ...(lookedAt === undefined ? {} : { lookedAt }),
    ...(stated === undefined ? {} : { stated }),
    ...(rung === undefined ? {} : { rung }),
  };
}
