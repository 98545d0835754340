import type { KnobRange } from './MachineLimits.js';

/**
 * Number of whole steps from the least to the most a knob can be set to.
 *
 * @example
 * stepCount({ least: watt(100), most: watt(1500), step: 15 }) // => 93
 */
export function stepCount<Unit extends number>(range: KnobRange<Unit>): number {
  return Math.floor((range.most - range.least) / range.step + 1e-9);
}

/**
 * The value of a knob so many steps above its least.
 *
 * @param step 0 to {@link stepCount}
 * @example
 * valueAtStep({ least: watt(150), most: watt(1500), step: 15 }, 2) // => 180
 */
export function valueAtStep<Unit extends number>(range: KnobRange<Unit>, step: number): Unit {
  return (range.least + step * range.step) as Unit;
}

/**
 * The setting nearest to a wanted value that the knob can take.
 *
 * @example
 * snapToKnob({ least: watt(100), most: watt(1500), step: 10 }, watt(812)) // => 810
 */
export function snapToKnob<Unit extends number>(range: KnobRange<Unit>, wanted: Unit): Unit {
  const steps = Math.round((wanted - range.least) / range.step);
  return valueAtStep(range, Math.min(Math.max(steps, 0), stepCount(range)));
}
