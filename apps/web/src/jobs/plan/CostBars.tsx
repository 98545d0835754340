import type { TakesOf } from '@lone-heron/contract';
import { percentFigure } from '../../shared/figures/figures.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';

type Item = Exclude<keyof TakesOf['cost'], 'total' | 'perMetre'>;

const names: Readonly<Record<Item, string>> = {
  labour: 'work',
  overhead: 'room and machine',
  gas: 'gas',
  wire: 'wire',
  mains: 'power',
  window: 'glass',
};

/** What the money is made of, the most first: each with a bar as long as its share. */
export function CostBars({ cost }: { cost: TakesOf['cost'] }) {
  if (cost.total === 0) return null;
  const items = (Object.keys(names) as Item[])
    .map((item) => ({ item, amount: cost[item], share: cost[item] / cost.total }))
    .filter(({ amount }) => amount > 0)
    .toSorted((one, other) => other.amount - one.amount);
  return (
    <ul className="flex flex-col gap-1.5" aria-label="What the money is made of">
      {items.map(({ item, amount, share }) => (
        <li key={item} className="flex flex-wrap justify-between gap-x-3 text-sm leading-tight">
          <span>{names[item]}</span>
          <span className="figure">
            {spokenMoney(amount)} <span className="text-soft">{percentFigure(share)}</span>
          </span>
          <span className="mt-0.5 h-2 w-full rounded-sm bg-base-300" aria-hidden="true">
            <span
              className="block h-full min-w-px rounded-sm bg-primary"
              style={{ width: `${share * 100}%` }}
            />
          </span>
        </li>
      ))}
    </ul>
  );
}
