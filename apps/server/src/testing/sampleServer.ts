import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { CouponDraft, WindowChange } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { v7 as uuid } from 'uuid';
import { createApp } from '../createApp.js';
import { seedWorkshop } from '../demo/seedWorkshop.js';

/** A server with the sample workshop over a real file in a folder of its own. */
export interface SampleServer {
  readonly app: NestExpressApplication;
  readonly databaseFile: string;
  readonly http: ReturnType<typeof request>;
  readonly stop: () => Promise<void>;
}

export async function startSampleServer(): Promise<SampleServer> {
  const folder = mkdtempSync(join(tmpdir(), 'heron-server-'));
  const databaseFile = join(folder, 'heron.sqlite');
  const app = await createApp(databaseFile, null);
  await seedWorkshop(app);
  const stop = async () => {
    await app.close();
    rmSync(folder, { recursive: true });
  };
  return { app, databaseFile, http: request(app.getHttpServer()), stop };
}

/** A coupon that the server takes, with changes. */
export function couponDraft(changes: Record<string, unknown> = {}): CouponDraft {
  return {
    machineId: 'bench',
    personId: 'ines',
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
    weldedAt: '2026-11-24T09:30:00.000Z',
    ...changes,
  };
}

export const windowChange = (changes: Partial<WindowChange> = {}): WindowChange => ({
  machineId: 'bench',
  personId: 'ines',
  reason: 'haze',
  note: '',
  ...changes,
});

export const newId = (): string => uuid();
