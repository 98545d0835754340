import { samplePin, type CouponDraft, type WindowChange } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { v7 as uuid } from 'uuid';
import type { AppPlan } from '../app.module.js';
import { databaseFileIn, type ShopPlace } from '../storage/ShopPlace.js';
import { folderPlace, testPlace, type TestPlace } from './testPlace.js';
import { createApp } from '../createApp.js';
import { seedWorkshop } from '../demo/seedWorkshop.js';

/** A device whose requests come from a page of ours and keep their cookie. */
export type Desk = ReturnType<typeof request.agent>;

/** A server with the sample workshop over a real database, on the engine that tests run on, in a folder of its own. */
export interface SampleServer {
  readonly app: NestExpressApplication;
  readonly place: ShopPlace;
  /** Its data folder. */
  readonly folder: string;
  /** Signed in as the sample lead. */
  readonly http: Desk;
  /** Another device, signed in as somebody; null for nobody. */
  readonly desk: (personId: string | null) => Promise<Desk>;
  readonly stop: () => Promise<void>;
}

/** @param seededAt ms since 1970 that the sample days lie before; fixed where a test sets the clock */
export const startSampleServer = async (
  plan: Partial<AppPlan> = {},
  seededAt?: number,
): Promise<SampleServer> => startAt(await sampleOf(seededAt)(), plan);

/** The same over a file, whatever engine tests run on: for what a file can do and suffer. */
export async function startFileServer(
  plan: Partial<AppPlan> = {},
): Promise<SampleServer & { readonly databaseFile: string }> {
  const server = await startAt(await sampleInFile(), plan);
  return { ...server, databaseFile: databaseFileIn(server.folder) };
}

/** The same with its photos in a bucket. @param photos address of it, as `HERON_PHOTOS` says it */
export async function startBucketServer(photos: string): Promise<SampleServer> {
  const made = await sampleOf(undefined)();
  return startAt({ ...made, place: { ...made.place, photos } }, {});
}

const samples = new Map<number | undefined, () => Promise<TestPlace>>();
function sampleOf(seededAt: number | undefined): () => Promise<TestPlace> {
  const sample = samples.get(seededAt) ?? onceAndAgain(testPlace, seededAt);
  samples.set(seededAt, sample);
  return sample;
}
const sampleInFile = onceAndAgain(() => Promise.resolve(folderPlace()));

/** Places with the sample workshop, which is worked out once for each file of tests: that takes longer than most tests. */
function onceAndAgain(place: () => Promise<TestPlace>, at?: number): () => Promise<TestPlace> {
  let again: Promise<() => Promise<TestPlace>> | null = null;
  return async () => {
    again ??= seeded(place, at ?? Date.now()).then(async (first) => {
      const next = await first.kept();
      await first.remove();
      return next;
    });
    return (await again)();
  };
}

async function seeded(place: () => Promise<TestPlace>, at: number): Promise<TestPlace> {
  const made = await place();
  const app = await createApp({ place: made.place, ...alone });
  await seedWorkshop(app, 'days', at);
  await app.close();
  return made;
}

const alone = { webFolder: null, isOnNetwork: false, tls: null };

async function startAt({ place, remove }: TestPlace, plan: Partial<AppPlan>): Promise<SampleServer> {
  const app = await createApp({ place, ...alone, ...plan });
  const stop = async () => {
    await app.close();
    await remove();
  };
  const desk = async (personId: string | null) => {
    const agent = request.agent(app.getHttpServer()).set('X-Lone-Heron', '1');
    if (personId !== null) await agent.put('/api/session').send({ personId, pin: samplePin }).expect(200);
    return agent;
  };
  return { app, place, folder: place.folder, http: await desk('ines'), desk, stop };
}

/** After the sample workshop's days and before what a test does. */
const justNow = new Date().toISOString();

/** A coupon that the server takes, with changes. */
export function couponDraft(changes: Record<string, unknown> = {}): CouponDraft {
  return {
    machineId: 'bench',
    joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5, gapMm: 0.1 },
    setting: {
      powerW: 870,
      dutyPercent: 100,
      wobble: { shape: 'sideToSide', widthMm: 2, frequencyHz: 60 },
      pace: { by: 'wire', wireDiameterMm: 0.8, wireSpeedMmS: 11.167 },
      gas: 'argon',
      gasFlowLMin: 15,
    },
    back: 'even',
    lightOnS: 12.4,
    runLengthMm: 120,
    remark: 'a remark',
    weldedAt: justNow,
    ...changes,
  };
}

export const windowChange = (changes: Partial<WindowChange> = {}): WindowChange => ({
  machineId: 'bench',
  reason: 'haze',
  note: '',
  found: null,
  supplier: '',
  lot: '',
  ...changes,
});

export const newId = (): string => uuid();
