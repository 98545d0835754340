import { column, measure, type CsvColumn } from './csvSheet.js';

/**
 * Columns of a joint and of what was dialled; what only some joints have goes into `joint_more`.
 *
 * @param branch where joint and setting lie in the record, with a dot at its end; empty for the record itself
 */
export function jointColumns(branch: string): readonly CsvColumn[] {
  return [
    column('joint', 'text', `${branch}joint.kind`),
    column('metal', 'text', `${branch}joint.metal`),
    measure('first_mm', 'length', `${branch}joint.firstThicknessMm`),
    measure('second_mm', 'length', `${branch}joint.secondThicknessMm`),
    measure('gap_mm', 'length', `${branch}joint.gapMm`),
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
    measure('wobble_mm', 'length', `${branch}setting.wobble.widthMm`),
    column('wobble_hz', 'number', `${branch}setting.wobble.frequencyHz`),
    column('pace', 'text', `${branch}setting.pace.by`),
    measure('travel_mm_s', 'travel', `${branch}setting.pace.travelMmS`),
    column('wire_mm', 'number', `${branch}setting.pace.wireDiameterMm`),
    measure('wire_mm_s', 'travel', `${branch}setting.pace.wireSpeedMmS`),
    column('wire', 'text', `${branch}setting.pace.filler`),
    column('gas', 'text', `${branch}setting.gas`),
    measure('gas_l_min', 'gasFlow', `${branch}setting.gasFlowLMin`),
  ];
}
