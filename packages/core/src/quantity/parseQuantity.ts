import { RangeFault, type FaultDetail } from '../fault/index.js';
import { parseNumber, type NumberAndRest } from './parseNumber.js';
import { sheetGaugeMm, type SheetFamily } from './sheetGauge.js';
import { dimensionUnits, type Dimension } from './unitSpellings.js';

/** What was understood from a typed quantity, or why it was not. */
export type ParsedQuantity =
  | {
      readonly ok: true;
      /** In the dimension's shop unit (mm, mm/s, L/min, bar, °C, W, ms, Hz, kg), or the one it was asked for in. */
      readonly value: number;
      /** The unit the text was read in, such as "in" for a bare ".063". */
      readonly readAs: string;
    }
  | { readonly ok: false; readonly fault: FaultDetail };

export interface ParseOptions {
  /** The gauge table a gauge number means; without one a gauge number is refused. */
  readonly sheet?: SheetFamily | null;
  /** The unit of a number without one; by default the shop unit, and for lengths see below. */
  readonly bareUnit?: string;
  /** A bare length below this many millimetres is inches; by default what no sheet is thinner than. */
  readonly smallestBareMm?: number;
  /** The unit that the value is handed on in; by default the shop unit. */
  readonly into?: string;
}

/** Below this many millimetres a bare length is taken for inches: nobody welds 0.06 mm sheet. */
const thinnestSheetMm = 0.3;

/** Dimensions in which thousands are common, so that 1,500 may mean fifteen hundred. */
const countsThousands: ReadonlySet<Dimension> = new Set(['power', 'frequency', 'duration']);

/**
 * Reads a quantity as people in the shop write it. A bare length is mm when it is 0.3 or more and no fraction,
 * inches when it is a fraction or below 0.3, unless what it is a length of may be that small. Gauge numbers need the sheet's family. Never throws.
 *
 * @param text what was typed, such as "16 ga", "1-1/2 in", ".035\"", "1,5 mm", "35 cfh"
 * @param dimension what the text should be a quantity of
 * @example
 * parseQuantity('60 cm/min', 'speed') // => { ok: true, value: 10, readAs: 'cm/min' }
 */
export function parseQuantity(
  text: string,
  dimension: Dimension,
  options: ParseOptions = {},
): ParsedQuantity {
  const number = parseNumber(foldTypography(text));
  if (number === null) return refuse(text, dimension);
  if (number.isAmbiguousComma && countsThousands.has(dimension)) {
    return refuse(text, dimension, 'Write it without the comma: it may mean a decimal or thousands.');
  }
  if (dimension === 'length' && /^(ga|gauge)\.?$/.test(number.rest)) {
    return parseGauge(text, number.value, options.sheet ?? null);
  }
  const unit = number.rest === '' ? bareUnit(number, dimension, options) : number.rest;
  const scale = unitScale(dimension, unit);
  if (scale === undefined) return refuse(text, dimension);
  const into = options.into === undefined ? undefined : unitScale(dimension, options.into);
  const { factor, offset = 0 } = into ?? { factor: 1 };
  return {
    ...{ ok: true, readAs: unit },
    value: (number.value * scale.factor + (scale.offset ?? 0) - offset) / factor,
  };
}

function unitScale(dimension: Dimension, unit: string) {
  return dimensionUnits[dimension].scales.get(unit.toLowerCase().replaceAll(' ', ''));
}

function bareUnit(number: NumberAndRest, dimension: Dimension, options: ParseOptions): string {
  if (options.bareUnit !== undefined) return options.bareUnit.toLowerCase();
  if (dimension !== 'length') return dimensionUnits[dimension].shopUnit.toLowerCase();
  const { smallestBareMm = thinnestSheetMm } = options;
  const isInches = number.isFraction || (number.value !== 0 && Math.abs(number.value) < smallestBareMm);
  return isInches ? 'in' : 'mm';
}

function parseGauge(text: string, gauge: number, sheet: SheetFamily | null): ParsedQuantity {
  if (sheet === null) {
    return refuse(text, 'length', 'This metal has no gauge table: give mm or inches.');
  }
  try {
    return { ok: true, value: sheetGaugeMm(sheet, gauge), readAs: 'ga' };
  } catch (error) {
    if (error instanceof RangeFault) return { ok: false, fault: error };
    throw error;
  }
}

function refuse(text: string, dimension: Dimension, remedy?: string): ParsedQuantity {
  const fault: FaultDetail = {
    quantity: dimension,
    given: `“${text}”`,
    allowed: `a number with a unit, such as ${dimensionUnits[dimension].examples}`,
  };
  return { ok: false, fault: remedy === undefined ? fault : { ...fault, remedy } };
}

/** Folds curly quotes, primes, the micro and degree signs, vulgar fractions and upper case into plain spellings. */
function foldTypography(text: string): string {
  return text
    .trim()
    .replaceAll('º', '°')
    .replace(/[\u00bc-\u00be\u2150-\u215e]/g, ' $&')
    .normalize('NFKC')
    .replaceAll('\u2044', '/')
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/[\u201c\u201d\u2033]/g, '"')
    .replace(/[\u2018\u2019\u2032]/g, "'")
    .replace(/[\u03bc\u00b5]/g, 'µ')
    .toLowerCase()
    .trim();
}
