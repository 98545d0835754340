import { behindPanel, panelFigure, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';
import type { DialOutcome } from '../dialOutcome.js';

/**
 * What is computed by now and would show otherwise on the panel than what stands on the plate, such as "power 55 % (825 W), wire
 * 68 cm/min"; empty where the panel would show the same.
 */
export function newNumbers({
  said,
  house,
  base,
  computed,
}: Pick<DialOutcome, 'said' | 'house' | 'base' | 'computed'>): string {
  const rowsOf = (setting: DialOutcome['base']) => panelRows(said.machine.profile, setting, house.units);
  const standing = new Map(rowsOf(base).map((row) => [row.knob, shownOf(row)]));
  return rowsOf(computed)
    .filter((row) => standing.get(row.knob) !== shownOf(row))
    .map((row) => `${row.name.toLowerCase()} ${shownOf(row)}${asideOf(row)}`)
    .join(', ');
}

function shownOf(row: PanelRow): string {
  return `${panelFigure(row, row.value)} ${row.scale.unit}`;
}

function asideOf(row: PanelRow): string {
  const aside = behindPanel(row);
  return aside === undefined ? '' : ` (${aside})`;
}
