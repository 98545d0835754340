import {
  kelvinDifference,
  metre,
  second,
  type KelvinDifference,
  type Metre,
  type Second,
} from '../quantity/index.js';
import { roomTemperature, type Metal } from '../metal/index.js';
import type { CleanJob, CleanSetting } from './CleanJob.js';
import { cleaningOf } from './cleaningOf.js';

/** What cleaning a face comes to. */
export interface CleanFigures {
  /** J/m2 of one sweep. */
  readonly fluence: number;
  readonly rowsOverOnePlace: number;
  /** Lanes side by side that cover the face. */
  readonly lanes: number;
  /** m2/s of finished face while the light is on, the last lane's overhang counted as nothing. */
  readonly areaRate: number;
  readonly lightOn: Second;
  /** If all passes follow at once. */
  readonly sheetRise: KelvinDifference;
  /** Of one pass, where the sheet cools between them. */
  readonly passRise: KelvinDifference;
  readonly riseLimit: KelvinDifference;
  /** Light on and dark along a sweep; null where it stays on. */
  readonly dashes: { readonly bright: Metre; readonly dark: Metre } | null;
}

/** What cleaning a face under a setting comes to. */
export function cleanFigures(job: CleanJob, setting: CleanSetting): CleanFigures {
  const { fluence, rowsOverOnePlace, sheetRise, beam } = cleaningOf(job, setting);
  const { width, travel, passes, pulses, duty } = setting;
  const lanes = Math.ceil(job.width / width - 1e-9);
  const lightOn = (lanes * passes * job.length) / travel;
  return {
    ...{ fluence, rowsOverOnePlace, lanes, sheetRise },
    areaRate: (job.length * job.width) / lightOn,
    lightOn: second(lightOn),
    passRise: kelvinDifference(sheetRise / passes),
    riseLimit: riseLimit(job.metal),
    dashes:
      pulses === null || duty >= 1
        ? null
        : { bright: metre((beam * duty) / pulses), dark: metre((beam * (1 - duty)) / pulses) },
  };
}

/** Rise past which the sheet takes colour, loses temper or moves, where it shows no colour. Usual caution, no code's limit. */
const riseWithoutColour = 130;
/** Below the first colour, for what an uneven hand adds. */
const belowColour = 60;

/** The most that a sheet may warm while it is cleaned: short of its first colour, of temper loss where it shows none. */
function riseLimit({ tint }: Metal): KelvinDifference {
  return kelvinDifference(tint === null ? riseWithoutColour : tint.straw - roomTemperature - belowColour);
}
