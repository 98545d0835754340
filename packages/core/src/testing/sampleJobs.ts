import { evidenceWeldOf } from '../advice/index.js';
import type { EvidenceCoupon } from '../evidence/index.js';
import type { Joint, JointKind } from '../joint/index.js';
import type { MachineLimits } from '../machine/index.js';
import { findMetal, type MetalId } from '../metal/index.js';
import { fraction, hertz, mm, mmPerSecond, second, watt, type Metre } from '../quantity/index.js';
import { suggestSetting, type Aim, type WeldJob } from '../settings/index.js';

/** A bench machine of 1.5 kW with a feeder, for tests. */
export const bench: MachineLimits = {
  power: { least: watt(150), most: watt(1500), step: 15 },
  spot: mm(0.15),
  wobbleShapes: ['sideToSide', 'circle', 'figureEight'],
  wobbleWidth: { least: mm(0), most: mm(4), step: mm(0.1) },
  wobbleRate: { least: hertz(10), most: hertz(150), step: 1 },
  wireSpeed: { least: mmPerSecond(2), most: mmPerSecond(60), step: mmPerSecond(10 / 60) },
  duty: { least: fraction(0.3), most: fraction(1), step: 0.05 },
};

/** Three machines that shops have: a kilowatt, the bench's one and a half, two. */
export const machines: readonly MachineLimits[] = [
  { ...bench, power: { least: watt(100), most: watt(1000), step: 10 } },
  bench,
  { ...bench, power: { least: watt(200), most: watt(2000), step: 20 } },
];

/** A joint of each kind in equal sheets, its other sizes common ones. */
export function sheetJoint(kind: JointKind, thicknessMm: number): Joint {
  const sheets = { firstThickness: mm(thicknessMm), secondThickness: mm(thicknessMm), gap: mm(0) };
  const leg = mm(2);
  switch (kind) {
    case 'tee':
      return { kind, ...sheets, leg, sides: 1 };
    case 'insideCorner':
      return { kind, ...sheets, leg };
    case 'flareGroove':
    case 'tubeToPlate':
      return { kind, ...sheets, leg, tubeRadius: mm(20) };
    case 'tubeButt':
      return { kind, ...sheets, tubeRadius: mm(20) };
    case 'plug':
      return { kind, ...sheets, holeDiameter: mm(4) };
    case 'tack':
      return { kind, on: { kind: 'butt', ...sheets }, length: mm(3), lightOn: second(0.5) };
    case 'butt':
    case 'lap':
    case 'outsideCorner':
    case 'edge':
      return { kind, ...sheets };
  }
}

/** What a test says of a job; the rest is a tight 1.5 mm butt in 304 on the bench machine. */
export interface SaidJob {
  metal?: MetalId;
  thickness?: number;
  gap?: number;
  joint?: Joint;
  wire?: Metre | null;
  machine?: MachineLimits;
  aim?: Aim;
  practice?: WeldJob['practice'];
  evidence?: WeldJob['evidence'];
}

/** A job for tests. */
export function sampleJob(said: SaidJob = {}): WeldJob {
  const { metal = 'stainless304', thickness = 1.5, gap = 0.1, wire = null, machine = bench } = said;
  const sheet = mm(thickness);
  return {
    metal: findMetal(metal),
    joint: said.joint ?? { kind: 'butt', firstThickness: sheet, secondThickness: sheet, gap: mm(gap) },
    wireDiameter: wire,
    machine,
    aim: said.aim ?? { kind: 'reach' },
    ...(said.practice === undefined ? {} : { practice: said.practice }),
    ...(said.evidence === undefined ? {} : { evidence: said.evidence }),
  };
}

/** The setting that is suggested for the sample job, for examples. */
export const sampleSetting = suggestSetting(sampleJob()).setting;

/** The sample job as the evidence takes it. */
export const sampleWeld = evidenceWeldOf(sampleJob(), sampleSetting);

/** A coupon of the sample job whose back showed this. */
export function sampleCoupon(back: 'none' | 'faint' | 'even' | 'heavy' | 'hole', id = 'a'): EvidenceCoupon {
  return { id, weld: sampleWeld, finding: { by: 'look', back }, isTravelMeasured: true, isSlip: false };
}
