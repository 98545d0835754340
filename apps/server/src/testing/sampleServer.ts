import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { samplePin, type CouponDraft, type WindowChange } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { v7 as uuid } from 'uuid';
import type { AppPlan } from '../app.module.js';
import { createApp } from '../createApp.js';
import { seedWorkshop } from '../demo/seedWorkshop.js';

/** A device whose requests come from a page of ours and keep their cookie. */
export type Desk = ReturnType<typeof request.agent>;

/** A server with the sample workshop over a real file in a folder of its own. */
export interface SampleServer {
  readonly app: NestExpressApplication;
  readonly databaseFile: string;
  /** Signed in as the sample lead. */
  readonly http: Desk;
  /** Another device, signed in as somebody; null for nobody. */
  readonly desk: (personId: string | null) => Promise<Desk>;
  readonly stop: () => Promise<void>;
}

/** @param seededAt ms since 1970 that the sample days lie before; fixed where a test sets the clock */
export async function startSampleServer(
  plan: Partial<AppPlan> = {},
  seededAt = Date.now(),
): Promise<SampleServer> {
  const folder = mkdtempSync(join(tmpdir(), 'heron-server-'));
  const databaseFile = join(folder, 'heron.sqlite');
  const app = await createApp({ databaseFile, webFolder: null, isOnNetwork: false, tls: null, ...plan });
  await seedWorkshop(app, 'days', seededAt);
  const stop = async () => {
    await app.close();
    rmSync(folder, { recursive: true });
  };
  const desk = async (personId: string | null) => {
    const agent = request.agent(app.getHttpServer()).set('X-Lone-Heron', '1');
    if (personId !== null) await agent.put('/api/session').send({ personId, pin: samplePin }).expect(200);
    return agent;
  };
  return { app, databaseFile, http: await desk('ines'), desk, stop };
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
