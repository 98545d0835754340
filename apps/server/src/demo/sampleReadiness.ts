import {
  houseStarts,
  readingVerdict,
  usualSequence,
  type BottleDraft,
  type ClearanceDraft,
  type EyewearDraft,
  type Machine,
  type RecordDetail,
  type Step,
  type StepReading,
} from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { DayEntity } from '../readiness/day.entity.js';
import { DayEntryEntity } from '../readiness/dayEntry.entity.js';
import { ShopRecordEntity } from '../records/shopRecord.entity.js';
import { EyewearEntity } from '../safety/eyewear.entity.js';
import { BottleEntity } from '../supply/bottle.entity.js';
import { ClearanceEntity } from '../training/clearance.entity.js';
import { sampleMachines } from './sampleWorkshop.js';
import { atWork, begunAt } from './workingHours.js';

const hour = 3600 * 1000;
const day = 24 * hour;
const minute = 60_000;

/** Days of the sample machines: when opened, how many steps of each phase were done. */
const sampleDays = [
  { machineId: 'bench', by: 'maren', hoursAgo: 51, startUp: 99, shutDown: 99 },
  { machineId: 'barrow', by: 'tobias', hoursAgo: 50, startUp: 99, shutDown: 99 },
  { machineId: 'bench', by: 'ines', hoursAgo: 27, startUp: 99, shutDown: 99 },
  { machineId: 'bench', by: 'maren', hoursAgo: 3, startUp: 99, shutDown: 0 },
  { machineId: 'barrow', by: 'tobias', hoursAgo: 0.4, startUp: 9, shutDown: 0 },
] as const;

/** What was read at the steps of a sample day, by kind of reading. */
const sampleReadings: Readonly<Record<Step['reads'], StepReading>> = {
  none: { reads: 'none' },
  room: { reads: 'room', roomC: 17.5, humidityPercent: 68 },
  coolant: { reads: 'coolant', coolantC: 25.5 },
  bottle: { reads: 'bottle', bottleBar: 128 },
  flow: { reads: 'flow', flowLMin: 15, torchBar: 1.2, boreMm: 4 },
};

const sampleBottles: readonly (BottleDraft & { daysAgo: number })[] = [
  {
    gas: 'argon',
    litres: 50,
    pressureBar: 128,
    purity: '4.6',
    batch: 'ebb 114',
    supplier: 'the gas yard',
    price: 74,
    machineId: 'bench',
    daysAgo: 0.12,
  },
  {
    gas: 'nitrogen',
    litres: 50,
    pressureBar: 61,
    purity: '5.0',
    batch: 'ebb 98',
    supplier: 'the gas yard',
    price: 41,
    machineId: 'barrow',
    daysAgo: 2,
  },
  {
    gas: 'argon',
    litres: 20,
    pressureBar: 200,
    purity: '4.6',
    batch: 'ebb 120',
    supplier: 'the gas yard',
    price: 38,
    machineId: null,
    daysAgo: 6,
  },
];

const sampleRecords: readonly {
  machineId: string;
  by: string;
  daysAgo: number;
  note: string;
  detail: RecordDetail;
}[] = [
  ...pointerLog('bench', [
    [40, 2, -1],
    [26, 3, -1],
    [12, 5, -2],
    [0.12, 6, -2],
  ]),
  { machineId: 'bench', by: 'ines', daysAgo: 17, note: 'new window', detail: { kind: 'focus', tubeMm: 1.2 } },
  { machineId: 'bench', by: 'maren', daysAgo: 0.12, note: '', detail: { kind: 'focus', tubeMm: 1.4 } },
  { machineId: 'bench', by: 'maren', daysAgo: 0.12, note: '', detail: { kind: 'testLine', look: 'bright' } },
  {
    machineId: 'bench',
    by: 'tobias',
    daysAgo: 75,
    note: 'distilled',
    detail: { kind: 'waterChange', circuit: 1 },
  },
  { machineId: 'barrow', by: 'tobias', daysAgo: 200, note: '', detail: { kind: 'waterChange', circuit: 1 } },
  { machineId: 'barrow', by: 'tobias', daysAgo: 60, note: '', detail: { kind: 'waterChange', circuit: 2 } },
  { machineId: 'barrow', by: 'tobias', daysAgo: 21, note: '', detail: { kind: 'dryerDrain' } },
  { machineId: 'bench', by: 'ines', daysAgo: 33, note: '', detail: { kind: 'interlockTest', passed: true } },
  { machineId: 'bench', by: 'ines', daysAgo: 33, note: '', detail: { kind: 'barrierTest', passed: true } },
  {
    machineId: 'bench',
    by: 'tobias',
    daysAgo: 8,
    note: 'filter is grey',
    detail: { kind: 'extractionTest', passed: true },
  },
];

const sampleEyewear: readonly EyewearDraft[] = [
  eyewear('helmet 1', 'helmet', 'D LB7 at 1070, shade 5', 7, '5', 'sound'),
  eyewear('helmet 2', 'helmet', 'D LB7 at 1070, shade 5', 7, '5', 'scratched'),
  eyewear('visitors’ pair', 'glasses', 'D LB6 at 1064 to 1080', 6, '', 'sound'),
];

const sampleClearances: readonly (ClearanceDraft & { daysAgo: number })[] = [
  {
    personId: 'ines',
    machineId: 'bench',
    mode: 'weld',
    until: null,
    note: 'taught by the supplier',
    daysAgo: 400,
  },
  {
    personId: 'ines',
    machineId: 'barrow',
    mode: 'weld',
    until: null,
    note: 'taught by the supplier',
    daysAgo: 300,
  },
  {
    personId: 'maren',
    machineId: 'bench',
    mode: 'weld',
    until: '2027-06-30',
    note: 'two days with Ines',
    daysAgo: 150,
  },
  { personId: 'maren', machineId: 'barrow', mode: 'weld', until: '2027-06-30', note: '', daysAgo: 140 },
];

function pointerLog(machineId: string, rows: readonly (readonly [daysAgo: number, x: number, y: number])[]) {
  return rows.map(([daysAgo, offsetX, offsetY]) => ({
    machineId,
    by: 'maren',
    daysAgo,
    note: '',
    detail: { kind: 'pointer' as const, offsetX, offsetY, dotRightMm: -0.02, dotUpMm: 0 },
  }));
}

function eyewear(
  name: string,
  kind: EyewearDraft['kind'],
  marking: string,
  opticalDensity: number,
  shade: string,
  condition: EyewearDraft['condition'],
): EyewearDraft {
  return { name, kind, marking, opticalDensity, shade, condition, isRetired: false };
}

/**
 * Days, supply, tests, eyewear and training of the sample workshop.
 *
 * @param now ms since 1970, to place them before
 */
export async function seedReadiness(manager: EntityManager, now: number): Promise<void> {
  const ago = (days: number) => new Date(atWork(now - days * day, now)).toISOString();
  for (const { daysAgo, ...draft } of sampleBottles)
    await manager.insert(BottleEntity, { ...draft, id: uuid(), readAt: ago(daysAgo), goneAt: null });
  for (const { by, daysAgo, ...draft } of sampleRecords)
    await manager.insert(ShopRecordEntity, {
      ...draft,
      id: uuid(),
      kind: draft.detail.kind,
      at: ago(daysAgo),
      personId: by,
      withdrawnAt: null,
    });
  for (const draft of sampleEyewear)
    await manager.insert(EyewearEntity, { ...draft, id: uuid(), checkedAt: ago(8), checkedBy: 'tobias' });
  for (const { daysAgo, ...draft } of sampleClearances)
    await manager.insert(ClearanceEntity, {
      ...draft,
      id: uuid(),
      clearedAt: ago(daysAgo),
      clearedBy: 'ines',
      withdrawnAt: null,
    });
  for (const sample of sampleDays) await seedDay(manager, sample, now);
}

async function seedDay(
  manager: EntityManager,
  sample: (typeof sampleDays)[number],
  now: number,
): Promise<void> {
  const machine = sampleMachines.find(({ id }) => id === sample.machineId) as Machine;
  const { startUp, shutDown } = usualSequence(machine.profile);
  const begun = begunAt(now - sample.hoursAgo * hour, now);
  const done = [...startUp.slice(0, sample.startUp), ...shutDown.slice(0, sample.shutDown)];
  const isClosed = sample.shutDown > 0;
  const id = uuid({ msecs: begun });
  const at = (place: number) => {
    const evening = place < startUp.length ? 0 : 9 * hour;
    return new Date(begun + place * minute + evening).toISOString();
  };
  await manager.insert(DayEntity, {
    id,
    machineId: machine.id,
    sequenceRevision: 0,
    startUp,
    shutDown,
    openedAt: new Date(begun).toISOString(),
    openedBy: sample.by,
    closedAt: isClosed ? at(done.length - 1) : null,
  });
  const bottle = { litres: 50, gas: machine.id === 'bench' ? ('argon' as const) : ('nitrogen' as const) };
  for (const [place, step] of done.entries()) {
    const reading = sampleReadings[step.reads];
    await manager.insert(DayEntryEntity, {
      id: uuid(),
      dayId: id,
      place: place + 1,
      stepId: step.id,
      outcome: 'done',
      reading,
      reason: '',
      ...readingVerdict(reading, step, {
        profile: machine.profile,
        entries: [],
        bottle,
        saidIn: houseStarts.units,
      }),
      at: at(place),
      personId: sample.by,
    });
  }
}
