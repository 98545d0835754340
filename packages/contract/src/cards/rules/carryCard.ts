import {
  expectedDepth,
  forecastWeld,
  jointThermal,
  matchDepth,
  metre,
  suggestSetting,
  type Candidate,
  type JobEvidence,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';
import type { CardContent } from '../card.js';
import type { WantedJoint } from './findCards.js';
import { jointSchema, type Joint } from '../../joint/joint.js';
import type { Machine } from '../../machines/machine.js';
import type { Setting } from '../../joint/setting.js';
import { coreJob, coreSetting, recordedSetting } from '../../joint/rules/toCore.js';

/** What the shop's coupons say of a job; null where they say nothing. */
export type LearnOfJob = (job: WeldJob, setting: WeldSetting, machineId: string) => JobEvidence | null;

/** A card's setting on another machine or joint, beside what it was made from. */
export interface CarriedCard {
  readonly joint: Joint;
  readonly setting: Setting;
  /** What the setting it was made from would do there, unturned; null where that machine cannot set it. */
  readonly asIs: Candidate | null;
  readonly adapted: Candidate;
}

/**
 * A card's setting for another machine: the same depth at the same pace and wobble, as near as the machine can set them.
 * Spot, power steps and feeder are the new machine's. To be proved there.
 */
export function carryCard(
  { joint, setting, machineId }: Pick<CardContent, 'joint' | 'setting' | 'machineId'>,
  from: Machine,
  to: Machine,
  learn: LearnOfJob,
): CarriedCard {
  const dialled = coreSetting(setting);
  const wanted = forecastWeld(jobOn(joint, setting, from, dialled, learn, machineId), dialled);
  const job = jobOn(joint, setting, to, dialled, learn, to.id);
  const adapted = matchDepth(job, dialled, expectedDepth(wanted));
  return { joint, setting: recorded(adapted.setting, setting), asIs: unturned(job, dialled), adapted };
}

/**
 * A card's setting for a joint that is nearly its own: with every knob but the power kept where that lands well enough,
 * else dialled anew. null where the joint that is wanted is of another shape, which no setting is carried over to.
 */
export function adaptCard(
  content: Pick<CardContent, 'joint' | 'setting' | 'machineId'>,
  wanted: WantedJoint,
  machine: Machine,
  learn: LearnOfJob,
): CarriedCard | null {
  const joint = jointWanted(content.joint, wanted);
  return joint === null ? null : adaptToJoint(content, joint, machine, learn);
}

/** A setting for a joint that is nearly its own, of the same kind. @see adaptCard */
export function adaptToJoint(
  { setting }: Pick<CardContent, 'setting'>,
  joint: Joint,
  machine: Machine,
  learn: LearnOfJob,
): CarriedCard {
  const dialled = coreSetting(setting);
  const job = jobOn(joint, setting, machine, dialled, learn, machine.id);
  const { aimed, pass } = forecastWeld(job, dialled);
  const middle = Math.sqrt(aimed.fullFrom * aimed.hotFrom) * jointThermal(pass.joint).thickness;
  const kept = matchDepth(job, dialled, metre(middle));
  const anew = suggestSetting(job);
  const adapted = kept.loss <= anew.loss + worthKeeping ? kept : anew;
  return { joint, setting: recorded(adapted.setting, setting), asIs: unturned(job, dialled), adapted };
}

/** A setting that is known is worth so much more loss. */
const worthKeeping = 0.05;

function jobOn(
  joint: Joint,
  { pace }: Setting,
  machine: Machine,
  dialled: WeldSetting,
  learn: LearnOfJob,
  machineId: string,
): WeldJob {
  const job = coreJob(joint, pace.by === 'wire' ? pace.wireDiameterMm : null, machine.profile, {
    kind: 'reach',
  });
  const evidence = learn(job, dialled, machineId);
  return evidence === null ? job : { ...job, evidence };
}

function unturned(job: WeldJob, setting: WeldSetting): Candidate | null {
  if (setting.power > job.machine.power.most) return null;
  const forecast = forecastWeld(job, setting);
  return { setting, forecast, loss: forecast.loss };
}

function recorded(setting: WeldSetting, { gas, gasFlowLMin, pace }: Setting): Setting {
  return recordedSetting(setting, gas, gasFlowLMin, pace.by === 'wire' ? pace.filler : undefined);
}

/** The card's joint with what was asked for; null where it is of another shape, or cannot be. */
function jointWanted(joint: Joint, { metal, kind, thicknessesMm, gapMm }: WantedJoint): Joint | null {
  if (kind !== undefined && kind !== joint.kind) return null;
  const [
    first = joint.firstThicknessMm,
    second = thicknessesMm.length === 0 ? joint.secondThicknessMm : first,
  ] = thicknessesMm;
  const { secondMetal: _other, ...rest } = joint;
  const wanted = {
    ...(metal === undefined ? joint : { ...rest, metal }),
    firstThicknessMm: first,
    secondThicknessMm: second,
    gapMm: gapMm ?? Math.min(joint.gapMm, first, second),
  };
  return jointSchema.safeParse(wanted).data ?? null;
}
