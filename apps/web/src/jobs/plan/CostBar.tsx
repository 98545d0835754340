import type { TakesOf } from '@lone-heron/contract';
import { percentFigure } from '../../shared/figures/figures.js';

type Item = Exclude<keyof TakesOf['cost'], 'total' | 'perMetre'>;

const items: readonly { readonly item: Item; readonly name: string; readonly shade: string }[] = [
  { item: 'labour', name: 'work', shade: 'var(--cold)' },
  { item: 'overhead', name: 'room and machine', shade: 'var(--part)' },
  { item: 'gas', name: 'gas', shade: 'var(--straw)' },
  { item: 'wire', name: 'wire', shade: 'var(--hot)' },
  { item: 'mains', name: 'power', shade: 'var(--full)' },
  { item: 'window', name: 'glass', shade: 'var(--hole)' },
];

/** Less than this of the whole is not named. */
const leastNamed = 0.01;

/** What the money is made of, as a bar with its shares in words. */
export function CostBar({ cost }: { cost: TakesOf['cost'] }) {
  if (cost.total === 0) return null;
  const shares = items.map((each) => ({ ...each, share: cost[each.item] / cost.total }));
  const named = shares.filter(({ share }) => share >= leastNamed);
  return (
    <div className="flex flex-col gap-1">
      <div className="flex h-3 overflow-hidden rounded-sm" aria-hidden="true">
        {shares.map(({ item, share, shade }) => (
          <span key={item} style={{ width: `${share * 100}%`, background: shade }} />
        ))}
      </div>
      <p className="text-sm text-soft">
        {named.map(({ name, share }) => `${name} ${percentFigure(share)}`).join(', ')}
        {named.length < shares.filter(({ share }) => share > 0).length && ', the rest little'}
      </p>
    </div>
  );
}
