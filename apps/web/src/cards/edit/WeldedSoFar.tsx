import { areWeldedAlike, ownNumbers, proofDifferences } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { newCardAddress, type CardStart } from '../../shared/cards/newCardAddress.js';

/**
 * Whether the setting that is about to be kept is one that was welded: which coupon has it, or how the newest coupon of the joint
 * differs and the way to keep that one instead.
 */
export function WeldedSoFar({ start }: { start: CardStart }) {
  const { data } = useCouponsQuery({ metal: start.joint.metal, machineId: start.machineId, limit: 200 });
  const alike = (data?.coupons ?? []).filter(({ joint }) => areWeldedAlike(joint, start.joint));
  const [newest] = alike;
  const welded = alike.find((coupon) => proofDifferences(start, coupon).length === 0);
  if (data === undefined || start.couponId !== null) return null;
  if (welded !== undefined) {
    const differs = ownNumbers(welded.setting, start.setting);
    return (
      <p className="text-soft">
        Coupon {welded.number} was welded with it{differs === '' ? '' : `, within a step (${differs})`}.
      </p>
    );
  }
  if (newest === undefined) return <p className="text-soft">No coupon was welded with these numbers yet.</p>;
  return (
    <div role="status" className="caution flex flex-wrap items-center gap-3 px-3 py-2">
      <span className="grow">
        No coupon was welded with these numbers. The newest of this joint, No. {newest.number}:{' '}
        <strong>
          {ownNumbers(newest.setting, start.setting) || proofDifferences(start, newest).join(', ')}
        </strong>
        .
      </span>
      <Link className="btn touch" to={newCardAddress({ ...newest, couponId: newest.id })} replace>
        Keep those
      </Link>
    </div>
  );
}
