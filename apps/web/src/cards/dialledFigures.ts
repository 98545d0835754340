import { panelFigure, type PanelRow } from '../shared/panel/panelKnobs.js';

/** Numbers of a panel in one line, each with its unit: "2.0 mm, 60 Hz, 67 cm/min". A full duty goes without saying. */
export function dialledFigures(rows: readonly PanelRow[]): string {
  return rows
    .filter(({ knob, value }) => knob !== 'duty' || value < 1)
    .map((row) => `${panelFigure(row, row.value)} ${row.scale.unit}`)
    .join(', ');
}
