import type { Wobble } from '../beam/index.js';
import type { Metal } from '../metal/index.js';
import type { Fraction, Hertz, Kelvin, Metre, MetrePerSecond, SquareMetre, Watt } from '../quantity/index.js';

/** Wire fed cold into the melt. */
export interface WireFeed {
  readonly diameter: Metre;
  readonly speed: MetrePerSecond;
}

/** One weld as the melt model sees it. */
export interface MeltInput {
  readonly metal: Metal;
  /** Thickness that must be melted through, as the joint counts it. */
  readonly thickness: Metre;
  /** Directions heat leaves by, as the joint counts them. */
  readonly heatDirections: number;
  /** Power while the light is on. */
  readonly power: Watt;
  /** Share of the time the light is on. */
  readonly duty: Fraction;
  /** Laser modulation frequency; where it is fast against the spot, only the mean power counts. */
  readonly modulation?: Hertz;
  readonly travel: MetrePerSecond;
  /** Diameter of the beam on the sheet. */
  readonly spot: Metre;
  readonly wobble: Wobble;
  /** Null where no wire is fed. */
  readonly wire: WireFeed | null;
  /**
   * Section of the melt that the wire's metal fills (a fillet, a groove), above what lies over the sheets: the wire's
   * share of the heat has melted it already. None where it is left out.
   */
  readonly deposit?: SquareMetre;
  /** What a bar behind the seam takes, W/(m2 K); none where it is left out. */
  readonly barContact?: number;
  /** Temperature of the sheets before the beam; room temperature where it is left out. The wire is always cold. */
  readonly start?: Kelvin;
}

/** What the model makes of it. */
export interface MeltPrediction {
  /** Pure number; a keyhole opens from about 6. */
  readonly normalisedEnthalpy: number;
  /** 0 (the light lies on the surface) to 1 (a keyhole). */
  readonly keyholeShare: number;
  /** Share of the light that is taken. */
  readonly absorptivity: number;
  /** Share of the absorbed power that the cold wire takes; at 1 nothing is left for the sheets. */
  readonly wireShare: number;
  readonly heatLimitedDepth: Metre;
  readonly reachLimitedDepth: Metre;
  readonly depth: Metre;
  /** Width of the bead at the face. */
  readonly width: Metre;
  /** Depth over thickness. */
  readonly reach: number;
}
