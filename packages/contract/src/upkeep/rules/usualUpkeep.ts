import type { MachineProfile } from '../../machines/machine.js';
import type { UpkeepTask } from '../upkeepPlan.js';

type Waters = MachineProfile['coolant'];
const daysOfMonth = 30;

/**
 * Where a machine's upkeep starts before a lead has written one: what such a machine usually asks, with planning
 * intervals. The machine's own manual decides.
 */
export function usualUpkeep(profile: MachineProfile): readonly UpkeepTask[] {
  const isFibre = profile.lamp === null;
  return [
    ...profile.coolant.map((circuit, i) => waterTask(circuit, i === 0 ? 1 : 2)),
    task('window-look', 'Look at the protective window', 'Out of the head, against a plain ground.', {
      interval: { by: 'lightHours', hours: 4 },
      part: 'window',
    }),
    task('seal-look', 'Look at the window’s seal', 'No nick, no flat, no dust under it.', {
      interval: { by: 'date', days: 30 },
      part: 'seal',
    }),
    ...(isFibre ? gunTasks : []),
    ...(profile.wireSpeedMmS === null ? [] : feederTasks),
    ...safetyTasks,
  ];
}

type Rest = Pick<UpkeepTask, 'interval' | 'part'> & Partial<Pick<UpkeepTask, 'record' | 'reads'>>;

function task(id: string, title: string, how: string, rest: Rest): UpkeepTask {
  return { id, title, how, record: null, reads: '', ...rest };
}

function waterTask({ name, changeMonths }: Waters[number], circuit: 1 | 2): UpkeepTask {
  return task(
    `water-${circuit}`,
    `Change the water of the ${name} circuit`,
    'Deionised or distilled, as the chiller’s manual says; filter looked at with it.',
    {
      interval: { by: 'date', days: Math.round(changeMonths * daysOfMonth) },
      part: 'water',
      record: circuit === 1 ? 'waterChange1' : 'waterChange2',
    },
  );
}

const gunTasks: readonly UpkeepTask[] = [
  task('nozzle-look', 'Measure the nozzle’s bore', 'Round, clean, not grown wider.', {
    interval: { by: 'lightHours', hours: 10 },
    part: 'nozzle',
    reads: 'mm of bore',
  }),
  task('pointer', 'Centre the pointer', 'On tape across the nozzle’s mouth.', {
    interval: { by: 'count', count: 10 },
    part: null,
    record: 'pointer',
  }),
];

const feederTasks: readonly UpkeepTask[] = [
  task('liner-blow', 'Blow the liner out', 'Off the gun, dry air from the gun’s end, a rag at the other.', {
    interval: { by: 'lightHours', hours: 20 },
    part: 'liner',
  }),
  task('rolls-clean', 'Clean the drive rolls', 'Groove brushed; it fits the wire that is in.', {
    interval: { by: 'date', days: 30 },
    part: 'driveRoll',
  }),
  task('guide-look', 'Look at the wire guide', 'When the wire wanders or drags.', {
    interval: { by: 'condition' },
    part: 'wireGuide',
  }),
];

const safetyTasks: readonly UpkeepTask[] = [
  task('interlocks', 'Test the interlocks', 'Door, emergency stop, key: each puts the light out.', {
    interval: { by: 'date', days: 30 },
    part: null,
    record: 'interlockTest',
  }),
  task('dryer', 'Drain the dryer', 'Where compressed air is used.', {
    interval: { by: 'date', days: 14 },
    part: null,
    record: 'dryerDrain',
  }),
  task('air-filter', 'Change the air filter', 'Where compressed air is used.', {
    interval: { by: 'date', days: 90 },
    part: 'airFilter',
    record: 'airFilter',
  }),
  task(
    'extraction',
    'Extraction filter',
    'When its gauge says full or the draw is weak. The dust can burn.',
    {
      interval: { by: 'condition' },
      part: 'extractionFilter',
    },
  ),
];
