import type { EvidenceWeld } from '../evidence/index.js';
import { shieldingGasFor } from '../gas/index.js';
import { seamOf } from '../joint/index.js';
import { degree } from '../quantity/index.js';
import { meltInputOf, type WeldJob, type WeldSetting } from '../settings/index.js';

/**
 * A setting on a job as the evidence takes it; without evidence of the job's own, with the usual gas and angle.
 *
 * @example
 * evidenceWeldOf(sampleJob(), sampleSetting).gas // => 'argon'
 */
export function evidenceWeldOf(job: WeldJob, setting: WeldSetting): EvidenceWeld {
  return {
    machineId: job.evidence?.machineId ?? 'this machine',
    melt: meltInputOf(job, setting),
    gap: seamOf(job.joint).gap,
    gas: job.evidence?.gas ?? shieldingGasFor(job.metal, job.joint, job.practice).gas,
    gunAngle: job.evidence?.gunAngle ?? degree(45),
  };
}
