import {
  backingTable,
  jointThermal,
  metalNeeded,
  seamOf,
  thinnerSheet,
  type Joint,
  type JointThermal,
} from '../joint/index.js';
import type { MeltInput } from '../melt/index.js';
import {
  metre,
  metrePerSecond,
  squareMetre,
  type Metre,
  type MetrePerSecond,
  type SquareMetre,
} from '../quantity/index.js';
import { travelFromWire } from '../wire/index.js';
import type { WeldJob } from './WeldJob.js';
import { handBand } from './handBand.js';
import { weldPass, type WeldPass } from './weldPass.js';
import type { Pace, WeldSetting } from './WeldSetting.js';

/**
 * A setting on a job as the melt model takes it.
 *
 * @example
 * meltInputOf(sampleJob(), sampleSetting).heatDirections // => 2
 */
export function meltInputOf(
  job: WeldJob,
  setting: WeldSetting,
  travel: MetrePerSecond = travelOf(job, setting),
  pass: WeldPass = weldPass(job),
  thermal: JointThermal = jointThermal(pass.joint),
): MeltInput {
  const { pace } = setting;
  const { contact: barContact } = backingTable[job.backing ?? 'none'];
  const deposit = pace.by === 'wire' ? depositIn(pass.joint) : 0;
  return {
    metal: job.metal,
    thickness: thermal.thickness,
    heatDirections: thermal.heatDirections,
    power: setting.power,
    duty: setting.duty,
    travel,
    spot: job.machine.spot,
    wobble: setting.wobble,
    wire: pace.by === 'wire' ? { diameter: pace.diameter, speed: pace.wireSpeed } : null,
    ...(deposit > 0 ? { deposit: squareMetre(deposit) } : {}),
    ...(barContact > 0 ? { barContact } : {}),
  };
}

/** Metal of the wire that lies in the section to be melted: a fillet, a flare groove, a plug's fill. */
function depositIn(joint: Joint): number {
  const seam = seamOf(joint);
  return 'leg' in seam || seam.kind === 'plug' ? metalNeeded(seam, thinnerSheet(seam)).fill : 0;
}

/**
 * Travel of the gun: the hand's, or what the wire asks for as far as a hand follows it. A wire that would drive the gun
 * faster than 20 mm/s piles up instead.
 *
 * @example
 * travelOf(sampleJob(), { ...sampleSetting, pace: { by: 'hand', travel: mmPerSecond(8) } }) // => 0.008
 */
export function travelOf(job: WeldJob, setting: WeldSetting): MetrePerSecond {
  const { pace } = setting;
  if (pace.by === 'hand') return pace.travel;
  const driven = wireTravel(job, setting.wobble, pace);
  return metrePerSecond(Math.min(driven, handBand.fastest));
}

/** Travel at which a wire just lays down what a pass takes, however fast that is. */
export function wireTravel(
  job: WeldJob,
  wobble: WeldSetting['wobble'],
  pace: Extract<Pace, { by: 'wire' }>,
): MetrePerSecond {
  return travelFromWire(pace.diameter, pace.wireSpeed, passFill(job, { wobble }));
}

/** Metal that one pass takes per length of seam, m2. */
export function passFill(job: WeldJob, setting: Pick<WeldSetting, 'wobble'>): SquareMetre {
  return metalNeeded(weldPass(job).joint, plainBead(job, setting)).total;
}

/**
 * Bead width that a wobble lays down before any spreading, as the melt model counts it: w + 1.2 d.
 *
 * @example
 * (plainBead(sampleJob(), sampleSetting) * 1000).toFixed(2) // => '2.18'
 */
export function plainBead(job: WeldJob, setting: Pick<WeldSetting, 'wobble'>): Metre {
  const sweep = setting.wobble.shape === 'none' ? 0 : setting.wobble.width;
  return metre(sweep + 1.2 * job.machine.spot);
}
