import type { ArcBeside } from '@lone-heron/contract';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { figure } from '../../shared/figures/figures.js';
import type { TypedValue } from '../../shared/figures/readTyped.js';
import { readWhole } from '../../shared/figures/readWhole.js';
import { TypedField } from '../../shared/form/TypedField.js';

/** Charts come behind the page. */
const PaybackChart = lazy(() => import('./PaybackChart.js'));

interface PaybackLineProps {
  payback: ArcBeside['payback'];
  partsPerMonth: string;
  onType: (text: string) => void;
}

/** Parts a month, or why it is no number of them. */
export const readPartsPerMonth = (text: string): TypedValue => readWhole('parts', text, 100_000);

/** When the machine has paid against the arc, with what the band of time makes of it. */
export function PaybackLine({ payback, partsPerMonth, onType }: PaybackLineProps) {
  if (payback === null)
    return (
      <p className="text-sm text-soft">
        Say what the machine cost under{' '}
        <Link className="link" to="/shop/stock">
          Stock and prices
        </Link>
        , and when it has paid stands here.
      </p>
    );
  return (
    <div className="flex flex-col gap-1">
      <TypedField
        label="Parts like this a month"
        unit=""
        text={partsPerMonth}
        read={readPartsPerMonth(partsPerMonth)}
        onType={onType}
      />
      <p>
        The machine has paid after <strong>{monthsInWords(payback.middle)}</strong>
        <span className="text-soft">
          , four in five from {monthsInWords(payback.soonest)} to {monthsInWords(payback.latest)}
        </span>
        .
      </p>
      <Suspense fallback={<div className="h-56" />}>
        <PaybackChart curve={payback.curve} />
      </Suspense>
    </div>
  );
}

function monthsInWords(months: number | null): string {
  return months === null
    ? 'never'
    : months < 1
      ? 'under a month'
      : `${figure(months, months < 10 ? 1 : 0)} months`;
}
