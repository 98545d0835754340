import {
  ownNumbers,
  proofDifferences,
  type Card,
  type CardVersion,
  type Coupon,
  type Person,
} from '@lone-heron/contract';
import { Plus, X } from 'lucide-react';
import { Link } from 'react-router';
import { VerdictList } from '../../shared/acceptance/VerdictList.js';
import { useAddProofMutation, useRemoveProofMutation } from '../../shared/api/cardsApi.js';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { Failure } from '../../shared/form/Failure.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { outcomeOfLook, wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { useNow } from '../../shared/clock/useNow.js';

interface CardProofsProps {
  card: Card;
  shown: CardVersion;
  isNewest: boolean;
  people: readonly Person[];
}

/** What proves a version: its level thing by thing, the coupons that were welded by it, and others that could be added. */
export function CardProofs({ card, shown, isNewest, people }: CardProofsProps) {
  const now = useNow();
  const isOpen = isNewest && shown.signedAt === null && card.retiredAt === null;
  const [remove, removing] = useRemoveProofMutation();
  const of = { id: card.id, version: shown.version };
  const { metal } = shown.content.joint;
  const { data } = useCouponsQuery({ metal, machineId: shown.content.machineId, limit: 200 });
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="What proves it">
      <h2 className="font-semibold">
        What proves it{' '}
        <span className="font-normal text-soft">held against “{shown.content.level.name}”</span>
      </h2>
      <VerdictList verdicts={shown.verdicts} />
      <ul className="flex flex-col divide-y divide-base-300 border-t border-base-300">
        {shown.proofs.map(({ couponId, couponNumber, addedAt, addedBy }) => (
          <li key={couponId} className="flex items-center gap-3 py-1">
            <Link className="grow underline" to={`/coupons/${couponId}`}>
              Coupon {couponNumber}
              {withOwnNumbers(
                shown,
                data?.coupons.find(({ id }) => id === couponId),
              )}
            </Link>
            <span className="text-sm text-soft">
              {people.find(({ id }) => id === addedBy)?.name} {shownMoment(addedAt, now)}
            </span>
            {isOpen && (
              <button
                type="button"
                className="btn touch btn-square btn-ghost"
                aria-label={`Take coupon ${couponNumber} off`}
                onClick={() => void remove({ ...of, couponId })}
              >
                <X className="size-5" aria-hidden="true" />
              </button>
            )}
          </li>
        ))}
      </ul>
      <Failure error={removing.error} />
      {isOpen && <Offered of={of} shown={shown} />}
    </section>
  );
}

/** Coupons that were welded by this version and do not prove it yet. */
function Offered({ of, shown }: { of: { id: string; version: number }; shown: CardVersion }) {
  const { content, proofs } = shown;
  const { data } = useCouponsQuery({
    ...{ metal: content.joint.metal, machineId: content.machineId },
    limit: 200,
  });
  const [add, adding] = useAddProofMutation();
  const welded = (data?.coupons ?? []).filter(
    (coupon) =>
      proofDifferences(content, coupon).length === 0 &&
      !proofs.some(({ couponId }) => couponId === coupon.id),
  );
  if (welded.length === 0) {
    return (
      <p className="text-sm text-soft">
        No other coupon of this setting yet. Log one, cut or bend it as the level asks, and it can be added
        here.
      </p>
    );
  }
  return (
    <>
      <p className="text-sm font-medium">Welded by this setting</p>
      <ul className="flex flex-wrap gap-2">
        {welded.slice(0, mostOffered).map((coupon) => (
          <li key={coupon.id}>
            <button
              type="button"
              className="btn touch-always"
              onClick={() => void add({ ...of, couponId: coupon.id })}
            >
              <Plus className="size-4" aria-hidden="true" /> {offeredWords(coupon)}
              {withOwnNumbers(shown, coupon)}
              <OutcomeMark outcome={outcomeOfLook[coupon.back]} className="size-5" />
              <span className="text-sm">{wordsOfLooks(coupon.lookedAt)[coupon.back].short}</span>
            </button>
          </li>
        ))}
      </ul>
      <Failure error={adding.error} />
    </>
  );
}

const mostOffered = 6;

/** What a coupon was dialled otherwise within a step of the panel, in words behind its number; empty where nothing was. */
function withOwnNumbers({ content }: CardVersion, coupon: Coupon | undefined): string {
  const own = coupon === undefined ? '' : ownNumbers(coupon.setting, content.setting);
  return own === '' ? '' : `, at ${own}`;
}

function offeredWords({ number, section }: Coupon): string {
  return `Coupon ${number}${section === null ? '' : ', cut'}`;
}
