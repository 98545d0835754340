import { useId, useState } from 'react';
import { figure } from '../../shared/words/figures.js';

interface LengthWordProps {
  /** What the word says, for those who cannot see the sentence. */
  name: string;
  /** As it stands in the address. */
  text: string;
  /** In mm, where it was understood. */
  lengthMm: number | null;
  fault: string | undefined;
  /** Whether a text would be understood and allowed. */
  accepts: (text: string) => boolean;
  onSay: (text: string) => void;
}

/**
 * A length in the sentence, typed in any unit. What is good takes effect as it is typed; what is not waits until the
 * word is left, so that nobody is told off half-way through a number.
 */
export function LengthWord({ name, text, lengthMm, fault, accepts, onSay }: LengthWordProps) {
  const faultId = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? text;
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
            if (event.key === 'Enter' && typed !== null) say(typed);
            if (event.key === 'Escape') setTyped(null);
          }}
        />
        {lengthMm !== null && typed === null && !isPlainMm(text, lengthMm) && (
          <span className="figure ml-1 text-base font-normal text-soft">= {figure(lengthMm, 2)} mm</span>
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

function isPlainMm(text: string, lengthMm: number): boolean {
  return text.replace(',', '.').replace(/\s*mm$/, '') === figure(lengthMm, 4) && /mm$/.test(text);
}
