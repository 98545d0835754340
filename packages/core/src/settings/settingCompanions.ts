import { shieldingGasFor, usualFlowFor, type GasChoice } from '../gas/index.js';
import { beamAim, nozzleFor, type BeamAim, type NozzleChoice } from '../joint/index.js';
import { coveredUntil } from '../metal/index.js';
import { usualPractice } from '../practice/index.js';
import { mm, saidTemperature, second, type Metre, type Second } from '../quantity/index.js';
import { plainBead } from './meltInputOf.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** A value that goes with a setting and does not enter the computed depth, with why. */
interface Companion<T> {
  readonly value: T;
  readonly why: string;
}

/** What else is set for a weld. */
export interface SettingCompanions {
  readonly gas: GasChoice;
  readonly nozzle: NozzleChoice;
  readonly aim: BeamAim;
  /** Above the surface. */
  readonly focus: Companion<Metre>;
  readonly rampUp: Companion<Second>;
  readonly rampDown: Companion<Second>;
  readonly gasBefore: Companion<Second>;
  readonly gasAfter: Companion<Second>;
}

const aboveSurface = mm(1);

/** Reflective metals want the keyhole open at once; others start softly to spare the window. */
const softStart = { reflective: second(0.05), other: second(0.15) };
const softEnd = { crackProne: second(0.4), other: second(0.2) };
const gasAfterHot = { reactive: second(3), other: second(0.5) };

/**
 * Gas, nozzle, aim, focus, ramps and gas times to go with a setting: starting values of common practice and the
 * shop's schools. None of them enters the computed depth.
 *
 * @param bore of the nozzle, m; by default a common one
 * @example
 * settingCompanions(sampleJob(), sampleSetting).nozzle.shape // => 'flat'
 */
export function settingCompanions(
  job: WeldJob,
  setting: WeldSetting,
  bore: number = usualFlowFor.bore,
): SettingCompanions {
  const practice = job.practice ?? usualPractice;
  const { metal, joint } = job;
  const isReflective = metal.lightNote !== null;
  const isCrackProne = metal.crackNote !== null && metal.family !== 'stainless';
  const isReactive = metal.family === 'titanium';
  const hasWire = setting.pace.by === 'wire';
  return {
    gas: shieldingGasFor(metal, joint, practice, { power: setting.power * setting.duty, bore }),
    nozzle:
      practice.nozzle === 'perJoint'
        ? nozzleFor(joint, hasWire)
        : { shape: 'flat', isGrooved: hasWire, why: 'the one the shop keeps on for most work' },
    aim: beamAim(joint, plainBead(job, setting)),
    focus:
      practice.focus === 'surface'
        ? { value: mm(0), why: 'at the surface: the smallest spot, which the figures are for' }
        : {
            value: aboveSurface,
            why: 'a little above, as the shop does; the figures are for focus at the surface',
          },
    rampUp: isReflective
      ? { value: softStart.reflective, why: 'short: the keyhole must open at once' }
      : { value: softStart.other, why: 'a soft start spares the window' },
    rampDown: isCrackProne
      ? { value: softEnd.crackProne, why: 'a long end fills the crater, which would crack' }
      : { value: softEnd.other, why: 'fills the crater' },
    gasBefore: { value: second(0.3), why: 'pushes the air out before the light comes' },
    gasAfter: isReactive
      ? {
          value: gasAfterHot.reactive,
          why: `until the end of the seam is below ${saidTemperature(coveredUntil, job.saidIn)}`,
        }
      : { value: gasAfterHot.other, why: 'covers the end of the seam while it glows' },
  };
}
