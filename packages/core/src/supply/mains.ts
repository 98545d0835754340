import { watt, type Fraction, type Watt } from '../quantity/index.js';

/** How the machine and what hangs on it draw from the mains. */
export interface MainsInput {
  /** Laser light given. */
  readonly optical: Watt;
  /** Light given over power drawn by the source, above 0. */
  readonly wallPlugEfficiency: Fraction;
  /** Chiller, feeder, extraction on the same supply. */
  readonly other: Watt;
  /** V; between lines where three-phase. */
  readonly volts: number;
  readonly phases: 1 | 3;
  readonly powerFactor: Fraction;
}

/** Draw in watts and amperes. */
export interface MainsDraw {
  readonly input: Watt;
  /** A in each line. */
  readonly current: number;
  /** A with a quarter more, which a supply for continuous load is often asked to carry. */
  readonly continuous: number;
}

const continuousLoad = 1.25;

/**
 * Draw at full light: optical/efficiency + other; current from line-to-line volts (three-phase, sqrt 3) or line volts.
 * A figure to ask a licensed electrician with, not to wire by.
 *
 * @example
 * mainsDraw({ optical: watt(1948), wallPlugEfficiency: fraction(0.3822), other: watt(1694), volts: 230, phases: 1, powerFactor: fraction(0.95) }).current.toFixed(2) // => '31.08'
 */
export function mainsDraw(input: MainsInput): MainsDraw {
  const { optical, wallPlugEfficiency, other, volts, phases, powerFactor } = input;
  const drawn = optical / wallPlugEfficiency + other;
  const current = drawn / (volts * powerFactor * (phases === 3 ? Math.sqrt(3) : 1));
  return { input: watt(drawn), current, continuous: current * continuousLoad };
}

/** Ratings that breakers come in, A. */
const breakers = [6, 10, 13, 16, 20, 25, 32, 40, 50, 63, 80, 100, 125];

/**
 * The breaker to ask a licensed electrician about: the smallest common rating that carries the continuous load.
 *
 * @returns A; null where none of the common ratings does
 * @example
 * breakerToAskFor({ input: watt(6791), current: 31.08, continuous: 38.85 }) // => 40
 */
export function breakerToAskFor(draw: MainsDraw): number | null {
  return breakers.find((rating) => rating >= draw.continuous) ?? null;
}
