import { coreJob, coreSetting, type CardContent, type LearnOfJob, type Machine } from '@lone-heron/contract';
import { forecastWeld, inMm, RangeFault, type WeldForecast, type WeldJob } from '@lone-heron/core';
import type { JointMelt } from '../shared/drawing/MiniSection.js';

/** What is to be expected of a card's setting today, or why nothing can be said. */
export type CardForecast =
  { readonly job: WeldJob; readonly forecast: WeldForecast } | { readonly refusal: string };

export function cardForecast(
  { joint, setting }: Pick<CardContent, 'joint' | 'setting'>,
  { id, profile }: Machine,
  learn: LearnOfJob,
): CardForecast {
  const { pace } = setting;
  const plain = coreJob(joint, pace.by === 'wire' ? pace.wireDiameterMm : null, profile, { kind: 'reach' });
  const dialled = coreSetting(setting);
  try {
    const evidence = learn(plain, dialled, id);
    const job = evidence === null ? plain : { ...plain, evidence };
    return { job, forecast: forecastWeld(job, dialled) };
  } catch (fault) {
    if (fault instanceof RangeFault) return { refusal: fault.message };
    throw fault;
  }
}

/** The melt as it is expected, for its drawing in small. */
export function forecastMelt({ job, forecast }: Extract<CardForecast, { job: WeldJob }>): JointMelt {
  const { prediction, expectedReach } = forecast;
  const depth = prediction.depth * (expectedReach / prediction.reach);
  return { joint: job.joint, widthMm: inMm(prediction.width), depthMm: depth * 1000 };
}
