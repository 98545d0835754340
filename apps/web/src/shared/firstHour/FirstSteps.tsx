import { Check } from 'lucide-react';
import { Link } from 'react-router';
import { useCouponsQuery } from '../api/couponsApi.js';
import { useMachinesQuery } from '../api/heronApi.js';
import { useWindowsQuery } from '../api/windowsApi.js';
import { useBottlesQuery } from '../api/supplyApi.js';
import { inUse } from '../machines/inUse.js';

interface FirstStep {
  readonly name: string;
  /** What it is good for. */
  readonly unlocks: string;
  readonly to: string;
  readonly isDone: boolean;
}

/** What a new shop does first, in order, and what each unlocks; the first that is open stands out. Gone once all are done. */
export function FirstSteps() {
  const { data: machines } = useMachinesQuery(undefined);
  const { data: windows } = useWindowsQuery(undefined);
  const { data: bottles } = useBottlesQuery(undefined);
  const { data: coupons } = useCouponsQuery({ limit: 1 });
  if (machines === undefined || windows === undefined || bottles === undefined || coupons === undefined)
    return null;
  const steps: readonly FirstStep[] = [
    {
      name: 'Your machine',
      unlocks:
        'Dial then says its numbers in the order and the units of your panel, and within what it gives.',
      to: '/shop',
      isDone: inUse(machines).length > 0,
    },
    {
      name: 'The window that is in it',
      unlocks: 'Coupons can be logged, and each says which window it was welded through.',
      to: '/optics',
      isDone: windows.length > 0,
    },
    {
      name: 'The bottle that is on',
      unlocks: 'Ready asks for its gas, and Supply says how long it lasts.',
      to: '/shop/supply',
      isDone: bottles.length > 0,
    },
    {
      name: 'The first coupon',
      unlocks: 'From then on the odds are yours: each coupon moves what Dial says.',
      to: '/dial',
      isDone: coupons.total > 0,
    },
  ];
  const next = steps.find(({ isDone }) => !isDone);
  if (next === undefined) return null;
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-4" aria-label="The first hour">
      <h2 className="text-lg font-semibold">The first hour: four things, in this order</h2>
      <ol className="flex flex-col divide-y divide-base-300">
        {steps.map((step, index) => (
          <li key={step.name} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
            <span className="w-8 text-center figure text-xl text-soft">
              {step.isDone ? <Check className="mx-auto size-6 text-success" aria-label="done" /> : index + 1}
            </span>
            <span className="min-w-56 grow basis-0 leading-snug">
              <strong className={step.isDone ? 'font-medium text-soft' : ''}>{step.name}</strong>
              <span className="block text-soft">{step.unlocks}</span>
            </span>
            {step === next && (
              <Link className="btn touch-always btn-primary" to={step.to}>
                {step.name}
              </Link>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
