import type { WobbleShape } from '../beam/index.js';
import type { Fraction, Hertz, Metre, MetrePerSecond, Watt } from '../quantity/index.js';

/** What a knob can be set to: from least to most in steps counted from the least. */
export interface KnobRange<Unit extends number> {
  readonly least: Unit;
  readonly most: Unit;
  readonly step: number;
}

/** What a machine can do, as the search sees it. */
export interface MachineLimits {
  /** Its most is the configured power, which a percentage on the panel is of. */
  readonly power: KnobRange<Watt>;
  /** Diameter of the beam at focus. */
  readonly spot: Metre;
  readonly wobbleShapes: readonly WobbleShape[];
  readonly wobbleWidth: KnobRange<Metre>;
  readonly wobbleRate: KnobRange<Hertz>;
  /** Null where no feeder is fitted. */
  readonly wireSpeed: KnobRange<MetrePerSecond> | null;
  /** Left out where the panel has no such knob: the light is then on all the time. */
  readonly duty?: KnobRange<Fraction>;
}
