import { useState } from 'react';
import { readTyped, type TypedQuantity, type TypedValue } from '../figures/readTyped.js';

/** Values that are typed side by side. */
export interface TypedValues<Name extends string> {
  readonly texts: Readonly<Record<Name, string>>;
  /** What was read of each; null while it is empty. */
  readonly reads: Readonly<Record<Name, TypedValue | null>>;
  /** All of them, once every one is good. */
  readonly values: Readonly<Record<Name, number>> | null;
  readonly type: (name: Name, text: string) => void;
  readonly clear: () => void;
}

/**
 * Keeps what is typed into a few fields and reads it.
 *
 * @param begin what stands in them at first; empty where left out
 */
export function useTypedValues<Name extends string>(
  quantities: Readonly<Record<Name, TypedQuantity>>,
  begin?: Readonly<Partial<Record<Name, string>>>,
): TypedValues<Name> {
  const names = Object.keys(quantities) as Name[];
  const record = <Value>(valueOf: (name: Name) => Value) =>
    Object.fromEntries(names.map((name) => [name, valueOf(name)])) as Record<Name, Value>;
  const [texts, setTexts] = useState(() => record((name) => begin?.[name] ?? ''));
  const reads = record((name) =>
    texts[name].trim() === '' ? null : readTyped(texts[name], quantities[name]),
  );
  const values = names.every((name) => reads[name] !== null && 'value' in reads[name])
    ? record((name) => (reads[name] as { value: number }).value)
    : null;
  return {
    texts,
    reads,
    values,
    type: (name, text) => setTexts({ ...texts, [name]: text }),
    clear: () => setTexts(record(() => '')),
  };
}
