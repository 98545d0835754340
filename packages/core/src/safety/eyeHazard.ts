import { metre, type Fraction, type Metre, type Radian, type Watt } from '../quantity/index.js';

/** W/m2 allowed at the eye for 1050 to 1150 nm, 10 s and longer, from a small source. Source: IEC 60825-1. */
const exposureLimit = 50;

/** Pupil that the limit is averaged over, m. Source: IEC 60825-1. */
const pupil = 7e-3;

/** The beam as it leaves the gun, by its 1/e (63 % of the power) figures. */
export interface LaserBeam {
  readonly power: Watt;
  /** Full angle. */
  readonly divergence: Radian;
  readonly exitDiameter: Metre;
}

/** Where light comes back from: share thrown back, and the angle one looks at it from. */
export interface DiffuseReflection {
  readonly reflectance: Fraction;
  /** From the surface's normal. */
  readonly viewingAngle: Radian;
}

/**
 * A beam from a data sheet, whose figures are for 1/e2 (86 % of the power): both are larger than the 1/e figures by
 * the square root of two. Read as they stand they would make distances a third too short.
 *
 * @example
 * beamFromDataSheet({ power: watt(1500), divergence: radian(0.1), exitDiameter: mm(4) }).divergence.toFixed(4) // => '0.0707'
 */
export function beamFromDataSheet(beam: LaserBeam): LaserBeam {
  return {
    power: beam.power,
    divergence: (beam.divergence / Math.SQRT2) as Radian,
    exitDiameter: metre(beam.exitDiameter / Math.SQRT2),
  };
}

/**
 * Optical density that brings the whole beam in the pupil down to the limit: log10(P/(pi d2/4)/limit).
 * A planning figure; the laser safety officer confirms the rating. Source: IEC 60825-1.
 *
 * @example
 * opticalDensityNeeded(watt(2885)).toFixed(4) // => '6.1759'
 */
export function opticalDensityNeeded(power: Watt): number {
  return Math.log10(power / ((Math.PI / 4) * pupil * pupil) / exposureLimit);
}

/**
 * Distance within which the direct beam is over the limit: (sqrt(4 P/(pi limit)) - a)/divergence, never below 0.
 * Source: IEC 60825-1.
 *
 * @example
 * hazardDistance({ power: watt(2885), divergence: radian(0.1922), exitDiameter: mm(8.169) }).toFixed(2) // => '44.55'
 */
export function hazardDistance({ power, divergence, exitDiameter }: LaserBeam): Metre {
  const across = Math.sqrt((4 * power) / (Math.PI * exposureLimit));
  return metre(Math.max(0, (across - exitDiameter) / divergence));
}

/**
 * Distance within which light thrown back by a dull surface is over the limit: sqrt(rho P cos/(pi limit)).
 * A shiny surface throws a beam, not this. Source: IEC 60825-1.
 *
 * @example
 * diffuseHazardDistance(watt(2885), { reflectance: fraction(0.6708), viewingAngle: degree(50.7) }).toFixed(3) // => '2.793'
 */
export function diffuseHazardDistance(power: Watt, reflection: DiffuseReflection): Metre {
  const { reflectance, viewingAngle } = reflection;
  const towards = Math.max(0, Math.cos(viewingAngle));
  return metre(Math.sqrt((reflectance * power * towards) / (Math.PI * exposureLimit)));
}

/** Eye figures as they are shown: each rounded to the safe side. */
export interface EyePlan {
  /** Rounded up to the next half. */
  readonly opticalDensity: number;
  /** Rounded up to the next metre, and to the next 10 m past 100. */
  readonly direct: Metre;
  /** Rounded up to the next tenth of a metre. */
  readonly diffuse: Metre;
}

/**
 * The figures a safety sheet shows, rounded up. Planning figures: a laser safety officer, the manual and local codes
 * decide.
 *
 * @example
 * planEyes({ power: watt(2885), divergence: radian(0.1922), exitDiameter: mm(8.169) }, { reflectance: fraction(0.6708), viewingAngle: degree(50.7) }) // => { opticalDensity: 6.5, direct: 45, diffuse: 2.8 }
 */
export function planEyes(beam: LaserBeam, reflection: DiffuseReflection): EyePlan {
  const direct = hazardDistance(beam);
  return {
    opticalDensity: Math.ceil(opticalDensityNeeded(beam.power) * 2) / 2,
    direct: metre(direct > 100 ? Math.ceil(direct / 10) * 10 : Math.ceil(direct)),
    diffuse: metre(Math.ceil(diffuseHazardDistance(beam.power, reflection) * 10) / 10),
  };
}
