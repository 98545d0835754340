import { parseQuantity, sheetGaugeMm, type Dimension, type SheetFamily } from '../../quantity/index.js';
import { closedForm, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

interface QuantityCase {
  text: string;
  dimension: Dimension;
  sheet: SheetFamily | null;
  value: number;
}

const quantities = overCases<QuantityCase>(({ text, dimension, sheet, value }) => {
  const parsed = parseQuantity(text, dimension, { sheet });
  return compare(`“${text}”`, closedForm, [[dimension, value, parsed.ok ? parsed.value : NaN]]);
});

interface GaugeFile {
  families: Record<SheetFamily, Record<string, number>>;
}

const sheetGauge = ({ families }: GaugeFile) => {
  return Object.entries(families).flatMap(([family, table]) =>
    Object.entries(table).flatMap(([gauge, thickness]) =>
      compare(`${family} ${gauge} ga`, closedForm, [
        ['mm', thickness, sheetGaugeMm(family as SheetFamily, Number(gauge))],
      ]),
    ),
  );
};

/** How people write quantities, and what a gauge number is thick. */
export const quantityChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['quantities', quantities as GoldenCheck],
  ['sheet-gauge', sheetGauge as GoldenCheck],
];
