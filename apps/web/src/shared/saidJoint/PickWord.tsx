import { useId } from 'react';

export interface Choice {
  readonly value: string;
  readonly label: string;
}

interface PickWordProps {
  /** What the word says, for those who cannot see the sentence. */
  name: string;
  value: string;
  choices: readonly Choice[];
  fault: string | undefined;
  onPick: (value: string) => void;
}

/** A word of the sentence that is picked from a few. A value that is not among them stays visible, with its message. */
export function PickWord({ name, value, choices, fault, onPick }: PickWordProps) {
  const faultId = useId();
  const isKnown = choices.some((choice) => choice.value === value);
  return (
    <span className="inline-flex flex-col align-baseline">
      <select
        aria-label={name}
        aria-invalid={fault !== undefined}
        aria-describedby={fault === undefined ? undefined : faultId}
        value={value}
        onChange={(event) => onPick(event.target.value)}
        className={`word touch ${fault === undefined ? '' : 'word-fault'}`}
      >
        {!isKnown && <option value={value}>{value === '' ? 'nothing' : value}</option>}
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
      </select>
      {fault !== undefined && (
        <span id={faultId} role="alert" className="fault max-w-64 text-sm leading-snug">
          {fault}
        </span>
      )}
    </span>
  );
}
