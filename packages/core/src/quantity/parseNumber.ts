/** A number at the start of a typed quantity, and the unit text that follows it. */
export interface NumberAndRest {
  readonly value: number;
  /** Written as a fraction, which on its own means inches. */
  readonly isFraction: boolean;
  /** Written as 1,500: a decimal comma or a thousands mark, and nobody can tell which. */
  readonly isAmbiguousComma: boolean;
  readonly rest: string;
}

const mixedFraction = /^([+-]?)(\d+)(?:\s*-\s*|\s+)(\d+)\s*\/\s*(\d+)(.*)$/s;
const plainFraction = /^([+-]?)(\d+)\s*\/\s*(\d+)(.*)$/s;
const decimal = /^([+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+))(.*)$/s;

/**
 * Reads the number a person wrote: decimal point or comma, no leading zero, fraction, mixed fraction.
 *
 * @param text trimmed, in lower case, with typographic signs already folded
 * @returns null where the text does not start with a number or divides by zero
 * @example
 * parseNumber('1-1/2 in')?.value // => 1.5
 */
export function parseNumber(text: string): NumberAndRest | null {
  return parseMixed(text) ?? parseFraction(text) ?? parseDecimal(text);
}

function parseMixed(text: string): NumberAndRest | null {
  const match = mixedFraction.exec(text);
  if (match === null) return null;
  const [, sign, whole, top, bottom, rest = ''] = match;
  return fromFraction(sign, Number(whole), Number(top), Number(bottom), rest);
}

function parseFraction(text: string): NumberAndRest | null {
  const match = plainFraction.exec(text);
  if (match === null) return null;
  const [, sign, top, bottom, rest = ''] = match;
  return fromFraction(sign, 0, Number(top), Number(bottom), rest);
}

function fromFraction(
  sign: string | undefined,
  whole: number,
  top: number,
  bottom: number,
  rest: string,
): NumberAndRest | null {
  if (bottom === 0) return null;
  const value = (sign === '-' ? -1 : 1) * (whole + top / bottom);
  return { value, isFraction: true, isAmbiguousComma: false, rest: rest.trim() };
}

function parseDecimal(text: string): NumberAndRest | null {
  const match = decimal.exec(text);
  if (match === null) return null;
  const [, digits = '', rest = ''] = match;
  const value = Number(digits.replace(',', '.'));
  if (!Number.isFinite(value)) return null;
  return {
    value,
    isFraction: false,
    isAmbiguousComma: /^[+-]?[1-9]\d{0,2},\d{3}$/.test(digits),
    rest: rest.trim(),
  };
}
