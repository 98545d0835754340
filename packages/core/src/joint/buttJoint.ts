import { RangeFault, requireWithin } from '../fault/index.js';
import { inMm, metre, type Metre } from '../quantity/index.js';

/** What a joint means to the melt model. */
export interface JointThermal {
  /** The thickness that must be melted through. */
  readonly thickness: Metre;
  /** Number of directions heat leaves by, counted in sheets of that thickness. */
  readonly heatDirections: number;
}

/** Two sheets edge to edge. */
export interface ButtJoint {
  readonly firstThickness: Metre;
  readonly secondThickness: Metre;
  readonly gap: Metre;
}

/** Sheet that a handheld machine of up to 3 kW is used on; over 5 mm the model is extrapolated. */
export const sheetRange = { quantity: 'thickness', min: 0.3, max: 12, unit: 'mm' } as const;

/**
 * A butt is melted through at its thinner sheet; heat leaves into both, the thicker one counting for more.
 * t = min(t1, t2), n = (t1 + t2)/t.
 *
 * @throws RangeFault for a sheet outside 0.3 to 12 mm or a gap wider than the thinner sheet
 * @example
 * buttThermal({ firstThickness: mm(1.5), secondThickness: mm(4.5), gap: mm(0.1) }).heatDirections.toFixed(6) // => '4.000000'
 */
export function buttThermal(joint: ButtJoint): JointThermal {
  const { firstThickness, secondThickness, gap } = joint;
  requireWithin(inMm(firstThickness), sheetRange);
  requireWithin(inMm(secondThickness), sheetRange);
  const thickness = metre(Math.min(firstThickness, secondThickness));
  requireBridgeable(gap, thickness);
  return { thickness, heatDirections: (firstThickness + secondThickness) / thickness };
}

/** Refuses a gap that no bead could cross: wider than the thinner sheet is thick. */
function requireBridgeable(gap: Metre, thinner: Metre): void {
  if (gap >= 0 && gap <= thinner) return;
  throw new RangeFault({
    quantity: 'gap',
    given: `${inMm(gap)} mm`,
    allowed: `0 to ${inMm(thinner)} mm, the thinner sheet’s thickness`,
    remedy: 'Re-fit the parts: a wider gap cannot be bridged.',
  });
}
