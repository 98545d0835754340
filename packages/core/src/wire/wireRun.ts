import { inMm, metre, type Metre, type MetrePerSecond, type SquareMetre } from '../quantity/index.js';
import { wireArea, wireForTravel } from './wirePace.js';

/** How the hand's real pace stands to the wire's. */
export interface PaceAgainstWire {
  readonly by: 'wire' | 'hurried' | 'heldBack';
  /** Bead metal beside what is wanted: 1 as wanted, above 1 it piles up, below 1 it is starved. */
  readonly fillShare: number;
  readonly words: string;
}

/** A hand within this share of the wire's pace goes along with it. */
const alongWithWire = 0.1;

/**
 * Whether the hand goes along with the wire, hurries past it or holds it back.
 *
 * @param travel as it really was
 * @param wirePace travel at which the wire lays down what is wanted
 * @example
 * paceAgainstWire(mmPerSecond(6), mmPerSecond(8)).by // => 'heldBack'
 */
export function paceAgainstWire(travel: MetrePerSecond, wirePace: MetrePerSecond): PaceAgainstWire {
  const fillShare = wirePace / travel;
  if (Math.abs(travel / wirePace - 1) <= alongWithWire) {
    return { by: 'wire', fillShare, words: 'the hand goes along with the wire' };
  }
  const percent = Math.round(Math.abs(fillShare - 1) * 100);
  return fillShare > 1
    ? {
        by: 'heldBack',
        fillShare,
        words: `the hand holds back: ${percent} % more metal piles up than wanted`,
      }
    : {
        by: 'hurried',
        fillShare,
        words: `the hand is ahead of the wire: the bead gets ${percent} % too little`,
      };
}

/** Wire that a seam takes. */
export interface WireRun {
  readonly speed: MetrePerSecond;
  /** Length of wire. */
  readonly wire: Metre;
  /** kg */
  readonly mass: number;
}

/**
 * Wire for a seam: speed for a travel, length and mass for its length.
 *
 * @param fill metal needed per length of seam, m2
 * @param density of the filler, kg/m3
 * @example
 * (wireForSeam({ diameter: mm(0.8), travel: mmPerSecond(8), fill: squareMetre(0.5e-6), seam: metre(1), density: 7900 }).mass * 1000).toFixed(2) // => '3.95'
 */
export function wireForSeam(input: {
  readonly diameter: Metre;
  readonly travel: MetrePerSecond;
  readonly fill: SquareMetre;
  readonly seam: Metre;
  readonly density: number;
}): WireRun {
  const { diameter, travel, fill, seam, density } = input;
  return {
    speed: wireForTravel(diameter, travel, fill),
    wire: metre((fill * seam) / wireArea(diameter)),
    mass: fill * seam * density,
  };
}

/** What is left on a spool after a seam. */
export interface SpoolLeft {
  /** kg; below 0 where the spool does not hold enough. */
  readonly left: number;
  /** Length of seam that the spool holds. */
  readonly seam: Metre;
}

/**
 * Spool left, and how much seam it still makes.
 *
 * @param onSpool kg of wire on the spool
 * @param perMetre kg of wire per metre of seam, above 0
 * @example
 * spoolLeft(5, 0.01, metre(100)).left // => 4
 */
export function spoolLeft(onSpool: number, perMetre: number, seam: Metre): SpoolLeft {
  return { left: onSpool - perMetre * seam, seam: metre(onSpool / perMetre) };
}

/** How many passes fill a joint. */
export interface PassPlan {
  readonly passes: number;
  /** Metal in each pass. */
  readonly perPass: SquareMetre;
  readonly why: string;
}

/** A pass thicker than this times its wire's diameter sags before it freezes. */
const thickestPass = 2;

/**
 * Passes for a groove or a fillet: each at most as thick as twice its wire over the bead's width, and at the slowest
 * pace a hand holds.
 *
 * @param fill metal needed in all, m2
 * @param fastestWire the feeder's most
 * @param slowestTravel the slowest pace worth welding at
 * @example
 * planPasses({ fill: squareMetre(20e-6), bead: mm(3), diameter: mm(1.2), fastestWire: mmPerSecond(60), slowestTravel: mmPerSecond(5) }).passes // => 3
 */
export function planPasses(input: {
  readonly fill: SquareMetre;
  readonly bead: Metre;
  readonly diameter: Metre;
  readonly fastestWire: MetrePerSecond;
  readonly slowestTravel: MetrePerSecond;
}): PassPlan {
  const { fill, bead, diameter, fastestWire, slowestTravel } = input;
  const byShape = thickestPass * diameter * bead;
  const byFeeder = (wireArea(diameter) * fastestWire) / slowestTravel;
  const most = Math.min(byShape, byFeeder);
  const passes = Math.max(1, Math.ceil(fill / most - 1e-9));
  const limit =
    byShape <= byFeeder
      ? `a pass thicker than ${inMm(metre(thickestPass * diameter)).toFixed(1)} mm sags`
      : 'the feeder gives no more at a pace a hand holds';
  return {
    passes,
    perPass: (fill / passes) as SquareMetre,
    why: passes === 1 ? 'one pass carries it' : limit,
  };
}
