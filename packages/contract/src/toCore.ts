import {
  findMetal,
  fraction,
  hertz,
  mm,
  mmPerSecond,
  watt,
  wobbleFrom,
  inMm,
  inMmPerSecond,
  type Aim,
  type ButtJoint,
  type MachineLimits,
  type ShieldingGas,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';
import type { Joint } from './joint.js';
import type { MachineProfile } from './machine.js';
import type { Setting } from './setting.js';

/** A recorded joint as the core takes it. */
export function coreJoint(joint: Joint): ButtJoint {
  return {
    kind: joint.kind,
    firstThickness: mm(joint.firstThicknessMm),
    secondThickness: mm(joint.secondThicknessMm),
    gap: mm(joint.gapMm),
  };
}

/** A machine's reach as the core takes it. */
export function coreMachine(profile: MachineProfile): MachineLimits {
  const { powerW, wobbleWidthMm, wobbleRateHz, wireSpeedMmS } = profile;
  return {
    power: { least: watt(powerW.least), most: watt(powerW.most), step: powerW.step },
    spot: mm(profile.spotMm),
    wobbleShapes: profile.wobbleShapes,
    wobbleWidth: {
      least: mm(wobbleWidthMm.least),
      most: mm(wobbleWidthMm.most),
      step: mm(wobbleWidthMm.step),
    },
    wobbleRate: { least: hertz(wobbleRateHz.least), most: hertz(wobbleRateHz.most), step: wobbleRateHz.step },
    wireSpeed:
      wireSpeedMmS === null
        ? null
        : {
            least: mmPerSecond(wireSpeedMmS.least),
            most: mmPerSecond(wireSpeedMmS.most),
            step: mmPerSecond(wireSpeedMmS.step),
          },
  };
}

/** A joint on a machine for a purpose as the core takes it. */
export function coreJob(
  joint: Joint,
  wireDiameterMm: number | null,
  profile: MachineProfile,
  aim: Aim,
): WeldJob {
  return {
    metal: findMetal(joint.metal),
    joint: coreJoint(joint),
    wireDiameter: wireDiameterMm === null ? null : mm(wireDiameterMm),
    machine: coreMachine(profile),
    aim,
  };
}

/** A recorded setting as the core takes it. */
export function coreSetting({ powerW, dutyPercent, wobble, pace }: Setting): WeldSetting {
  return {
    power: watt(powerW),
    duty: fraction(dutyPercent / 100),
    wobble:
      wobble.shape === 'none'
        ? wobble
        : wobbleFrom(wobble.shape, mm(wobble.widthMm), hertz(wobble.frequencyHz)),
    pace:
      pace.by === 'hand'
        ? { by: 'hand', travel: mmPerSecond(pace.travelMmS) }
        : { by: 'wire', diameter: mm(pace.wireDiameterMm), wireSpeed: mmPerSecond(pace.wireSpeedMmS) },
  };
}

/** What the core dials, as it is recorded; numbers are rounded to a thousandth of their unit. */
export function recordedSetting(setting: WeldSetting, gas: ShieldingGas, gasFlowLMin: number): Setting {
  const { power, duty, wobble, pace } = setting;
  return {
    powerW: thousandths(power),
    dutyPercent: thousandths(duty * 100),
    wobble:
      wobble.shape === 'none'
        ? { shape: 'none' }
        : {
            shape: wobble.shape,
            widthMm: thousandths(inMm(wobble.width)),
            frequencyHz: thousandths(wobble.frequency),
          },
    pace:
      pace.by === 'hand'
        ? { by: 'hand', travelMmS: thousandths(inMmPerSecond(pace.travel)) }
        : {
            by: 'wire',
            wireDiameterMm: thousandths(inMm(pace.diameter)),
            wireSpeedMmS: thousandths(inMmPerSecond(pace.wireSpeed)),
          },
    gas,
    gasFlowLMin,
  };
}

function thousandths(value: number): number {
  return Math.round(value * 1000) / 1000;
}
