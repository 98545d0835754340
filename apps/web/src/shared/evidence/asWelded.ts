import { coreJob, coreSetting, realTravelMmS, type Coupon, type MachineProfile } from '@lone-heron/contract';
import { mmPerSecond, type WeldJob, type WeldSetting } from '@lone-heron/core';

/** A coupon's job, and its setting at its real travel where a hand set the pace and somebody timed it. */
export function asWelded(coupon: Coupon, profile: MachineProfile): { job: WeldJob; setting: WeldSetting } {
  const { joint, setting } = coupon;
  const { pace } = setting;
  const job = coreJob(joint, pace.by === 'wire' ? pace.wireDiameterMm : null, profile, { kind: 'reach' });
  const dialled = coreSetting(setting);
  const travel = realTravelMmS(coupon);
  return travel !== null && dialled.pace.by === 'hand'
    ? { job, setting: { ...dialled, pace: { ...dialled.pace, travel: mmPerSecond(travel) } } }
    : { job, setting: dialled };
}
