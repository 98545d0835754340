import { gaugeTables } from '../quantity/index.js';
import type { UnitSlip } from './UnitSlip.js';

/** A factor by which a number comes out too large, and the mistake behind it. */
interface Slip {
  readonly factor: number;
  readonly meant: string;
}

/** Slips of a thickness: what the number in mm was probably meant as. */
const thicknessSlips: readonly Slip[] = [
  { factor: 25.4, meant: 'millimetres, read as inches' },
  { factor: 1 / 25.4, meant: 'inches, read as millimetres' },
  { factor: 10, meant: 'millimetres, read as centimetres' },
  { factor: 1000 / 25.4, meant: 'thousandths of an inch, read as millimetres' },
];

/** Sheet that these machines weld, mm: the thinnest of any gauge table to the thickest plate. */
const sheet = {
  thinnest: Math.min(...Object.values(gaugeTables).flatMap((table) => [...table.values()])),
  thickest: 12,
};

/**
 * Catches a thickness outside any gauge and any plate these machines weld.
 *
 * @param thicknessMm as it was read, mm, above 0
 * @example
 * thicknessSlip(63)?.words // => '63 mm is no sheet for this work (0.32 to 12 mm). Probably thousandths of an inch, read as millimetres: 1.60 mm.'
 */
export function thicknessSlip(thicknessMm: number): UnitSlip | null {
  if (isSheet(thicknessMm)) return null;
  const odd = `${thicknessMm} mm is no sheet for this work (${sheet.thinnest.toFixed(2)} to ${sheet.thickest} mm).`;
  const likely = thicknessSlips
    .map(({ factor, meant }) => ({ meant, value: thicknessMm / factor }))
    .filter(({ value }) => isSheet(value))
    .toSorted(
      (a, b) => Math.abs(Math.log(a.value / usualSheet)) - Math.abs(Math.log(b.value / usualSheet)),
    )[0];
  if (likely === undefined) return { words: odd, probably: null };
  return { words: `${odd} Probably ${likely.meant}: ${likely.value.toFixed(2)} mm.`, probably: likely.value };
}

/** What most sheet in a small shop is like, mm. */
const usualSheet = 1.5;

function isSheet(mm: number): boolean {
  return mm >= sheet.thinnest - 1e-9 && mm <= sheet.thickest;
}
