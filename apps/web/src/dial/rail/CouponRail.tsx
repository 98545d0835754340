import { realTravelMmS, type Coupon } from '@lone-heron/contract';
import { seamRow } from '@lone-heron/core';
import { NotebookPen } from 'lucide-react';
import { memo } from 'react';
import { Link } from 'react-router';
import { spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { couponMelt } from '../../shared/coupons/couponMelt.js';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { figure } from '../../shared/figures/figures.js';
import { outcomeOfLook, wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { metalName } from '../../shared/vocabulary/metalNames.js';
import type { Said } from '../../shared/saidJoint/readSentence.js';
import { isSameJoint } from './isSameJoint.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

const shown = 6;

interface CouponRailProps {
  said: Said;
  onLog: () => void;
  onPrepare: () => void;
  /** Begins a card with the setting. */
  onKeep: () => void;
}

/** The last coupons of this joint, newest first, beside the way to prepare and to log the next. */
function CouponRail({ said, onLog, onPrepare, onKeep }: CouponRailProps) {
  const { joint, machine } = said;
  const { data, error, refetch } = unlessShown(
    useCouponsQuery({ metal: joint.metal, machineId: machine.id, limit: 100 }),
  );
  const coupons = (data?.coupons ?? []).filter((coupon) => isSameJoint(coupon.joint, joint)).slice(0, shown);
  return (
    <section
      className={`flex gap-3 pb-1 ${coupons.length === 0 ? 'flex-wrap' : 'overflow-x-auto'}`}
      aria-label="Coupons of this joint"
    >
      <div className="flex w-64 shrink-0 flex-col justify-between gap-1.5 rounded-box border border-dashed border-primary p-1.5">
        <button type="button" className="btn touch-always btn-primary" onClick={onLog}>
          <NotebookPen className="size-5" aria-hidden="true" /> Log coupon
          <kbd className="kbd text-base-content kbd-sm">L</kbd>
        </button>
        <span className="grid grid-cols-2 gap-1.5">
          <button type="button" className="btn touch px-1 btn-sm" onClick={onPrepare}>
            Before light <kbd className="kbd kbd-xs">P</kbd>
          </button>
          <button type="button" className="btn touch px-1 btn-sm" onClick={onKeep}>
            Keep it <kbd className="kbd kbd-xs">K</kbd>
          </button>
        </span>
      </div>
      {error !== undefined && <LoadFailed what="the coupons" error={error} retry={refetch} />}
      {data !== undefined && coupons.length === 0 && (
        <p className="max-w-72 min-w-56 self-center px-3 text-soft">
          No coupon of this {seamRow(joint.kind).short} in {metalName(joint.metal)}{' '}
          {spokenLength(joint.firstThicknessMm)} on {machine.name} yet.
        </p>
      )}
      {coupons.map((coupon) => (
        <RailCoupon key={coupon.id} coupon={coupon} />
      ))}
      {coupons.length > 0 && (
        <Link to="/coupons" className="btn touch self-center btn-ghost">
          All {data?.total} on this metal
        </Link>
      )}
    </section>
  );
}

/** Kept as it is while knobs are turned. */
export default memo(CouponRail);

/** Kept as drawn while knobs are turned: a coupon does not change with the setting. */
const RailCoupon = memo(function RailCoupon({ coupon }: { coupon: Coupon }) {
  const { data: machines } = useMachinesQuery(undefined);
  const profile = machines?.find(({ id }) => id === coupon.machineId)?.profile;
  const outcome = outcomeOfLook[coupon.back];
  const travel = realTravelMmS(coupon);
  return (
    <article className="sheet w-46 shrink-0 p-2 leading-tight" aria-label={`Coupon ${coupon.number}`}>
      <p className="flex justify-between">
        <strong>No {coupon.number}</strong>
        <span className="text-soft tabular-nums">{figure(coupon.setting.powerW, 0)} W</span>
      </p>
      {profile !== undefined && (
        <MiniSection melt={couponMelt(coupon, profile)} outcome={outcome} className="my-0.5 h-9 w-full" />
      )}
      <p className="flex items-center gap-1 text-sm whitespace-nowrap">
        <OutcomeMark outcome={outcome} className="size-5" />
        {coupon.slip === undefined ? wordsOfLooks(coupon.lookedAt)[coupon.back].short : 'slip'}
        <span className="ml-auto text-soft tabular-nums">
          {travel === null ? 'not timed' : spokenTravel(travel)}
        </span>
      </p>
    </article>
  );
});
