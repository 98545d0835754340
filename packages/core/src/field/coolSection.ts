import type { CrossSection } from './crossSection.js';
import { factorOne, substituteOne } from '../numeric/index.js';
import { enthalpyOfPotential, enthalpySlope, riseOfPotential, type PhaseLaw } from './phaseLaw.js';

/** A section of the seam that the gun has left behind. */
export interface CoolingInput {
  readonly law: PhaseLaw;
  readonly section: CrossSection;
  /** To air and gas over every open edge, W/(m2 K) at a rise in K. */
  readonly toAir: (rise: number) => number;
}

/** Newton's steps are enough when none moves a cell by more than this share of the solidus. */
const settled = 1e-4;
const mostNewton = 40;
/** A triangle serves for so many of them: what freezes or melts meanwhile asks for a new one. */
const stepsPerTriangle = 4;

/**
 * Takes a section a step on in time: far behind the gun heat flows across the seam alone. Implicit (Euler), so that a step
 * may be as long as the cooling allows; melting by Newton's method.
 *
 * @param potential flux potential of each cell, W/m; changed in place
 * @param seconds length of the step
 */
export function coolSection(
  { law, section, toAir }: CoolingInput,
  potential: Float64Array,
  seconds: number,
): void {
  const { cells, bandwidth } = section;
  const held = potential.map((each) => enthalpyOfPotential(law, each));
  const band = new Float64Array(cells * (bandwidth + 1));
  const missing = new Float64Array(cells);
  for (let step = 0; step < mostNewton; step++) {
    const isNew = step % stepsPerTriangle === 0;
    fillStep({ law, section, toAir }, { potential, held, seconds }, isNew ? band : null, missing);
    if (isNew) factorOne(band, cells, bandwidth);
    substituteOne(band, missing, cells, bandwidth);
    let moved = 0;
    for (let cell = 0; cell < cells; cell++) {
      potential[cell] = (potential[cell] as number) + (missing[cell] as number);
      moved = Math.max(moved, Math.abs(missing[cell] as number));
    }
    if (moved < settled * law.potentialAtSolidus) return;
  }
}

interface StepState {
  readonly potential: Float64Array;
  /** Enthalpies before the step. */
  readonly held: Float64Array;
  readonly seconds: number;
}

/** Writes what is missing in each cell, W/m, and the band of the linear problem where one is wanted. */
function fillStep(
  { law, section, toAir }: CoolingInput,
  { potential, held, seconds }: StepState,
  band: Float64Array | null,
  missing: Float64Array,
): void {
  const stride = section.bandwidth + 1;
  band?.fill(0);
  for (let cell = 0; cell < section.cells; cell++) {
    const here = potential[cell] as number;
    const area = (section.width[cell] as number) * (section.height[cell] as number);
    const rise = riseOfPotential(law, here);
    const leak = (section.open[cell] as number) * toAir(rise) + (section.toBar[cell] as number);
    const gained = enthalpyOfPotential(law, here) - (held[cell] as number);
    missing[cell] = (-area * gained) / seconds - leak * rise;
    if (band !== null)
      band[cell * stride] = (area * enthalpySlope(law, here)) / seconds + leak / law.solidConductivity;
  }
  for (let link = 0; link < section.linkFrom.length; link++) {
    const from = section.linkFrom[link] as number;
    const to = section.linkTo[link] as number;
    const factor = section.linkFactor[link] as number;
    const passed = factor * ((potential[from] as number) - (potential[to] as number));
    missing[from] = (missing[from] as number) - passed;
    missing[to] = (missing[to] as number) + passed;
    if (band === null) continue;
    band[from * stride] = (band[from * stride] as number) + factor;
    band[to * stride] = (band[to * stride] as number) + factor;
    const off = to * stride + (to - from);
    band[off] = (band[off] as number) - factor;
  }
}
