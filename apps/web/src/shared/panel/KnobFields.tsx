import { TypedField } from '../form/TypedField.js';
import type { ReadKnob, TypedKnobs } from './typedSetting.js';

interface KnobFieldsProps {
  knobs: readonly ReadKnob[];
  typed: TypedKnobs;
  onType: (typed: TypedKnobs) => void;
}

/** The knobs of a panel as fields, in its order and its units. */
export function KnobFields({ knobs, typed, onType }: KnobFieldsProps) {
  return knobs.map(({ row, text, read }) => (
    <TypedField
      key={row.knob}
      label={row.name}
      unit={row.scale.unit}
      text={text}
      read={read}
      onType={(next) => onType({ ...typed, [row.knob]: next })}
    />
  ));
}
