import { figureOf } from './figureOf.js';
import { RangeFault } from './RangeFault.js';

/** A closed range of a quantity, in the unit it is shown in. */
export interface AllowedRange {
  readonly quantity: string;
  readonly min: number;
  readonly max: number;
  /** Shown after the numbers; empty for a pure number. */
  readonly unit: string;
}

/**
 * The range in words.
 *
 * @example
 * describeRange({ quantity: 'gap', min: 0, max: 1.5, unit: 'mm' }) // => '0 to 1.5 mm'
 */
export function describeRange({ min, max, unit }: AllowedRange): string {
  return `${figureOf(min)} to ${figureOf(max)} ${unit}`.trimEnd();
}

/**
 * Refuses a value outside its range, NaN and infinities included.
 *
 * @param value in the range's own unit
 * @throws RangeFault naming the quantity, the value and the range
 * @example
 * requireWithin(3, { quantity: 'gap', min: 0, max: 5, unit: 'mm' }) // => undefined
 */
export function requireWithin(value: number, range: AllowedRange): void {
  if (value >= range.min && value <= range.max) return;
  throw new RangeFault({
    quantity: range.quantity,
    given: `${figureOf(value)} ${range.unit}`.trimEnd(),
    allowed: describeRange(range),
  });
}
