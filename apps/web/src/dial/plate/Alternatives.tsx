import { saidHeat, type Alternative } from '@lone-heron/core';
import { useMemo } from 'react';
import { useSettled } from '../../shared/form/useSettled.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import { handMath } from '../handMath.js';
import type { Dial } from '../useDial.js';

const names: Readonly<Record<Alternative['name'], string>> = {
  coolAndQuick: 'Cool and quick',
  wideAndForgiving: 'Wide, forgiving',
  flatAndNarrow: 'Flat and narrow',
  steady: 'Steady',
};

/** Other honest ways to the same joint, each with what it trades; the one that is dialled is marked. */
export default function Alternatives({ dial, outcome }: { dial: Dial; outcome: DialOutcome }) {
  const settled = useSettled(outcome.suggestion);
  const others = useMemo(
    () => handMath.alternatives(outcome.job, settled),
    // The alternatives follow from the suggestion alone, whatever is turned.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
    [settled],
  );
  if (others.length === 0) return null;
  const { alternative } = dial.address;
  const first = outcome.suggestion;
  return (
    <div
      className="mt-auto grid grid-cols-2 gap-x-2 border-t border-base-300 px-3 py-1"
      role="group"
      aria-label="Other ways"
    >
      <Way
        name="As computed"
        trade="what the sentence asks"
        heat={first.forecast.heat}
        isPicked={alternative === ''}
        onPick={() => dial.pickAlternative('')}
      />
      {others.map(({ name, forecast, trades }) => (
        <Way
          key={name}
          name={names[name]}
          trade={trades.join(', ')}
          heat={forecast.heat}
          isPicked={alternative === name}
          onPick={() => dial.pickAlternative(name)}
        />
      ))}
      {alternative !== '' && (
        <p className="col-span-2 px-2 text-sm leading-tight text-soft" aria-live="polite">
          {others.find(({ name }) => name === alternative)?.trades.join(', ')}
        </p>
      )}
    </div>
  );
}

interface WayProps {
  name: string;
  trade: string;
  heat: DialOutcome['forecast']['heat'];
  isPicked: boolean;
  onPick: () => void;
}

function Way({ name, trade, heat, isPicked, onPick }: WayProps) {
  return (
    <button
      type="button"
      className={`way touch ${isPicked ? 'way-picked' : ''}`}
      aria-pressed={isPicked}
      title={trade}
      onClick={onPick}
    >
      <span className="flex justify-between gap-2">
        <span className="font-semibold">{name}</span>
        <span className="text-soft tabular-nums">{saidHeat(heat, shopUnits())}</span>
      </span>
    </button>
  );
}
