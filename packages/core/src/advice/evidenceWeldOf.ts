import type { EvidenceWeld } from '../evidence/index.js';
import { shieldingGasFor } from '../gas/index.js';
import { farFace, seamOf } from '../joint/index.js';
import { degree } from '../quantity/index.js';
import { meltInputOf, weldPass, type WeldJob, type WeldSetting } from '../settings/index.js';

/**
 * A setting on a job as the evidence takes it; without evidence of the job's own, with the usual gas and angle.
 *
 * @example
 * evidenceWeldOf(sampleJob(), sampleSetting).gas // => 'argon'
 */
export function evidenceWeldOf(job: WeldJob, setting: WeldSetting): EvidenceWeld {
  const { joint } = weldPass(job);
  const { distance, isOpen } = farFace(joint);
  const melt = meltInputOf(job, setting);
  return {
    machineId: job.evidence?.machineId ?? 'this machine',
    melt,
    gap: seamOf(job.joint).gap,
    gas: job.evidence?.gas ?? shieldingGasFor(job.metal, job.joint, job.practice).gas,
    gunAngle: job.evidence?.gunAngle ?? degree(45),
    ...(isOpen ? {} : { far: { reach: distance === null ? null : distance / melt.thickness } }),
  };
}
