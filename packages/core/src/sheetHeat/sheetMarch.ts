import { riseOfEnthalpy, type PhaseLaw } from '../field/index.js';
import { compiledDiffusion } from './compiledDiffusion.js';
import type { Diffusion, DiffusionMesh } from './Diffusion.js';
import { plainDiffusion } from './plainDiffusion.js';
import { feedInto } from './runHeat.js';
import { sheetMesh, stableSeconds } from './sheetMesh.js';
import type { SheetProblem } from './SheetProblem.js';
import { sinkStore, type SinkStore } from './sinkStore.js';
import { stagesFor, superStep, type SuperStep } from './superStep.js';

/** Where the heat is, J. */
interface SheetAccount {
  /** Let in by the light so far. */
  absorbed: number;
  /** Given to air and gas so far. */
  toAir: number;
  /** Given to what touches the sheet so far. */
  toSinks: number;
}

/** A sheet that is followed through time. */
export interface SheetMarch {
  /** Enthalpy over the start in each place, J/m3: row by row. */
  readonly enthalpy: Float64Array;
  readonly account: Readonly<SheetAccount>;
  readonly time: () => number;
  /** Goes on by so many seconds, in one step. */
  readonly step: (seconds: number) => void;
  /** In the sheet now, J. */
  readonly held: () => number;
}

/**
 * Follows a sheet from cold.
 *
 * @param diffusionOf how the inner loops are run; compiled where the computer can, plain for the oracle
 */
export function sheetMarch(problem: SheetProblem, diffusionOf: DiffusionOf = quickDiffusion): SheetMarch {
  const mesh = sheetMesh(problem);
  const diffusion = diffusionOf(mesh, problem.law);
  const { enthalpy, feed } = diffusion;
  const places = problem.metal.length;
  const sinks = problem.sinks.map((sink) => sinkStore(problem, sink));
  const stable = stableSeconds(problem.law, mesh);
  const steps = new Map<number, SuperStep>();
  const account: SheetAccount = { absorbed: 0, toAir: 0, toSinks: 0 };
  let time = 0;
  return {
    enthalpy,
    account,
    time: () => time,
    step: (seconds) => {
      account.absorbed += feedInto(problem, time, seconds, feed);
      const stages = stagesFor(seconds / stable);
      const weights = steps.get(stages) ?? superStep(stages);
      steps.set(stages, weights);
      diffusion.step(weights, seconds);
      account.toAir += coolInAir(problem, mesh, seconds, enthalpy);
      for (const sink of sinks) account.toSinks += giveToSink(problem, mesh, sink, seconds, enthalpy);
      time += seconds;
    },
    held: () => {
      let sum = 0;
      for (let at = 0; at < places; at++)
        if (problem.metal[at] === 1)
          sum += ((enthalpy[at] as number) * problem.thickness) / (mesh.perArea[at] as number);
      return sum;
    },
  };
}

/** A way to run the inner loops. */
type DiffusionOf = (mesh: DiffusionMesh, law: PhaseLaw) => Diffusion;

const quickDiffusion: DiffusionOf = (mesh, law) => compiledDiffusion(mesh, law) ?? plainDiffusion(mesh, law);

/** Takes what air and gas carry off; J. */
function coolInAir(
  problem: SheetProblem,
  mesh: DiffusionMesh,
  seconds: number,
  enthalpy: Float64Array,
): number {
  const { law, thickness, toAir, metal } = problem;
  let given = 0;
  for (let at = 0; at < enthalpy.length; at++) {
    const held = enthalpy[at] as number;
    if (metal[at] !== 1 || held === 0) continue;
    const rise = riseOfEnthalpy(law, held);
    // By the temperature at the step's end, so that it never falls past the start however long the step.
    const cooling = (toAir(rise) * seconds) / (law.capacity * thickness);
    const lost = (cooling / (1 + cooling)) * law.capacity * rise;
    enthalpy[at] = held - lost;
    given += (lost * thickness) / (mesh.perArea[at] as number);
  }
  return given;
}

/** Evens out sheet and sink where they touch; J that the sink took. */
function giveToSink(
  problem: SheetProblem,
  mesh: DiffusionMesh,
  sink: SinkStore,
  seconds: number,
  enthalpy: Float64Array,
): number {
  const { law, thickness } = problem;
  const sheetCapacity = law.capacity * thickness;
  const { capacity, contact } = sink.sink;
  // Two stores that share a contact: the smaller one sets the pace.
  const shared =
    capacity === Infinity ? sheetCapacity : (sheetCapacity * capacity) / (sheetCapacity + capacity);
  const share = -Math.expm1((-contact * seconds) / shared) * shared;
  let given = 0;
  for (let i = 0; i < sink.places.length; i++) {
    const at = sink.places[i] as number;
    const rise = riseOfEnthalpy(law, enthalpy[at] as number);
    const passed = share * (rise - (sink.rise[i] as number));
    enthalpy[at] = (enthalpy[at] as number) - passed / thickness;
    if (capacity !== Infinity) sink.rise[i] = (sink.rise[i] as number) + passed / capacity;
    given += passed / (mesh.perArea[at] as number);
  }
  return given;
}
