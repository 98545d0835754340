import { useState } from 'react';
import { readTyped, type TypedQuantity, type TypedValue } from '../figures/readTyped.js';
import { useKept } from '../typing/useKept.js';

/** Values that are typed side by side. */
export interface TypedValues<Name extends string> {
  readonly texts: Readonly<Record<Name, string>>;
  /** What was read of each; null while it is empty. */
  readonly reads: Readonly<Record<Name, TypedValue | null>>;
  /** All of them, once every one is good. */
  readonly values: Readonly<Record<Name, number>> | null;
  readonly type: (name: Name, text: string) => void;
}

type Quantities<Name extends string> = Readonly<Record<Name, TypedQuantity>>;
type Texts<Name extends string> = Readonly<Record<Name, string>>;
type Begin<Name extends string> = Readonly<Partial<Record<Name, string>>>;

/**
 * What is typed into a few fields, to work something out with.
 *
 * @param begin what stands in them at first; empty where left out
 */
export function useTypedValues<Name extends string>(
  quantities: Quantities<Name>,
  begin?: Begin<Name>,
): TypedValues<Name> {
  const [texts, setTexts] = useState(() => textsOf(quantities, begin));
  return typedValues(quantities, texts, setTexts);
}

/**
 * What is typed into a few fields of a sheet that is saved: kept until it is.
 *
 * @param begin what stands in them at first; empty where left out
 */
export function useKeptValues<Name extends string>(
  sheet: string,
  field: string,
  quantities: Quantities<Name>,
  begin?: Begin<Name>,
): TypedValues<Name> {
  const [texts, setTexts] = useKept(sheet, field, () => textsOf(quantities, begin));
  return typedValues(quantities, texts, setTexts);
}

function typedValues<Name extends string>(
  quantities: Quantities<Name>,
  texts: Texts<Name>,
  setTexts: (texts: Texts<Name>) => void,
): TypedValues<Name> {
  const names = namesOf(quantities);
  const reads = recordOf(names, (name) =>
    texts[name].trim() === '' ? null : readTyped(texts[name], quantities[name]),
  );
  const values = names.every((name) => reads[name] !== null && 'value' in reads[name])
    ? recordOf(names, (name) => (reads[name] as { value: number }).value)
    : null;
  return {
    texts,
    reads,
    values,
    type: (name, text) => setTexts({ ...texts, [name]: text }),
  };
}

function textsOf<Name extends string>(quantities: Quantities<Name>, begin?: Begin<Name>): Texts<Name> {
  return recordOf(namesOf(quantities), (name) => begin?.[name] ?? '');
}

function namesOf<Name extends string>(quantities: Quantities<Name>): readonly Name[] {
  return Object.keys(quantities) as Name[];
}

function recordOf<Name extends string, Value>(
  names: readonly Name[],
  valueOf: (name: Name) => Value,
): Readonly<Record<Name, Value>> {
  return Object.fromEntries(names.map((name) => [name, valueOf(name)])) as Record<Name, Value>;
}
