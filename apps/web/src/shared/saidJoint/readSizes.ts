import {
  describeFault,
  describeRange,
  metalTable,
  parseQuantity,
  thicknessSlip,
  type AllowedRange,
  type MetalId,
} from '@lone-heron/core';
import type { Read } from './readWord.js';

/** How a house writes a length without a unit. */
export type HouseLength = 'mm' | 'in';

/** Words that are sizes of the joint, mm. */
export type SizeName =
  'first' | 'second' | 'gap' | 'land' | 'leg' | 'tube' | 'hole' | 'stitch' | 'pitch' | 'offset' | 'edgeAway';

/** A gap of 0.2 is one of 0.2 mm, where a sheet of 0.06 is none; one of .004 is meant in inches all the same. */
const narrowestGapMm = 0.02;

/** A length in mm, typed in any unit or as a gauge of its metal. */
export function readLength(
  word: string,
  metal: MetalId | null,
  range: AllowedRange,
  bare: HouseLength,
): Read<number> {
  const sheet = metal === null ? null : metalTable[metal].sheet;
  const small = range.min === 0 ? { smallestBareMm: narrowestGapMm } : {};
  const parsed = parseQuantity(word, 'length', { sheet, ...(bare === 'in' ? { bareUnit: 'in' } : small) });
  if (!parsed.ok) return { fault: describeFault({ ...parsed.fault, quantity: range.quantity }) };
  const value = Math.round(parsed.value * 1e4) / 1e4;
  if (value >= range.min && value <= range.max) return { value };
  // Who names the unit has said what was meant.
  const isBare = /^[\d.,\s/-]+$/.test(word);
  const slip = isBare && range.quantity === 'thickness' && value > 0 ? thicknessSlip(value) : null;
  if (slip !== null && slip.probably !== null) return { fault: `thickness ${word}: ${slip.words}` };
  return { fault: describeFault({ quantity: range.quantity, given: word, allowed: describeRange(range) }) };
}

/** A time in ms inside a machine's reach. */
export function readMilliseconds(
  word: string,
  quantity: string,
  { least, most }: { readonly least: number; readonly most: number },
): Read<number> {
  const parsed = parseQuantity(word, 'duration');
  const range = { quantity, min: least, max: most, unit: 'ms' };
  if (parsed.ok && parsed.value >= least && parsed.value <= most) return { value: parsed.value };
  return { fault: describeFault({ quantity, given: `“${word}”`, allowed: describeRange(range) }) };
}

/** A time in seconds inside a range. */
export function readSeconds(word: string, range: AllowedRange): Read<number> {
  const parsed = parseQuantity(word, 'duration', { bareUnit: 's' });
  const value = parsed.ok ? parsed.value / 1000 : null;
  if (value !== null && value >= range.min && value <= range.max) return { value };
  return {
    fault: describeFault({ quantity: range.quantity, given: `“${word}”`, allowed: describeRange(range) }),
  };
}
