import { takesBevel, type Joint, type SeamJoint } from '../joint/index.js';
import type { JobChange } from './JobChange.js';
import type { WeldJob } from './WeldJob.js';

/**
 * A job with one change made; the same job where its joint does not have what is changed. What the shop's coupons said
 * of the setting goes with it; what they said of this very joint does not.
 *
 * @example
 * changedJob(sampleJob(), { kind: 'wire', diameter: mm(1) }).wireDiameter // => 0.001
 */
export function changedJob(job: WeldJob, change: JobChange): WeldJob {
  const fresh = withoutTrials(job);
  switch (change.kind) {
    case 'wire':
      return { ...fresh, wireDiameter: change.diameter };
    case 'share':
      return { ...fresh, aim: { kind: 'share', share: change.share } };
    case 'machine': {
      const { machine } = job;
      return { ...fresh, machine: { ...machine, power: { ...machine.power, most: change.power } } };
    }
    case 'bothSides':
      return 'sides' in job.joint
        ? { ...fresh, joint: { ...job.joint, sides: 2, leg: change.leg ?? job.joint.leg } }
        : { ...fresh, runs: 2 };
    case 'bevel':
    case 'gap':
    case 'leg':
    case 'hole':
    case 'swapSheets':
      return { ...fresh, joint: changedJoint(job.joint, change) };
  }
}

function withoutTrials(job: WeldJob): WeldJob {
  return job.evidence === undefined ? job : { ...job, evidence: { ...job.evidence, tried: [] } };
}

type JointChange = Extract<JobChange, { kind: 'bevel' | 'gap' | 'leg' | 'hole' | 'swapSheets' }>;

function changedJoint(joint: Joint, change: JointChange): Joint {
  return joint.kind === 'tack' ? { ...joint, on: changedSeam(joint.on, change) } : changedSeam(joint, change);
}

function changedSeam(seam: SeamJoint, change: JointChange): SeamJoint {
  switch (change.kind) {
    case 'gap':
      return { ...seam, gap: change.gap };
    case 'swapSheets':
      return { ...seam, firstThickness: seam.secondThickness, secondThickness: seam.firstThickness };
    case 'leg':
      return 'leg' in seam ? { ...seam, leg: change.leg } : seam;
    case 'hole':
      return 'holeDiameter' in seam ? { ...seam, holeDiameter: change.holeDiameter } : seam;
    case 'bevel':
      return takesBevel(seam)
        ? { ...seam, bevel: { land: change.land, includedAngle: change.includedAngle } }
        : seam;
  }
}
