import { saidSpeed } from '../quantity/index.js';
import type { Found } from './searchSetting.js';
import type { Knob } from './turnKnob.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';
import { wobbleFor, type WobbleChoice } from './wobbleChoice.js';

/** Why each number is what it is, one line each; only knobs that the setting has. */
export type SettingReasons = Readonly<Partial<Record<Knob | 'wobbleShape', string>>>;

/**
 * Says why a setting was chosen, knob by knob.
 *
 * @example
 * settingReasons(sampleJob(), suggestSetting(sampleJob())).wobbleRate // => 'where most hands start; slower goes deeper'
 */
export function settingReasons(job: WeldJob, candidate: Found): SettingReasons {
  const usual = wobbleFor(job);
  const { setting } = candidate;
  const { wobble, pace } = setting;
  const swept =
    wobble.shape === 'none'
      ? {}
      : {
          wobbleShape: usual.reasons.shape,
          wobbleWidth: widthReason(job, isAtMost(job, setting), wobble.width, usual),
          wobbleRate: usual.reasons.rate,
        };
  return {
    power: powerReason(job, candidate),
    ...(job.machine.duty === undefined ? {} : { duty: dutyReason(candidate) }),
    ...swept,
    ...(pace.by === 'wire' ? { wireSpeed: wireReason(job, candidate) } : { travel: paceReason(job) }),
  };
}

function powerReason(job: WeldJob, { setting, forecast, keptFor }: Found): string {
  const { power } = job.machine;
  if (keptFor !== null) return `what ${keptFor} even coupons of yours stand behind`;
  if (setting.duty < 1 && setting.power >= power.most)
    return 'full peak power, as the shop lights reflective metals: the duty sets how much';
  if (setting.power >= power.most) return 'all the machine has';
  if (setting.power <= power.least) return 'the least the machine gives';
  const percent = Math.round(forecast.expectedReach * 100);
  return `the ${power.step} W step that too cold and too hot weigh least against: ${percent} % of the thickness is expected`;
}

function dutyReason({ setting }: Found): string {
  return setting.duty < 1 ? 'trimmed until the depth is right' : 'full: the light is on all the time';
}

/** Widths that differ by less are the same step of a knob. */
const sameWidth = 0.06e-3;

/** Whether all the light the machine has is on. */
function isAtMost({ machine }: WeldJob, { power, duty }: WeldSetting): boolean {
  return power >= machine.power.most && duty >= 1;
}

function widthReason({ aim }: WeldJob, isAll: boolean, width: number, usual: WobbleChoice): string {
  if (Math.abs(width - usual.width) < sameWidth) return usual.reasons.width;
  if (aim.kind === 'leastHeat' || aim.kind === 'leastDressing')
    return 'narrower than usual: less metal is melted';
  if (aim.kind === 'wideForgiving' && width < usual.width) {
    return 'narrower than usual and slower: the depth minds a hand’s pace less';
  }
  if (width > usual.width) return 'wider than usual: it bears an unsteady hand';
  return isAll
    ? 'narrower than usual: the machine needs all its reach here'
    : 'narrower than usual: it lands more surely here';
}

function wireReason({ saidIn }: WeldJob, { forecast }: Found): string {
  return `lays down the gap and the crown at ${saidSpeed(forecast.travel, saidIn)}: the wire sets the pace`;
}

function paceReason({ aim, joint }: WeldJob): string {
  if (joint.kind === 'tack') return 'the tack’s length over its time';
  return aim.kind === 'leastHeat' || aim.kind === 'leastDressing'
    ? 'as quick as still lands as surely: less heat in the part'
    : 'a pace a hand keeps, the quickest that still lands as surely';
}
