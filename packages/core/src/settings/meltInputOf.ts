import { jointThermal, metalNeeded, type JointThermal } from '../joint/index.js';
import type { MeltInput } from '../melt/index.js';
import { metre, type Metre, type MetrePerSecond } from '../quantity/index.js';
import { travelFromWire } from '../wire/index.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

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
  thermal: JointThermal = jointThermal(job.joint),
): MeltInput {
  const { pace } = setting;
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
  };
}

/**
 * Travel of the gun: the hand's, or what the wire asks for.
 *
 * @example
 * travelOf(sampleJob(), { ...sampleSetting, pace: { by: 'hand', travel: mmPerSecond(8) } }) // => 0.008
 */
export function travelOf(job: WeldJob, setting: WeldSetting): MetrePerSecond {
  const { pace } = setting;
  if (pace.by === 'hand') return pace.travel;
  const fill = metalNeeded(job.joint, plainBead(job, setting)).total;
  return travelFromWire(pace.diameter, pace.wireSpeed, fill);
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
