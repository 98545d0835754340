import { describeFault, describeRange, parseQuantity, type AllowedRange } from '@lone-heron/core';
import { spokenRange } from '../../shared/figures/spokenRange.js';

/** A figure that may be left out: in seconds or mm; null where nothing was typed. */
export function readTrialFigure(
  text: string,
  range: AllowedRange,
  dimension: 'duration' | 'length',
  bareUnit: string,
): { readonly value: number | null } | { readonly fault: string } {
  if (text.trim() === '') return { value: null };
  const parsed = parseQuantity(text, dimension, { bareUnit });
  const value = parsed.ok ? parsed.value / (dimension === 'duration' ? 1000 : 1) : null;
  if (value !== null && value >= range.min && value <= range.max)
    return { value: Number(value.toPrecision(6)) };
  const allowed = describeRange(spokenRange(range));
  return { fault: describeFault({ quantity: range.quantity, given: `“${text}”`, allowed }) };
}
