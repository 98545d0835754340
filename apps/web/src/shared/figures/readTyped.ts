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
import { spokenRange } from './spokenRange.js';
import { spokenUnit, typedText } from './spoken.js';

/** A value typed in any unit that its quantity has, in the range's own unit; or why it cannot be. */
export type TypedValue = { readonly value: number } | { readonly fault: string };

/** A quantity that is typed: where it may lie, and what it is a quantity of; null for a plain number. */
export interface TypedQuantity {
  readonly range: AllowedRange;
  readonly dimension: Dimension | null;
}

/** The unit that a number without one is in, which its field shows: the shop's. */
export function bareUnitOf({ range }: TypedQuantity): string {
  return spokenUnit(range.unit).unit;
}

/** Reads what was typed; a number without a unit is in the shop's, and one that is out of reach says what it may have been meant as. */
export function readTyped(text: string, typed: TypedQuantity): TypedValue {
  const { range, dimension } = typed;
  const value = dimension === null ? plainNumber(text) : quantity(text, dimension, typed);
  const allowed = describeRange(dimension === null ? range : spokenRange(range));
  if (value === null) {
    return {
      fault: describeFault({ quantity: range.quantity, given: `“${text}”`, allowed }),
    };
  }
  const isOwnUnit = bareUnitOf(typed) === range.unit;
  const slip = isOwnUnit && plainNumber(text) !== null ? slipOf(value, dimension, range) : null;
  if (slip !== null) return { fault: slip };
  const rounded = Math.round(value * 1e6) / 1e6;
  if (rounded >= range.min && rounded <= range.max) return { value: rounded };
  return {
    fault: describeFault({ quantity: range.quantity, given: `“${text}”`, allowed }),
  };
}

/**
 * Reads what was typed over a value: one that nobody touched stays what it was, to its last digit, however the shop's unit
 * rounds it.
 *
 * @param decimals with which its text began. @see typedText
 */
export function readTypedOver(was: number | undefined, text: string, typed: TypedQuantity, decimals: number) {
  return was !== undefined && text === typedText(was, typed.range.unit, decimals)
    ? { value: was }
    : readTyped(text, typed);
}

function plainNumber(text: string): number | null {
  const number = parseNumber(text.trim().toLowerCase().replace(/\s*%$/, ''));
  return number === null || number.rest !== '' ? null : number.value;
}

function quantity(text: string, dimension: Dimension, typed: TypedQuantity): number | null {
  const parsed = parseQuantity(text, dimension, { bareUnit: bareUnitOf(typed), into: typed.range.unit });
  return parsed.ok ? parsed.value : null;
}

function slipOf(value: number, dimension: Dimension | null, range: AllowedRange): string | null {
  if (dimension === 'temperature') return temperatureSlip(value, range)?.words ?? null;
  if (dimension === 'pressure') return pressureSlip(value, range)?.words ?? null;
  return null;
}
