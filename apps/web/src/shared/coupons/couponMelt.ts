import { coreJob, coreSetting, type BackLook, type Coupon, type MachineProfile } from '@lone-heron/contract';
import { forecastWeld, inMm, jointThermal } from '@lone-heron/core';
import type { JointMelt } from '../drawing/MiniSection.js';

/** Depth over thickness that a look at the back allows, for the eye alone. */
const drawnReach: Readonly<Record<BackLook, readonly [least: number, most: number]>> = {
  none: [0.2, 0.75],
  faint: [0.85, 0.97],
  even: [1.05, 1.3],
  heavy: [1.4, 1.6],
  hole: [1.7, 2],
};

/** A coupon's melt for its drawing in small: the model's width, and its depth as far as the back bears it out. */
export function couponMelt({ joint, setting, back }: Coupon, profile: MachineProfile): JointMelt {
  const { pace } = setting;
  const wireDiameterMm = pace.by === 'wire' ? pace.wireDiameterMm : null;
  const job = coreJob(joint, wireDiameterMm, profile, { kind: 'reach' });
  const { prediction } = forecastWeld(job, coreSetting(setting));
  const [least, most] = drawnReach[back];
  const reach = Math.min(Math.max(prediction.reach, least), most);
  const thicknessMm = inMm(jointThermal(job.joint).thickness);
  return { joint: job.joint, widthMm: inMm(prediction.width), depthMm: reach * thicknessMm };
}
