import type { JobPart } from '@lone-heron/contract';
import { PickField } from '../../shared/form/PickField.js';

interface PartPickProps {
  parts: readonly JobPart[];
  /** Its key; empty for the whole. */
  part: string;
  label: string;
  onPick: (key: string) => void;
}

/** Which part of the job something belongs to; nothing where it has none. */
export function PartPick({ parts, part, label, onPick }: PartPickProps) {
  if (parts.length === 0) return null;
  return (
    <PickField
      label={label}
      value={part}
      choices={[
        { value: '', label: 'the whole' },
        ...parts.map(({ key, name }) => ({ value: key, label: name })),
      ]}
      onPick={onPick}
    />
  );
}
