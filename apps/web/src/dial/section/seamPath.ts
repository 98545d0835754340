import { inMmPerSecond, wobblePathInto } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';

/** Enough points a cycle for a smooth line, and no closer than the eye can tell apart. */
const pointsPerCycle = { least: 6, most: 16 };
const leastPointGap = 0.8;
const mostCycles = 300;

/** The traced path over the seam that the picture shows, thinned to what the eye can tell apart. */
export function seamPath(
  { setting, forecast }: Pick<DialOutcome, 'setting' | 'forecast'>,
  seamMm: number,
  scale: number,
  middle: number,
): string {
  const { wobble } = setting;
  const seconds = seamMm / inMmPerSecond(forecast.travel);
  const cycles = wobble.shape === 'none' ? 1 : Math.min(seconds * wobble.frequency, mostCycles);
  const shown = wobble.shape === 'none' ? seconds : cycles / wobble.frequency;
  const points = Math.ceil(cycles * pointsFor(cycles, seamMm * scale)) + 2;
  const path = wobblePathInto(wobble, forecast.travel, shown, new Float64Array(2 * points));
  const parts: string[] = [];
  for (let i = 0; i < points; i++) {
    parts.push(`${tenths(inUnits(path[2 * i], scale))} ${tenths(middle + inUnits(path[2 * i + 1], scale))}`);
  }
  return `M${parts.join('L')}`;
}

function pointsFor(cycles: number, shownPx: number): number {
  const fitting = Math.round(shownPx / cycles / leastPointGap);
  return Math.min(Math.max(fitting, pointsPerCycle.least), pointsPerCycle.most);
}

/** A length of the path, in m, in the picture's units. */
function inUnits(length: number | undefined, scale: number): number {
  return (length ?? 0) * 1000 * scale;
}

/** Rounded to a tenth: much quicker than a text with fixed decimals, several thousand times a turn. */
function tenths(value: number): number {
  return Math.round(value * 10) / 10;
}
