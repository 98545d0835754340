import {
  describeFault,
  describeRange,
  parseNumber,
  parseQuantity,
  pressureSlip,
  temperatureSlip,
  type AllowedRange,
  type Dimension,
} from '@lone-heron/core';

/** A value typed in any unit that its quantity has, in the range's own unit; or why it cannot be. */
export type TypedValue = { readonly value: number } | { readonly fault: string };

/** A quantity that is typed: where it may lie, and what it is a quantity of; null for a plain number. */
export interface TypedQuantity {
  readonly range: AllowedRange;
  readonly dimension: Dimension | null;
}

/** Reads what was typed; a number without a unit means the range's own, and one that is out of reach says what it may have been meant as. */
export function readTyped(text: string, { range, dimension }: TypedQuantity): TypedValue {
  const value = dimension === null ? plainNumber(text) : quantity(text, dimension, range.unit);
  if (value === null) {
    return {
      fault: describeFault({ quantity: range.quantity, given: `“${text}”`, allowed: describeRange(range) }),
    };
  }
  const slip = slipOf(value, dimension, range);
  if (slip !== null && plainNumber(text) !== null) return { fault: slip };
  if (value >= range.min && value <= range.max) return { value: Math.round(value * 1000) / 1000 };
  return {
    fault: describeFault({ quantity: range.quantity, given: `“${text}”`, allowed: describeRange(range) }),
  };
}

function plainNumber(text: string): number | null {
  const number = parseNumber(text.trim().toLowerCase().replace(/\s*%$/, ''));
  return number === null || number.rest !== '' ? null : number.value;
}

function quantity(text: string, dimension: Dimension, bareUnit: string): number | null {
  const parsed = parseQuantity(text, dimension, { bareUnit });
  return parsed.ok ? parsed.value : null;
}

function slipOf(value: number, dimension: Dimension | null, range: AllowedRange): string | null {
  if (dimension === 'temperature') return temperatureSlip(value, range)?.words ?? null;
  if (dimension === 'pressure') return pressureSlip(value, range)?.words ?? null;
  return null;
}
