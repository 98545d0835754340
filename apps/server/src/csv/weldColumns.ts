import { column, type CsvColumn } from './csvSheet.js';

/**
 * Columns of a joint and of what was dialled; what only some joints have goes into `joint_more`.
 *
 * @param branch where joint and setting lie in the record, with a dot at its end; empty for the record itself
 */
export function jointColumns(branch: string): readonly CsvColumn[] {
  return [
    column('joint', 'text', `${branch}joint.kind`),
    column('metal', 'text', `${branch}joint.metal`),
    column('first_mm', 'number', `${branch}joint.firstThicknessMm`),
    column('second_mm', 'number', `${branch}joint.secondThicknessMm`),
    column('gap_mm', 'number', `${branch}joint.gapMm`),
  ];
}

/** Must stand behind the columns of the joint: it is merged into what they made. */
export function jointMoreColumn(branch: string): CsvColumn {
  return column('joint_more', 'json', `${branch}joint.*`);
}

export function settingColumns(branch: string): readonly CsvColumn[] {
  return [
    column('power_w', 'number', `${branch}setting.powerW`),
    column('duty_percent', 'number', `${branch}setting.dutyPercent`),
    column('modulation_hz', 'number', `${branch}setting.modulationHz`),
    column('wobble', 'text', `${branch}setting.wobble.shape`),
    column('wobble_mm', 'number', `${branch}setting.wobble.widthMm`),
    column('wobble_hz', 'number', `${branch}setting.wobble.frequencyHz`),
    column('pace', 'text', `${branch}setting.pace.by`),
    column('travel_mm_s', 'number', `${branch}setting.pace.travelMmS`),
    column('wire_mm', 'number', `${branch}setting.pace.wireDiameterMm`),
    column('wire_mm_s', 'number', `${branch}setting.pace.wireSpeedMmS`),
    column('wire', 'text', `${branch}setting.pace.filler`),
    column('gas', 'text', `${branch}setting.gas`),
    column('gas_l_min', 'number', `${branch}setting.gasFlowLMin`),
  ];
}
