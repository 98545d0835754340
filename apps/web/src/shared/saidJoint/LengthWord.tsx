import { useId, useState } from 'react';
import type { HouseUnits } from '@lone-heron/contract';
import { figure } from '../figures/figures.js';
import { lengthFigure, mmPerInch } from '../figures/houseUnits.js';

interface LengthWordProps {
  /** What the word says, for those who cannot see the sentence. */
  name: string;
  /** As it stands in the address. */
  text: string;
  /** In mm, where it was understood. */
  lengthMm: number | null;
  units: Pick<HouseUnits, 'length'>;
  fault: string | undefined;
  /** Whether a text would be understood and allowed. */
  accepts: (text: string) => boolean;
  onSay: (text: string) => void;
}

/**
 * A length in the sentence, typed in any unit. What is good takes effect as it is typed; what is not waits until the
 * word is left, so that nobody is told off half-way through a number.
 */
export function LengthWord({ name, text, lengthMm, units, fault, accepts, onSay }: LengthWordProps) {
  const faultId = useId();
  const [typed, setTyped] = useState<string | null>(null);
  // A size that nobody typed is ours to propose.
  const proposed = text === '' && lengthMm !== null ? lengthFigure(lengthMm, units) : text;
  const shown = typed ?? proposed;
  const say = (next: string) => {
    if (next !== text) onSay(next);
  };
  return (
    <span className="inline-flex flex-col align-baseline">
      <span>
        <input
          aria-label={name}
          aria-invalid={fault !== undefined}
          aria-describedby={fault === undefined ? undefined : faultId}
          value={shown}
          autoComplete="off"
          data-untyped={typed === null ? '' : undefined}
          spellCheck={false}
          enterKeyHint="done"
          className={`word touch ${fault === undefined ? '' : 'word-fault'}`}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            setTyped(event.target.value);
            if (accepts(event.target.value)) say(event.target.value);
          }}
          onBlur={() => {
            if (typed !== null) say(typed);
            setTyped(null);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && typed !== null) {
              say(typed);
              if (accepts(typed)) setTyped(null);
            }
            if (event.key === 'Escape') setTyped(null);
          }}
        />
        {lengthMm !== null && typed === null && text !== '' && !isPlain(text, lengthMm, units) && (
          <span className="figure ml-1 text-base font-normal text-soft">
            = {lengthFigure(lengthMm, units)}
          </span>
        )}
      </span>
      {fault !== undefined && (
        <span id={faultId} role="alert" className="fault max-w-72 text-sm leading-snug">
          {fault}
        </span>
      )}
    </span>
  );
}

/** Whether a word says its length already as the house writes it. */
function isPlain(text: string, lengthMm: number, { length }: Pick<HouseUnits, 'length'>): boolean {
  const said = /^([\d.]+)\s*(mm|in)$/.exec(text.trim().replace(',', '.'));
  if (said === null || said[2] !== length) return false;
  return figure(Number(said[1]), 4) === figure(length === 'mm' ? lengthMm : lengthMm / mmPerInch, 4);
}
