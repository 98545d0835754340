import { areWeldedAlike, ownNumbers, proofDifferences, type Coupon } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { newCardAddress, type CardStart } from '../../shared/cards/newCardAddress.js';
import { wordsOfLooks } from '../../shared/vocabulary/looks.js';

/**
 * Whether the setting that is about to be kept is one that was welded: which coupon has it, or how the newest coupon of the joint
 * differs and the way to keep that one instead.
 */
export function WeldedSoFar({ start }: { start: CardStart }) {
  const { data } = useCouponsQuery({ metal: start.joint.metal, machineId: start.machineId, limit: 200 });
  const alike = (data?.coupons ?? []).filter(({ joint }) => areWeldedAlike(joint, start.joint));
  const [newest] = alike;
  const ofIt = alike.filter((coupon) => proofDifferences(start, coupon).length === 0);
  const welded = ofIt.find(cameOut) ?? ofIt[0];
  if (data === undefined || start.couponId !== null) return null;
  if (welded !== undefined) return <WeldedWithIt welded={welded} start={start} />;
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

/** Whether a coupon showed what a seam should. */
function cameOut({ back, lookedAt, slip }: Coupon): boolean {
  return slip === undefined && (back === 'even' || (lookedAt === 'firstRun' && back === 'faint'));
}

/** A coupon of the setting, the best there is; one that did not come out is no reason to keep it. */
function WeldedWithIt({ welded, start }: { welded: Coupon; start: CardStart }) {
  const { number, slip, lookedAt, back } = welded;
  const differs = ownNumbers(welded.setting, start.setting);
  const withIt = `was welded with it${differs === '' ? '' : `, within a step (${differs})`}`;
  const look = slip === undefined ? wordsOfLooks(lookedAt)[back].short : 'the hand slipped';
  if (cameOut(welded))
    return (
      <p className="text-soft">
        Coupon {number} {withIt}: {look}.
      </p>
    );
  return (
    <p role="status" className="caution px-3 py-2">
      Coupon {number} {withIt}: <strong>{look}</strong>. No other of these numbers came out: where more depth
      was wanted, weld one that does before somebody goes by this card.
    </p>
  );
}
