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
import { spokenRange, spokenUnit } from './spoken.js';

/** A value typed in any unit that its quantity has, in the range's own unit; or why it cannot be. */
export type TypedValue = { readonly value: number } | { readonly fault: string };

/** A quantity that is typed: where it may lie, and what it is a quantity of; null for a plain number. */
export interface TypedQuantity {
  readonly range: AllowedRange;
  readonly dimension: Dimension | null;
  /** Whether a number without a unit is in the shop's unit, which the field then shows; else in the range's own. */
  readonly isSpoken?: boolean;
}

/** The unit that a number without one is in. */
export function bareUnitOf({ range, isSpoken = false }: TypedQuantity): string {
  return isSpoken ? spokenUnit(range.unit).unit : range.unit;
}

/** Reads what was typed; a number without a unit means the range's own, and one that is out of reach says what it may have been meant as. */
export function readTyped(text: string, typed: TypedQuantity): TypedValue {
  const { range, dimension, isSpoken = false } = typed;
  const value = dimension === null ? plainNumber(text) : quantity(text, dimension, bareUnitOf(typed));
  const allowed = describeRange(isSpoken ? spokenRange(range) : range);
  if (value === null) {
    return {
      fault: describeFault({ quantity: range.quantity, given: `“${text}”`, allowed }),
    };
  }
  const slip = slipOf(value, dimension, range);
  if (slip !== null && plainNumber(text) !== null) return { fault: slip };
  if (value >= range.min && value <= range.max) return { value: Math.round(value * 1000) / 1000 };
  return {
    fault: describeFault({ quantity: range.quantity, given: `“${text}”`, allowed }),
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
