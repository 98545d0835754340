import type { CardContent, Machine } from '@lone-heron/contract';
import { TriangleAlert } from 'lucide-react';
import { Link } from 'react-router';
import { driftInWords, reasonsOfDrift } from '../driftWords.js';
import { useCardDrift } from '../useCardDrift.js';

/** Said where the newest coupons of a card disagree with those before: how far, what else changed, and what to weld next. */
export function CardDrifts({ content, machine }: { content: CardContent; machine: Machine | undefined }) {
  const drift = useCardDrift(content, machine);
  if (drift === null) return null;
  const reasons = reasonsOfDrift(drift);
  return (
    <section className="caution flex gap-3 px-4 py-3" aria-label="It drifts">
      <TriangleAlert className="mt-0.5 size-6 shrink-0" aria-hidden="true" />
      <div className="flex flex-col gap-1">
        <p className="text-lg leading-snug font-semibold">{driftInWords(drift)}</p>
        {reasons.length > 0 && (
          <ul className="list-disc pl-5">
            {reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        )}
        <p>
          Weld a proof coupon before the next part, and cut it. Newest:{' '}
          {drift.newer.map(({ id, number }, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <Link className="underline" to={`/coupons/${id}`}>
                coupon {number}
              </Link>
            </span>
          ))}
          .
        </p>
      </div>
    </section>
  );
}
