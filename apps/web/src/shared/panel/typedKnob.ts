import { describeFault, panelToSi, parseQuantity, siToPanel, type Dimension } from '@lone-heron/core';
import { panelFigure, type PlateRow } from './panelKnobs.js';

/** What was typed into a knob: a value in SI that the machine can take, or why not. */
export type TypedKnob = { readonly value: number } | { readonly fault: string };

/** SI units in one shop unit of the dimension. */
const siPerShopUnit: Readonly<Partial<Record<Dimension, number>>> = { length: 0.001, speed: 0.001 };

/** Reads what was typed in the panel's unit, or in any unit that is named; snapped to the panel's steps. */
export function readTypedKnob(text: string, row: PlateRow): TypedKnob {
  const value = readSi(text, row);
  const allowed = `${panelFigure(row, row.least)} to ${panelFigure(row, row.most)} ${row.scale.unit}`;
  const fault = { fault: describeFault({ quantity: row.name.toLowerCase(), given: `“${text}”`, allowed }) };
  if (value === null) return fault;
  const slack = row.step / 1000;
  if (value < row.least - slack || value > row.most + slack) return fault;
  return { value: snapped(value, row) };
}

function readSi(text: string, { dimension, ownsBare, scale }: PlateRow): number | null {
  const bare = /^\s*([+-]?[\d.,]+)\s*%?\s*$/.exec(text);
  if (bare !== null && ownsBare) {
    const number = Number(bare[1]?.replace(',', '.'));
    return Number.isFinite(number) ? panelToSi(scale.dial, number) : null;
  }
  if (dimension === null) return null;
  const parsed = parseQuantity(text, dimension, { bareUnit: scale.unit });
  return parsed.ok ? parsed.value * (siPerShopUnit[dimension] ?? 1) : null;
}

/** The nearest value the panel can show, within its limits. */
export function snapped(value: number, row: PlateRow): number {
  const { least, most, step, scale } = row;
  const nearest = scale.isNotched
    ? panelToSi(scale.dial, Math.round(siToPanel(scale.dial, value)))
    : least + Math.round((value - least) / step) * step;
  return Math.min(Math.max(nearest, least), most);
}

/** The value so many of the panel's steps on. */
export function turnedBy(steps: number, row: PlateRow): number {
  const { scale, value, step } = row;
  if (!scale.isNotched) return snapped(value + steps * step, row);
  return snapped(panelToSi(scale.dial, Math.round(siToPanel(scale.dial, value)) + steps), row);
}
