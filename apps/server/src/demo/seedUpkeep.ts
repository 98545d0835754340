import type { HeadPartKind, PartReason, RecordDetail, StockDraft } from '@lone-heron/contract';
import { countSpecks, generatedGlass, type DrawnSpeck, randomStream } from '@lone-heron/core';
import sharp from 'sharp';
import { IsNull, type EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { HeadPartEntity } from '../headParts/headPart.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { cleanPicture, hashOf, type PhotoFiles } from '../photos/face/photoFiles.js';
import { ShopPhotoEntity } from '../photos/shopPhoto.entity.js';
import { ShopRecordEntity } from '../records/shopRecord.entity.js';
import { StockItemEntity } from '../stock/stockItem.entity.js';
import { atWork } from './workingHours.js';

const day = 24 * 3600 * 1000;

const drawer: readonly StockDraft[] = [
  spare('window', 'Protective window 30 x 5', 'the glass yard', { count: 2, price: 12, deliveryDays: 9 }),
  spare('window', 'Protective window 30 x 5, coated', 'quay optics', {
    count: 1,
    price: 19,
    deliveryDays: 4,
  }),
  spare('seal', 'Seal for the window', 'the glass yard', { count: 4, price: 2.5, deliveryDays: 9 }),
  spare('nozzle', 'Nozzle with groove, 4 mm', 'the weld store', { count: 1, price: 7, deliveryDays: 3 }),
  spare('liner', 'Liner 3 m for 1.0 mm wire', 'the weld store', { count: 1, price: 26, deliveryDays: 3 }),
  spare('driveRoll', 'Drive rolls, V 0.8 to 1.0', 'the weld store', { count: 2, price: 14, deliveryDays: 3 }),
  spare('focusLens', 'Focus lens', 'the supplier of the head', { count: 0, price: 180, deliveryDays: 21 }),
];

function spare(
  kind: StockDraft['kind'],
  name: string,
  supplier: string,
  rest: Pick<StockDraft, 'count' | 'price' | 'deliveryDays'>,
): StockDraft {
  return { kind, name, supplier, lot: '', serviceLevel: 0.95, usedPerMonth: null, ...rest };
}

/** Parts as they were fitted: machine, kind, by whom, and how many days ago with why the one before came out. */
const parts: readonly {
  readonly machineId: string;
  readonly kind: HeadPartKind;
  readonly by: string;
  readonly fitted: readonly (readonly [daysAgo: number, reason: PartReason])[];
}[] = [
  {
    machineId: 'bench',
    kind: 'nozzle',
    by: 'maren',
    fitted: [
      [150, 'worn'],
      [96, 'burnt'],
      [41, 'worn'],
    ],
  },
  {
    machineId: 'bench',
    kind: 'seal',
    by: 'ines',
    fitted: [
      [125, 'planned'],
      [17, 'planned'],
    ],
  },
  {
    machineId: 'bench',
    kind: 'liner',
    by: 'tobias',
    fitted: [
      [170, 'worn'],
      [30, 'dirty'],
    ],
  },
  { machineId: 'bench', kind: 'focusLens', by: 'ines', fitted: [[700, 'other']] },
  {
    machineId: 'barrow',
    kind: 'nozzle',
    by: 'tobias',
    fitted: [
      [140, 'worn'],
      [60, 'burnt'],
    ],
  },
  { machineId: 'barrow', kind: 'driveRoll', by: 'tobias', fitted: [[210, 'worn']] },
];

/** Upkeep that was done: machine, task, and days ago, with a value where one was read. */
const done: readonly (readonly [
  machineId: string,
  taskId: string,
  daysAgo: readonly number[],
  value: string,
])[] = [
  ['bench', 'seal-look', [330, 300, 268, 236, 204, 176, 122, 91, 60, 17], ''],
  ['bench', 'nozzle-look', [150, 96, 41], '4.1 mm'],
  ['bench', 'window-look', [60, 40, 24, 6], ''],
  ['bench', 'liner-blow', [170, 88, 30], ''],
  ['bench', 'rolls-clean', [310, 282, 250, 215, 190, 160, 128, 97, 66, 36], ''],
  ['barrow', 'seal-look', [320, 290, 210, 180, 148, 62], ''],
  ['barrow', 'rolls-clean', [300, 268, 240, 150, 118, 90, 61, 29], ''],
  ['barrow', 'window-look', [62, 30, 12], ''],
];
const interlocks: readonly (readonly [machineId: string, daysAgo: readonly number[]])[] = [
  ['bench', [340, 311, 280, 249, 186, 155, 126, 95, 64]],
  ['barrow', [338, 305, 246, 215, 150, 118, 88, 41]],
];

/** Specks on the barrow's window as it was looked at: each picture has those of the one before, and more. */
const glassLooks: readonly { readonly daysAgo: number; readonly specks: readonly DrawnSpeck[] }[] = [
  { daysAgo: 62, specks: [speck(170, 205, 3, -60)] },
  { daysAgo: 12, specks: [speck(170, 205, 5, -80), speck(230, 180, 4, -70), speck(205, 250, 3, 45)] },
];
const glass = { middle: { x: 200, y: 200 }, radius: 170, beamShare: 0.5 };

function speck(x: number, y: number, radius: number, shades: number): DrawnSpeck {
  return { middle: { x, y }, radius, shades };
}

/** Spares, parts, a year of upkeep and two pictures of a glass. */
export async function seedUpkeep(manager: EntityManager, files: PhotoFiles, now: number): Promise<void> {
  const at = (daysAgo: number) => new Date(atWork(now - daysAgo * day, now)).toISOString();
  for (const draft of drawer)
    await manager.insert(StockItemEntity, { ...draft, id: uuid(), countedAt: at(20), removedAt: null });
  for (const row of parts) await seedPart(manager, row, at);
  for (const [machineId, taskId, days, value] of done)
    for (const ago of days)
      await seedRecord(manager, machineId, at(ago), { kind: 'upkeep', taskId, value, photoId: null });
  for (const [machineId, days] of interlocks)
    for (const ago of days)
      await seedRecord(manager, machineId, at(ago), { kind: 'interlockTest', passed: true });
  await seedRecord(manager, 'bench', at(30), { kind: 'hourCounter', hours: 611 });
  for (const look of glassLooks) await seedGlassLook(manager, files, look, at(look.daysAgo));
}

async function seedPart(
  manager: EntityManager,
  { machineId, kind, by, fitted }: (typeof parts)[number],
  at: (daysAgo: number) => string,
): Promise<void> {
  let previousId: string | null = null;
  for (const [i, [daysAgo]] of fitted.entries()) {
    const id = uuid();
    const next = fitted[i + 1];
    await manager.insert(HeadPartEntity, {
      ...{ id, machineId, kind, place: '', supplier: '', lot: '', previousId, stockId: null },
      ...{ fittedAt: at(daysAgo), fittedBy: by },
      ...(next === undefined ? {} : { removedAt: at(next[0]), removedReason: next[1], removedNote: '' }),
    });
    previousId = id;
  }
}

async function seedRecord(
  manager: EntityManager,
  machineId: string,
  at: string,
  detail: RecordDetail,
): Promise<void> {
  const row = { id: uuid(), machineId, kind: detail.kind, detail, note: '', at, personId: 'tobias' };
  await manager.insert(ShopRecordEntity, { ...row, withdrawnAt: null });
}

async function seedGlassLook(
  manager: EntityManager,
  files: PhotoFiles,
  { specks }: (typeof glassLooks)[number],
  at: string,
): Promise<void> {
  const window = await manager.findOneByOrFail(ProtectiveWindowEntity, {
    machineId: 'barrow',
    removedAt: IsNull(),
    undoneAt: IsNull(),
  });
  const { width, height, data } = generatedGlass({
    ...{ side: 400, glass, specks, slope: 30, grain: 3, random: randomStream(specks.length) },
  });
  const sent = await sharp(data, { raw: { width, height, channels: 1 } })
    .png()
    .toBuffer();
  const picture = await cleanPicture(sent);
  await files.keep(picture);
  const photoId = uuid();
  const { hash, type, widthPx, heightPx, bytes } = picture;
  await manager.insert(ShopPhotoEntity, {
    ...{ id: photoId, machineId: 'barrow', subject: 'glass', hash, sentHash: hashOf(sent), type },
    ...{ widthPx, heightPx, bytes: bytes.length, addedAt: at, addedBy: 'tobias' },
  });
  const found = countSpecks({ width, height, data }, glass);
  const counted = (kind: 'dark' | 'pale') => found.specks.filter((each) => each.kind === kind).length;
  await seedRecord(manager, 'barrow', at, {
    ...{ kind: 'glass', windowId: window.id, photoId, dark: counted('dark'), pale: counted('pale') },
    ...{ beamCovered: found.beamCovered, glassCovered: found.glassCovered },
  });
}
