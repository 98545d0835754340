import { panelFigure, type PanelRow } from '../shared/panel/panelKnobs.js';

/** The rows that are worth a figure: a full duty goes without saying. */
export function dialledRows<Row extends PanelRow>(rows: readonly Row[]): readonly Row[] {
  return rows.filter(({ knob, value }) => knob !== 'duty' || value < 1);
}

/** Numbers of a panel in one line, each with its unit: "2.0 mm, 60 Hz, 67 cm/min". */
export function dialledFigures(rows: readonly PanelRow[]): string {
  return dialledRows(rows)
    .map((row) => `${panelFigure(row, row.value)} ${row.scale.unit}`)
    .join(', ');
}
