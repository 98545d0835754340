import type { CrossSection } from './crossSection.js';
import type { MeshLine } from './gradedLine.js';
import { enthalpyOfPotential, riseOfPotential, type PhaseLaw } from './phaseLaw.js';

/** What leaves the metal other than through it. */
interface Losses {
  /** To air and gas over every open edge, W/(m2 K) at a rise in K; 0 or more. */
  readonly toAir: (rise: number) => number;
  /** Boiling off where the light's side is hot: W/m2 at a rise in K; null where it is left out. */
  readonly boiling: ((rise: number) => number) | null;
}

/** Metal that flows through under the gun, and what goes in and out of it. */
export interface SteadyProblem {
  readonly law: PhaseLaw;
  readonly section: CrossSection;
  /** Along the flow of metal, from ahead of the gun to behind it; m. */
  readonly along: MeshLine;
  /** m/s, above 0 */
  readonly travel: number;
  /** Absorbed in each cell, W: section cell by cell, along the flow in each. */
  readonly source: Float64Array;
  readonly losses: Losses;
}

/** Where the power goes, W; all of it together is what is absorbed, but for what is missing. */
export interface SteadyAccount {
  readonly absorbed: number;
  /** With the metal that leaves behind the gun. */
  readonly carriedAway: number;
  /** Conducted out of the picture ahead of the gun. */
  readonly ahead: number;
  readonly toAir: number;
  readonly toBar: number;
  readonly boiledOff: number;
  readonly missing: number;
}

/**
 * Writes what is missing in each cell, W: absorbed less what leaves it. Heat carried along is weighed exponentially between
 * neighbours by what really changes there (Scharfetter and Gummel 1969), latent heat with it.
 *
 * @param potential flux potential of each cell, W/m, in the order of the source
 * @returns the sum of the sizes of what is missing, W
 */
export function steadyResidualInto(
  problem: SteadyProblem,
  potential: Float64Array,
  into: Float64Array,
): number {
  into.set(problem.source);
  const enthalpy = new Float64Array(problem.along.widths.length);
  const gaps = gapsOf(problem.along);
  for (let cell = 0; cell < problem.section.cells; cell++) {
    takeAlong(problem, cell, gaps, enthalpy, potential, into);
    takeLosses(problem, cell, potential, into);
  }
  takeAcross(problem, potential, into);
  let sum = 0;
  for (let at = 0; at < into.length; at++) sum += Math.abs(into[at] as number);
  return sum;
}

/** From the middle of each cell along the flow to the one before; of the first to the cold edge. */
function gapsOf({ widths, centres }: MeshLine): Float64Array {
  return widths.map((width, i) =>
    i === 0 ? width / 2 : (centres[i] as number) - (centres[i - 1] as number),
  );
}

/** Moves what flows along one cell of the section, cold metal in and warm metal out. */
function takeAlong(
  { law, section, travel }: SteadyProblem,
  cell: number,
  gaps: Float64Array,
  enthalpy: Float64Array,
  potential: Float64Array,
  into: Float64Array,
): void {
  const count = gaps.length;
  const row = cell * count;
  const area = (section.width[cell] as number) * (section.height[cell] as number);
  let potentialBefore = 0;
  let enthalpyBefore = 0;
  for (let i = 0; i < count; i++) {
    const at = row + i;
    const here = potential[at] as number;
    const held = enthalpyOfPotential(law, here);
    enthalpy[i] = held;
    const conducted = (here - potentialBefore) / (gaps[i] as number);
    const gained = held - enthalpyBefore;
    const carried = travel * (enthalpyBefore + gained * downstreamWeight(travel * gained, conducted));
    const flow = area * (carried - conducted);
    into[at] = (into[at] as number) + flow;
    if (i > 0) into[at - 1] = (into[at - 1] as number) - flow;
    potentialBefore = here;
    enthalpyBefore = held;
  }
  into[row + count - 1] = (into[row + count - 1] as number) - area * travel * enthalpyBefore;
}

/** Weight of the downstream enthalpy on a face: half where heat is conducted, none where it is carried. */
function downstreamWeight(carriedGain: number, conducted: number): number {
  if (conducted === 0) return 0.5;
  const peclet = Math.abs(carriedGain / conducted);
  return peclet < 1e-4 ? 0.5 - peclet / 12 : 1 / peclet - 1 / Math.expm1(peclet);
}

function takeAcross({ section, along }: SteadyProblem, potential: Float64Array, into: Float64Array): void {
  const { widths } = along;
  const count = widths.length;
  for (let link = 0; link < section.linkFrom.length; link++) {
    const from = (section.linkFrom[link] as number) * count;
    const to = (section.linkTo[link] as number) * count;
    const factor = section.linkFactor[link] as number;
    for (let i = 0; i < count; i++) {
      const fall = (potential[from + i] as number) - (potential[to + i] as number);
      const passed = factor * (widths[i] as number) * fall;
      into[from + i] = (into[from + i] as number) - passed;
      into[to + i] = (into[to + i] as number) + passed;
    }
  }
}

function takeLosses(problem: SteadyProblem, cell: number, potential: Float64Array, into: Float64Array): void {
  const { law, section, along, losses } = problem;
  const open = section.open[cell] as number;
  const bar = section.toBar[cell] as number;
  const lit = losses.boiling === null ? 0 : (section.lit[cell] as number);
  if (open === 0 && lit === 0 && bar === 0) return;
  const count = along.widths.length;
  for (let i = 0; i < count; i++) {
    const at = cell * count + i;
    const rise = riseOfPotential(law, potential[at] as number);
    let lost = (open * losses.toAir(rise) + bar) * rise;
    if (lit > 0 && losses.boiling !== null) lost += lit * losses.boiling(rise);
    into[at] = (into[at] as number) - lost * (along.widths[i] as number);
  }
}

/** Adds up where the power goes at a field. */
export function steadyAccount(problem: SteadyProblem, potential: Float64Array): SteadyAccount {
  const { law, section, along, travel, source, losses } = problem;
  const count = along.widths.length;
  const account = { absorbed: 0, carriedAway: 0, ahead: 0, toAir: 0, toBar: 0, boiledOff: 0 };
  for (let at = 0; at < source.length; at++) account.absorbed += source[at] as number;
  for (let cell = 0; cell < section.cells; cell++) {
    const row = cell * count;
    const area = (section.width[cell] as number) * (section.height[cell] as number);
    account.carriedAway += area * travel * enthalpyOfPotential(law, potential[row + count - 1] as number);
    const first = potential[row] as number;
    const held = enthalpyOfPotential(law, first);
    const conducted = (2 * first) / (along.widths[0] as number);
    account.ahead += area * (conducted - travel * held * downstreamWeight(travel * held, conducted));
    for (let i = 0; i < count; i++) {
      const rise = riseOfPotential(law, potential[row + i] as number);
      const width = along.widths[i] as number;
      account.toAir += losses.toAir(rise) * (section.open[cell] as number) * rise * width;
      account.toBar += (section.toBar[cell] as number) * rise * width;
      if (losses.boiling !== null)
        account.boiledOff += (section.lit[cell] as number) * losses.boiling(rise) * width;
    }
  }
  const gone = account.carriedAway + account.ahead + account.toAir + account.toBar + account.boiledOff;
  return { ...account, missing: account.absorbed - gone };
}
