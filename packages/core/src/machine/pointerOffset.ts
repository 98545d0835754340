import { linearRegression } from 'simple-statistics';
import type { Metre } from '../quantity/index.js';

/** How a controller moves the pointer's dot. */
export interface PointerControl {
  /** What one step moves the dot by, above 0. */
  readonly step: Metre;
  /** A larger X moves the dot to the left, and a larger Y moves it down. */
  readonly isXReversed: boolean;
  readonly isYReversed: boolean;
}

/** An offset in the controller's own steps. */
export interface PointerOffset {
  readonly x: number;
  readonly y: number;
}

/**
 * The offset that brings the dot to the middle of the nozzle: as many whole steps as it sits off, the other way, and
 * each machine's own way round.
 *
 * @param now the offset as it stands, steps
 * @param right how far the dot sits to the right of the middle; left below 0
 * @param up how far above it; below it under 0
 * @example
 * pointerCorrection({ step: mm(0.05), isXReversed: true, isYReversed: false }, { x: 4, y: -2 }, mm(0.2), mm(-0.1)) // => { x: 8, y: 0 }
 */
export function pointerCorrection(
  control: PointerControl,
  now: PointerOffset,
  right: Metre,
  up: Metre,
): PointerOffset {
  const steps = (away: Metre) => Math.round(away / control.step);
  return {
    x: now.x + (control.isXReversed ? steps(right) : -steps(right)),
    y: now.y + (control.isYReversed ? steps(up) : -steps(up)),
  };
}

/** One reading of a log that may drift. */
export interface LoggedReading {
  /** Days, from any start. */
  readonly day: number;
  /** In any unit. */
  readonly value: number;
}

const daysPerMonth = 30.44;
/** Fewer readings, or a shorter time, say nothing of a trend. */
const leastReadings = 3;
const leastDays = 7;

/**
 * How a logged value drifts: the least-squares slope through its readings, per month.
 *
 * @returns in the value's unit a month; null with fewer than three readings or less than a week between first and last
 * @example
 * driftPerMonth([{ day: 0, value: 0 }, { day: 30.44, value: 2 }, { day: 60.88, value: 4 }])?.toFixed(3) // => '2.000'
 */
export function driftPerMonth(readings: readonly LoggedReading[]): number | null {
  const days = readings.map(({ day }) => day);
  if (readings.length < leastReadings || Math.max(...days) - Math.min(...days) < leastDays) return null;
  return linearRegression(readings.map(({ day, value }) => [day, value])).m * daysPerMonth;
}
