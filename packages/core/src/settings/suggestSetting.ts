import { RangeFault, requireWithin } from '../fault/index.js';
import { jointThermal, seamOf } from '../joint/index.js';
import { metre, saidLength } from '../quantity/index.js';
import { requireLosses, lossesOf } from './aimLosses.js';
import { findObstacle, type Obstacle } from './findObstacle.js';
import { plainBead } from './meltInputOf.js';
import { searchSetting, type Found } from './searchSetting.js';
import { waysOf } from './ways.js';
import type { WeldJob } from './WeldJob.js';
import { wireName } from '../wire/index.js';
import { wobbleFor, type WobbleChoice } from './wobbleChoice.js';

/** The setting to start from, what to expect of it, and what stands in the way where it falls short. */
export interface Suggestion extends Found {
  /** Null where nothing does. */
  readonly obstacle: Obstacle | null;
}

/**
 * The setting that the job's aim expects to cost least: power (or duty, where the shop lights reflective metals with
 * full peak power) in the machine's own steps, pace or wire speed, and the sweep. See {@link searchSetting} for how
 * ties are broken and when a proven setting is kept. The same job always gives the same answer; where nothing on the
 * machine lands, the least bad answer comes with what stands in the way.
 *
 * @throws RangeFault for a joint, a share, losses or a wire the job cannot have
 * @example
 * suggestSetting(sampleJob({ gap: 0 })).setting.power // => 735
 */
export function suggestSetting(job: WeldJob): Suggestion {
  requireAim(job);
  const usual = wobbleFor(job);
  const found = searchSetting(job, usual);
  if (found === null) throw sheetTooThinForShare(job, usual);
  return {
    ...found,
    obstacle: findObstacle(job, found),
  };
}

/** Refuses a wire without a feeder, a gap to be filled without wire, and a share that is hardly a weld. */
function requireAim(job: WeldJob): void {
  requireLosses(lossesOf(job.aim, job.losses));
  if (job.wireDiameter !== null && job.machine.wireSpeed === null) {
    throw new RangeFault({
      quantity: 'wire',
      given: wireName(job.wireDiameter),
      allowed: 'no wire on this machine: it has no feeder',
      remedy: 'Weld without wire or take another machine.',
    });
  }
  if (job.aim.kind === 'fillGap' && job.wireDiameter === null) {
    throw new RangeFault({
      quantity: 'gap to fill',
      given: `${saidLength(seamOf(job.joint).gap, job.saidIn, 2)} without wire`,
      allowed: 'wire, which is what fills it',
      remedy: 'Take wire, or close the gap.',
    });
  }
  if (job.aim.kind !== 'share') return;
  requireWithin(job.aim.share * 100, { quantity: 'share of the thickness', min: 50, max: 90, unit: '%' });
}

function sheetTooThinForShare(job: WeldJob, usual: WobbleChoice): RangeFault {
  const { thickness } = jointThermal(job.joint);
  const { liked, further } = waysOf(job, usual);
  const narrowest = Math.min(...[...liked, ...further].map((way) => plainBead(job, way)));
  return new RangeFault({
    quantity: 'share of the thickness',
    given: `on ${saidLength(thickness, job.saidIn, 2)} sheet`,
    allowed: `sheet of ${saidLength(metre(narrowest), job.saidIn)} and more`,
    remedy: 'A thinner sheet tips from cold to through under its bead: aim to reach the back.',
  });
}
