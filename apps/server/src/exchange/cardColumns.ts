import { column, type CsvColumn } from '../csv/csvSheet.js';
import { jointColumns, jointMoreColumn, settingColumns } from '../csv/weldColumns.js';

/** What a file of cards has of each card's newest version, in order. docs/file-formats.md tells the same. */
export const cardColumns: readonly CsvColumn[] = [
  column('id', 'text', 'id'),
  column('name', 'text', 'content.name'),
  column('machine', 'text', 'content.machineId'),
  ...jointColumns('content.'),
  ...settingColumns('content.'),
  column('nozzle', 'text', 'content.nozzle.shape'),
  column('nozzle_grooved', 'yesNo', 'content.nozzle.isGrooved'),
  column('bore_mm', 'number', 'content.nozzle.boreMm'),
  column('focus_mm', 'number', 'content.focusMm'),
  column('gun_deg', 'number', 'content.gunAngleDeg'),
  column('gas_before_s', 'number', 'content.gasBeforeS'),
  column('ramp_up_s', 'number', 'content.rampUpS'),
  column('ramp_down_s', 'number', 'content.rampDownS'),
  column('gas_after_s', 'number', 'content.gasAfterS'),
  column('notes', 'text', 'content.notes'),
  column('tags', 'json', 'content.tags'),
  column('level', 'json', 'content.level'),
  jointMoreColumn('content.'),
];
