import { useState } from 'react';
import { useStockQuery } from '../stock/stockApi.js';

/** Which spare went in, where the drawer has some; it is counted down by one. */
export function NewGlass({ onPick }: { onPick: (supplier: string, lot: string) => void }) {
  const { data: stock = [] } = useStockQuery(undefined);
  const glasses = stock.filter(({ kind }) => kind === 'window');
  const [picked, setPicked] = useState('');
  if (glasses.length === 0) return null;
  return (
    <fieldset>
      <legend className="mb-1 font-medium">The new one, from the drawer</legend>
      <div className="flex flex-wrap gap-2">
        {glasses.map(({ id, name, supplier, lot, count }) => (
          <button
            key={id}
            type="button"
            aria-pressed={picked === id}
            className={`btn touch-always h-auto py-1 text-left font-normal ${picked === id ? 'btn-primary' : ''}`}
            onClick={() => {
              setPicked(id);
              onPick(supplier, lot);
            }}
          >
            {name}
            {lot !== '' && `, lot ${lot}`} <span className="tabular-nums">({count} left)</span>
          </button>
        ))}
      </div>
    </fieldset>
  );
}
