import type { UnitSlip } from './UnitSlip.js';

/**
 * Mistakes of unit in a wire speed: the number was meant in the first unit and read in the second. Wire speed comes in
 * cm/min, m/min, in/min and mm/s, which differ by 2.54, 6, 10, 25.4, 60, 100 and their products.
 */
const wireSpeedUnits = [
  { unit: 'mm/s', mmPerSecond: 1 },
  { unit: 'mm/min', mmPerSecond: 1 / 60 },
  { unit: 'cm/min', mmPerSecond: 10 / 60 },
  { unit: 'in/min', mmPerSecond: 25.4 / 60 },
  { unit: 'm/min', mmPerSecond: 1000 / 60 },
  { unit: 'cm/s', mmPerSecond: 10 },
  { unit: 'in/s', mmPerSecond: 25.4 },
] as const;

export type WireSpeedUnit = (typeof wireSpeedUnits)[number]['unit'];

/** What hands and feeders do, mm/s: cold wire slower or faster than this is rare. */
const usualWire = { slowest: 3, fastest: 60 };

/** What a wire speed is asked of. */
export interface WireSpeedContext {
  /** What the seam asks for, mm/s, where it is known: the nearest unit to it is the likely one. */
  readonly wanted: number | null;
}

/** A speed within this factor of the wanted one is taken as meant. */
const closeToWanted = 2.2;

/**
 * Catches a wire speed in the wrong unit: outside what feeders do, or far from what the seam asks for while the same
 * number in another unit is near it.
 *
 * @param value as typed, above 0
 * @param unit it was read in
 * @returns null where the speed is likely as it stands
 * @example
 * wireSpeedSlip(60, 'mm/s', { wanted: 9.5 })?.words // => '60 mm/s is far from the 9.5 mm/s this seam asks for. Probably 60 cm/min, which is 10.0 mm/s.'
 */
export function wireSpeedSlip(
  value: number,
  unit: WireSpeedUnit,
  { wanted }: WireSpeedContext,
): UnitSlip | null {
  const speed = value * scaleOf(unit);
  if (isLikelyWire(speed, wanted)) return null;
  const others = wireSpeedUnits.filter(
    (each) => each.unit !== unit && isLikelyWire(value * each.mmPerSecond, wanted),
  );
  const likely = others.toSorted(
    (a, b) => distance(value * a.mmPerSecond, wanted) - distance(value * b.mmPerSecond, wanted),
  )[0];
  const odd =
    wanted === null
      ? `${value} ${unit} is no usual wire speed (${usualWire.slowest} to ${usualWire.fastest} mm/s).`
      : `${value} ${unit} is far from the ${wanted.toFixed(1)} mm/s this seam asks for.`;
  if (likely === undefined) return { words: odd, probably: null };
  const meant = value * likely.mmPerSecond;
  return {
    words: `${odd} Probably ${value} ${likely.unit}, which is ${meant.toFixed(1)} mm/s.`,
    probably: meant / scaleOf(unit),
  };
}

function scaleOf(unit: WireSpeedUnit): number {
  return wireSpeedUnits.find((each) => each.unit === unit)?.mmPerSecond ?? NaN;
}

function isLikelyWire(speed: number, wanted: number | null): boolean {
  if (wanted !== null) return Math.abs(Math.log(speed / wanted)) <= Math.log(closeToWanted);
  return speed >= usualWire.slowest && speed <= usualWire.fastest;
}

/** How far a speed is from the wanted one, or from the middle of the usual ones, as a factor. */
function distance(speed: number, wanted: number | null): number {
  return Math.abs(Math.log(speed / (wanted ?? Math.sqrt(usualWire.slowest * usualWire.fastest))));
}
