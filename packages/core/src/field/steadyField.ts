import { alongModes } from './alongModes.js';
import { andersonMixer } from './anderson.js';
import { modalSolver } from './modalSolver.js';
import {
  steadyAccount,
  steadyResidualInto,
  type SteadyAccount,
  type SteadyProblem,
} from './steadyBalance.js';

/** How long it may be worked on. */
export interface SteadyEffort {
  /** Share of the power that may be missing in the cells, their sizes added up. */
  readonly tolerance?: number;
  readonly mostSteps?: number;
  /** Told after each step; ends the work by answering false. */
  readonly goOn?: (step: number, missing: number) => boolean;
}

/** How hot it is around the gun. */
export interface SteadyField {
  /** Flux potential in each cell, W/m, in the order of the source. */
  readonly potential: Float64Array;
  readonly steps: number;
  /** False where it was stopped or did not settle: what is in it is then no answer. */
  readonly isConverged: boolean;
  /** Share of the power that is missing in the cells, their sizes added up. */
  readonly missing: number;
  readonly account: SteadyAccount;
}

const usualTolerance = 2e-3;
const usualSteps = 150;
/** Steps that are looked back on. */
const mixed = 5;

/**
 * Temperatures around a gun that has been under way for long, in the frame that travels with it: enthalpy carried through, conduction
 * with a conductivity that changes, melting, losses. Each step solves the same problem for metal that never melts
 * exactly (modes along the flow, banded over the section) and mixes it with the steps before (Anderson 1965).
 *
 * @returns the field with where its power goes; not converged where it ran out of steps
 */
export function solveSteady(problem: SteadyProblem, effort: SteadyEffort = {}): SteadyField {
  const { law, section, along, travel, source, losses } = problem;
  const { tolerance = usualTolerance, mostSteps = usualSteps, goOn } = effort;
  const count = along.widths.length;
  const modes = alongModes(along, (travel * law.capacity) / law.solidConductivity);
  const solver = modalSolver(section, modes, {
    open: losses.toAir(0) / law.solidConductivity,
    bar: 1 / law.solidConductivity,
  });
  const mix = andersonMixer(source.length, mixed);
  const potential = new Float64Array(source.length);
  const step = new Float64Array(source.length);
  const power = source.reduce((sum, each) => sum + Math.abs(each), 0);
  let missing: number;
  let steps = 0;
  for (;;) {
    missing = steadyResidualInto(problem, potential, step) / power;
    if (!(missing > tolerance) || steps >= mostSteps) break;
    if (goOn?.(steps, missing) === false) break;
    for (let at = 0; at < step.length; at++)
      step[at] = (step[at] as number) / (along.widths[at % count] as number);
    solver.solve(step);
    mix(potential, step);
    steps++;
  }
  const account = steadyAccount(problem, potential);
  return { potential, steps, isConverged: missing <= tolerance, missing, account };
}
