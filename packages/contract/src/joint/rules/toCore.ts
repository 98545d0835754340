import {
  degree,
  findMetal,
  fraction,
  harderToMelt,
  hertz,
  inMm,
  inMmPerSecond,
  mm,
  mmPerSecond,
  seamRow,
  second,
  watt,
  wobbleFrom,
  type Aim,
  type Bevel,
  type Filler,
  type Joint as CoreJoint,
  type JointConditions,
  type MachineLimits,
  type Metal,
  type SeamJoint,
  type SeamSize,
  type ShieldingGas,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';
import { plainConditions, wireDiameterMm, type Joint } from '../joint.js';
import type { MachineProfile } from '../../machines/machine.js';
import type { Setting } from '../setting.js';

/** A recorded joint as the core takes it. */
export function coreJoint(joint: Joint): CoreJoint {
  const seam = coreSeam(joint);
  const { tack } = joint;
  return tack === undefined
    ? seam
    : { kind: 'tack', on: seam, length: mm(tack.lengthMm), lightOn: second(tack.lightOnS) };
}

function coreSeam(joint: Joint): SeamJoint {
  const { sizes, secondSide } = seamRow(joint.kind);
  const recorded = joint as { readonly [Size in SeamSize as `${Size}Mm`]?: number };
  // Kind by kind what its row says, which is more than the compiler follows; a test holds it to every kind.
  return {
    kind: joint.kind,
    firstThickness: mm(joint.firstThicknessMm),
    secondThickness: mm(joint.secondThicknessMm),
    gap: mm(joint.gapMm),
    ...Object.fromEntries(sizes.map((size) => [size, mm(recorded[`${size}Mm`] ?? Number.NaN)])),
    ...(secondSide === 'ownFillet' ? { sides: joint.sides ?? 1 } : {}),
    ...('bevel' in joint ? bevelOf(joint.bevel) : {}),
  } as SeamJoint;
}

function bevelOf(bevel: { landMm: number; angleDeg: number } | undefined): { bevel?: Bevel } {
  if (bevel === undefined) return {};
  return { bevel: { land: mm(bevel.landMm), includedAngle: degree(bevel.angleDeg) } };
}

/** How a recorded joint is met, as the core takes it. */
export function coreConditions({ conditions = plainConditions }: Joint): JointConditions {
  const { stitches, freeEdgeMm, ...rest } = conditions;
  return {
    ...rest,
    ...(freeEdgeMm === undefined ? {} : { freeEdge: mm(freeEdgeMm) }),
    run:
      stitches === null
        ? { kind: 'continuous' }
        : {
            kind: 'stitched',
            length: mm(stitches.lengthMm),
            pitch: mm(stitches.pitchMm),
            offset: mm(stitches.offsetMm),
          },
  };
}

/** The metals of a joint: one, or two that differ. */
export function jointMetals({ metal, secondMetal }: Joint): readonly [Metal] | readonly [Metal, Metal] {
  const first = findMetal(metal);
  return secondMetal === undefined || secondMetal === metal ? [first] : [first, findMetal(secondMetal)];
}

/** Whether a joint is melted from each side until the two runs meet; a fillet on both sides is two fillets instead. */
export function isThroughBoth({ kind, sides }: Joint): boolean {
  return sides === 2 && seamRow(kind).secondSide === 'meets';
}

/** A machine's reach as the core takes it. */
export function coreMachine(profile: MachineProfile): MachineLimits {
  const { powerW, wobbleWidthMm, wobbleRateHz, wireSpeedMmS, dutyPercent } = profile;
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
    ...(dutyPercent === null
      ? {}
      : {
          duty: {
            least: fraction(dutyPercent.least / 100),
            most: fraction(dutyPercent.most / 100),
            step: dutyPercent.step / 100,
          },
        }),
  };
}

/** A joint on a machine for a purpose as the core takes it; two metals are dialled for the one that melts harder. */
export function coreJob(
  joint: Joint,
  wireDiameterMm: number | null,
  profile: MachineProfile,
  aim: Aim,
): WeldJob {
  const [first, other] = jointMetals(joint);
  return {
    metal: other === undefined ? first : harderToMelt(first, other),
    ...(other === undefined ? {} : { pair: [first, other] }),
    joint: coreJoint(joint),
    wireDiameter: wireDiameterMm === null ? null : mm(wireDiameterMm),
    machine: coreMachine(profile),
    aim,
    ...(isThroughBoth(joint) ? { runs: 2 as const } : {}),
    ...heatedPart(joint),
  };
}

/** What of the part and behind it takes heat or throws it back; nothing of a large sheet in air. */
function heatedPart({ conditions = plainConditions }: Joint): Pick<WeldJob, 'freeEdge' | 'backing'> {
  const { freeEdgeMm, backing } = conditions;
  return {
    ...(freeEdgeMm === undefined ? {} : { freeEdge: mm(freeEdgeMm) }),
    ...(backing === 'none' ? {} : { backing }),
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
export function recordedSetting(
  setting: WeldSetting,
  gas: ShieldingGas,
  gasFlowLMin: number,
  filler?: Filler,
): Setting {
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
            wireDiameterMm: wireDiameterMm(pace.diameter),
            wireSpeedMmS: thousandths(inMmPerSecond(pace.wireSpeed)),
            ...(filler === undefined ? {} : { filler }),
          },
    gas,
    gasFlowLMin,
  };
}

function thousandths(value: number): number {
  return Math.round(value * 1000) / 1000;
}
