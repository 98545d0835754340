import { useId, useState } from 'react';

export interface TypedWordProps {
  /** What the word says, for those who cannot see the sentence. */
  name: string;
  /** As it stands in the address. */
  text: string;
  /** How the house says what was understood; null where nothing was. */
  said: string | null;
  /** Whether it is typed in another way than the house says it, so that both are shown. */
  isOtherwise: boolean;
  fault: string | undefined;
  /** Whether a text would be understood and allowed. */
  accepts: (text: string) => boolean;
  onSay: (text: string) => void;
}

/**
 * A quantity in the sentence. What is good takes effect as it is typed; what is not waits until the word is left, so that
 * nobody is told off half-way through a number.
 */
export function TypedWord({ name, text, said, isOtherwise, fault, accepts, onSay }: TypedWordProps) {
  const faultId = useId();
  const [typed, setTyped] = useState<string | null>(null);
  // A size that nobody typed is ours to propose.
  const shown = typed ?? (text === '' && said !== null ? said : text);
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
        {said !== null && typed === null && text !== '' && isOtherwise && (
          <span className="figure ml-1 text-base font-normal text-soft">= {said}</span>
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
