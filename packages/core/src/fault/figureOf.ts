/**
 * A value as a refusal says it: as it was meant, without what binary fractions leave behind it.
 *
 * @param value any number, also NaN and infinities
 * @example
 * figureOf(0.1 + 0.2) // => '0.3'
 */
export function figureOf(value: number): string {
  return String(Number(value.toPrecision(12)));
}
