import type { EvidenceWeld } from '../evidence/index.js';
import { shieldingGasFor } from '../gas/index.js';
import { farFace, seamOf } from '../joint/index.js';
import { degree, type MetrePerSecond } from '../quantity/index.js';
import { meltKernel } from '../melt/index.js';
import {
  meltInputOf,
  predictWarmed,
  travelOf,
  weldPass,
  type WeldJob,
  type WeldSetting,
} from '../settings/index.js';

/**
 * A setting on a job as the evidence takes it; without evidence of the job's own, with the usual gas and angle.
 *
 * @param travel as the gun really went; by default the setting's own pace
 * @example
 * evidenceWeldOf(sampleJob(), sampleSetting).gas // => 'argon'
 */
export function evidenceWeldOf(
  job: WeldJob,
  setting: WeldSetting,
  travel: MetrePerSecond = travelOf(job, setting),
): EvidenceWeld {
  const { joint } = weldPass(job);
  const { distance, isOpen } = farFace(joint);
  // A part that ran warm is read as such, not as a machine that goes deep.
  const { input: melt } = predictWarmed(meltKernel, job, meltInputOf(job, setting, travel));
  return {
    machineId: job.evidence?.machineId ?? 'this machine',
    melt,
    gap: seamOf(job.joint).gap,
    gas: job.evidence?.gas ?? shieldingGasFor(job.metal, job.joint, job.practice).gas,
    gunAngle: job.evidence?.gunAngle ?? degree(45),
    ...(isOpen ? {} : { far: { reach: distance === null ? null : distance / melt.thickness } }),
  };
}
