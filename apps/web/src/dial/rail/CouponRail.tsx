import { realTravelMmS, type Coupon, type Joint } from '@lone-heron/contract';
import { NotebookPen } from 'lucide-react';
import { memo } from 'react';
import { Link } from 'react-router';
import { useCouponsQuery, useMachinesQuery } from '../../shared/api/heronApi.js';
import { couponMelt } from '../../shared/couponMelt.js';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { LoadFailed } from '../../shared/LoadFailed.js';
import { OutcomeMark } from '../../shared/OutcomeMark.js';
import { figure } from '../../shared/words/figures.js';
import { lookWords, outcomeOfLook } from '../../shared/words/looks.js';
import { metalName } from '../../shared/words/metalNames.js';
import type { DialOutcome } from '../dialOutcome.js';

/** Thicknesses this close are the same joint to the eye. */
const sameThicknessMm = 0.06;
const shown = 6;

/** The last coupons of this joint, newest first, beside the way to log the next. */
export function CouponRail({ outcome, onLog }: { outcome: DialOutcome; onLog: () => void }) {
  const { joint, machine } = outcome.said;
  const { data, error, refetch } = useCouponsQuery({ metal: joint.metal, machineId: machine.id, limit: 100 });
  const coupons = (data?.coupons ?? []).filter((coupon) => isSameJoint(coupon.joint, joint)).slice(0, shown);
  return (
    <section className="flex gap-3 overflow-x-auto pb-1" aria-label="Coupons of this joint">
      <div className="flex w-56 shrink-0 flex-col justify-between gap-2 rounded-box border border-dashed border-primary p-3">
        <p className="leading-snug">Weld a coupon with this, then log what you saw.</p>
        <button type="button" className="btn touch-always btn-primary" onClick={onLog}>
          <NotebookPen className="size-5" aria-hidden="true" /> Log coupon
          <kbd className="kbd text-base-content kbd-sm">L</kbd>
        </button>
      </div>
      {error !== undefined && <LoadFailed what="the coupons" error={error} retry={refetch} />}
      {data !== undefined && coupons.length === 0 && (
        <p className="max-w-72 self-center px-3 text-soft">
          No coupon of {metalName(joint.metal)} {figure(joint.firstThicknessMm, 2)} mm on {machine.name} yet.
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

function isSameJoint(one: Joint, other: Joint): boolean {
  const isClose = (a: number, b: number) => Math.abs(a - b) <= sameThicknessMm;
  return (
    isClose(one.firstThicknessMm, other.firstThicknessMm) &&
    isClose(one.secondThicknessMm, other.secondThicknessMm)
  );
}

/** Kept as drawn while knobs are turned: a coupon does not change with the setting. */
const RailCoupon = memo(function RailCoupon({ coupon }: { coupon: Coupon }) {
  const { data: machines } = useMachinesQuery(undefined);
  const profile = machines?.find(({ id }) => id === coupon.machineId)?.profile;
  const outcome = outcomeOfLook[coupon.back];
  const travel = realTravelMmS(coupon);
  return (
    <article className="sheet w-40 shrink-0 p-2.5 leading-tight" aria-label={`Coupon ${coupon.number}`}>
      <p className="flex justify-between">
        <strong>No {coupon.number}</strong>
        <span className="text-soft tabular-nums">{figure(coupon.setting.powerW, 0)} W</span>
      </p>
      {profile !== undefined && (
        <MiniSection
          melt={couponMelt(coupon, profile)}
          secondThicknessMm={coupon.joint.secondThicknessMm}
          gapMm={coupon.joint.gapMm}
          outcome={outcome}
          className="my-1 h-9 w-full"
        />
      )}
      <p className="flex items-center gap-1 text-sm">
        <OutcomeMark outcome={outcome} className="size-5" />
        {lookWords[coupon.back].short}
      </p>
      <p className="text-sm text-soft tabular-nums">
        {travel === null ? 'pace not timed' : `${figure(travel, 1)} mm/s`}
      </p>
    </article>
  );
});
