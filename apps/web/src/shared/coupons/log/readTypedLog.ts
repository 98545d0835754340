import { couponRanges } from '@lone-heron/contract';
import { shopUnits } from '../../figures/shopUnits.js';
import { spokenRange } from '../../figures/spokenRange.js';
import { describeFault, describeRange, parseQuantity, type AllowedRange } from '@lone-heron/core';

/** A figure typed into the log: its value, null where it was left out, or why it cannot be. */
export type TypedFigure = { readonly value: number | null } | { readonly fault: string };

/** Seconds the light was on; a number without a unit means seconds. */
export function readLightOn(text: string): TypedFigure {
  return read(text, couponRanges.lightOn, () => {
    const parsed = parseQuantity(text, 'duration', { bareUnit: 's' });
    return parsed.ok ? parsed.value / 1000 : null;
  });
}

/** Length of the run in mm; a number without a unit is in the shop's, whatever its size. */
export function readRunLength(text: string): TypedFigure {
  return read(text, couponRanges.runLength, () => lengthMm(text));
}

/** Where a stretch of the run ends, mm from its start. */
export function readStretchEnd(text: string): TypedFigure {
  return read(text, couponRanges.stretchEnd, () => lengthMm(text));
}

/** Gun from the sheet, degrees. */
export function readGunAngle(text: string): TypedFigure {
  return read(text, couponRanges.gunAngle, () => {
    const value = Number(text.replace(',', '.').replace(/\s*(°|deg(rees)?)$/i, ''));
    return Number.isFinite(value) ? value : null;
  });
}

function lengthMm(text: string): number | null {
  const parsed = parseQuantity(text, 'length', { bareUnit: shopUnits().length });
  return parsed.ok ? parsed.value : null;
}

function read(text: string, range: AllowedRange, parse: () => number | null): TypedFigure {
  if (text.trim() === '') return { value: null };
  const value = parse();
  if (value !== null && value >= range.min && value <= range.max)
    return { value: Math.round(value * 100) / 100 };
  return {
    fault: describeFault({
      quantity: range.quantity,
      given: `“${text}”`,
      allowed: describeRange(spokenRange(range)),
    }),
  };
}
