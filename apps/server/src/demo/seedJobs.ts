import {
  houseStarts,
  jobMaterials,
  seamsInOrder,
  weldAnswer,
  weldedMm,
  type Card,
  type JobDraft,
  type JobSeam,
  type WeldAnswer,
  meanPowerW,
} from '@lone-heron/contract';
import { format } from 'date-fns';
import sharp from 'sharp';
import type { EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { readCards } from '../cards/face/readCards.js';
import { JobEntity } from '../jobs/job.entity.js';
import { JobRevisionEntity } from '../jobs/jobRevision.entity.js';
import { WeldCheckEntity } from '../jobs/weldCheck.entity.js';
import { WeldRunEntity } from '../jobs/weldRun.entity.js';
import { cleanPicture, hashOf, type PhotoFiles } from '../photos/face/photoFiles.js';
import { ShopPhotoEntity } from '../photos/shopPhoto.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { normalDraw, randomStream, type RandomStream } from '@lone-heron/core';
import { drawingMm, lockerDrawing, placedOnDrawing } from './sampleDrawing.js';
import { sampleHouse } from './sampleHouse.js';
import { sampleJobs } from './sampleJobs.js';
import { sampleMachines } from './sampleWorkshop.js';
import { atWork } from './workingHours.js';

const day = 24 * 3600 * 1000;

/** Puts the jobs of the sample workshop into the database, with what was welded of them, hands and light with scatter. */
export async function seedJobs(manager: EntityManager, files: PhotoFiles, now: number): Promise<void> {
  const cards = await readCards(manager);
  const random = randomStream(18);
  for (const [i, { draft, state, welded, plannedAgo, dueIn }] of sampleJobs().entries()) {
    const id = uuid({ msecs: now - plannedAgo * day });
    const madeAt = new Date(atWork(now - plannedAgo * day, now)).toISOString();
    const planned = { ...draft, dueOn: format(now + dueIn * day, 'yyyy-MM-dd') };
    const placed = draft.name === 'Locker frame' ? await drawn(manager, files, planned, madeAt) : planned;
    const answers = answersOf(placed, cards);
    const due = state === 'done' ? { ...placed, batches: batchesOf(placed, answers) } : placed;
    const seams = weldedSeams(due, welded);
    const begun = now - Math.max(0.02, plannedAgo - 1) * day;
    await manager.insert(JobEntity, {
      ...{ id, number: i + 1, state, revision: 1, settled: seams.length, lightOnS: 0 },
      ...{ madeAt, madeBy: 'ines', changedAt: madeAt, withdrawnAt: null },
    });
    await manager.insert(JobRevisionEntity, { jobId: id, revision: 1, draft: due, madeAt, madeBy: 'ines' });
    const lightOnS = await weldSeams(manager, { id, draft: due, answers, seams, begun, now, random });
    await manager.update(JobEntity, { id }, { lightOnS });
    if (state === 'done') await lookAtWelds(manager, { id, draft: due, begun, now, random });
  }
}

/** Heats and batches as the labels of what went in would say them. */
function batchesOf(draft: JobDraft, answers: ReadonlyMap<string, WeldAnswer>): JobDraft['batches'] {
  const first = { sheet: 'heat ', wire: 'spool ', gas: 'bottle ' } as const;
  return jobMaterials(draft, [...answers.values()]).map((material, i) => ({
    material,
    batch: `${first[material.of]}${26_140 + 7 * i}`,
  }));
}

/** A look at every weld of a finished job, a day after it was begun. */
async function lookAtWelds(
  manager: EntityManager,
  { id, draft, begun, now, random }: Omit<Welding, 'answers' | 'seams'>,
): Promise<void> {
  const doneAt = new Date(atWork(Math.min(now, begun + day), now)).toISOString();
  for (const { mark } of draft.welds) {
    await manager.insert(WeldCheckEntity, {
      ...{ id: uuid(), jobId: id, mark, seam: null, kind: 'look', result: 'holds' },
      ...{ undercutMm: tenth(0.05 + 0.1 * random()), crownMm: tenth(0.3 + 0.2 * random()) },
      ...{ misalignmentMm: null, indicationMm: null, found: '', photoIds: [] },
      ...{ personId: 'ines', doneAt, recordedAt: doneAt, withdrawnAt: null },
    });
  }
}

/** With its drawing, and its welds placed on that. */
async function drawn(
  manager: EntityManager,
  files: PhotoFiles,
  draft: JobDraft,
  at: string,
): Promise<JobDraft> {
  const sent = await sharp(Buffer.from(lockerDrawing())).png().toBuffer();
  const picture = await cleanPicture(sent);
  await files.keep(picture);
  const photoId = uuid({ msecs: Date.parse(at) });
  const { hash, type, widthPx, heightPx, bytes } = picture;
  await manager.insert(ShopPhotoEntity, {
    ...{ id: photoId, machineId: draft.machineId, subject: 'job', hash, sentHash: hashOf(sent), type },
    ...{ widthPx, heightPx, bytes: bytes.length, addedAt: at, addedBy: 'ines' },
  });
  const { width, height } = drawingMm;
  const front = { photoId, name: 'front', heightShare: height / width, widthMm: width };
  return {
    ...draft,
    pictures: [front],
    welds: draft.welds.map((weld) => placedOnDrawing(weld, photoId)),
  };
}

/** The first so many pieces, half a piece for a half. */
function weldedSeams(draft: JobDraft, pieces: number): readonly JobSeam[] {
  const all = seamsInOrder(
    draft,
    draft.welds.map(({ mark }) => mark),
  );
  return all.slice(0, Math.round((all.length * pieces) / draft.quantity));
}

function answersOf(draft: JobDraft, cards: readonly Card[]): ReadonlyMap<string, WeldAnswer> {
  const machine = sampleMachines.find(({ id }) => id === draft.machineId);
  if (machine === undefined) throw new Error(`no machine ${draft.machineId}`);
  const context = { machine, house: { ...houseStarts, ...sampleHouse }, cards, learn: () => null };
  return new Map(
    draft.welds.map((weld) => {
      const answer = weldAnswer(draft, weld, context);
      if ('refusal' in answer) throw new Error(`${draft.name}, ${weld.mark}: ${answer.refusal}`);
      return [weld.mark, answer];
    }),
  );
}

interface Welding {
  readonly id: string;
  readonly draft: JobDraft;
  readonly answers: ReadonlyMap<string, WeldAnswer>;
  readonly seams: readonly JobSeam[];
  /** When its first seam was begun, ms since 1970. */
  readonly begun: number;
  readonly now: number;
  readonly random: RandomStream;
}

/** Every so many seams one slips. */
const slips = 0.06;
/** Hands over light, and how it scatters: lining up and turning is most of it. */
const hands = { factor: 6, spread: 0.45, least: 12 };

/** @returns light that was on, s */
async function weldSeams(manager: EntityManager, welding: Welding): Promise<number> {
  const { id, draft, answers, seams, begun, now, random } = welding;
  const windows = await manager.find(ProtectiveWindowEntity, {
    where: { machineId: draft.machineId },
    order: { fittedAt: 'DESC' },
  });
  let at = begun;
  let total = 0;
  for (const { mark, seam } of seams) {
    const weld = draft.welds.find((each) => each.mark === mark);
    const answer = answers.get(mark);
    if (weld === undefined || answer === undefined) continue;
    const planned = weldedMm(weld) / 1000 / answer.forecast.travel;
    const outcomes = random() < slips ? (['slipped', 'welded'] as const) : (['welded'] as const);
    for (const outcome of outcomes) {
      const lightOnS = tenth(planned * Math.exp(0.1 * normalDraw(random)));
      const handsS = Math.round(
        hands.least + lightOnS * hands.factor * Math.exp(hands.spread * normalDraw(random)),
      );
      at = Math.min(now, at + handsS * 1000);
      total += lightOnS;
      const weldedAt = new Date(atWork(at, now)).toISOString();
      const { content, card, standing } = answer;
      await manager.insert(WeldRunEntity, {
        ...{ id: uuid({ msecs: at }), jobId: id, machineId: draft.machineId, mark, seam, outcome },
        ...{ isRepair: false, lightOnS, handsS, dialled: content.setting, isOtherwise: false },
        ...{ gunAngleDeg: content.gunAngleDeg, metal: weld.joint.metal, gas: content.setting.gas },
        meanPowerW: meanPowerW(content.setting),
        card: card === null || standing !== 'proven' ? null : { cardId: card.id, version: card.version },
        ...{ photoIds: [], remark: outcome === 'slipped' ? 'lifted off' : '' },
        windowId: windows.find(({ fittedAt }) => fittedAt <= weldedAt)?.id ?? windows.at(-1)?.id ?? null,
        personId: random() < 0.6 ? 'maren' : 'ines',
        ...{ weldedAt, recordedAt: weldedAt, withdrawnAt: null },
      });
    }
  }
  return tenth(total);
}

/** To a tenth of its unit. */
function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}
