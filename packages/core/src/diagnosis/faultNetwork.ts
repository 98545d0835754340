import { faultChecks, everyFaultCheck, falseAlarm } from './faultChecks.js';
import { everyFaultCause, faultCauses, type FaultCause } from './faultCauses.js';
import { everyFaultSymptom, faultSymptoms, strayChance, type ByCause } from './faultSymptoms.js';
import type { Network, NetworkNode } from './Network.js';

/** What the application knows before anybody looks. Whatever is left out is not known. */
export interface FaultContext {
  /** Share of a window's usual life that the fitted one has done; 1 at its middle age of failing. */
  readonly windowLifeShare?: number;
  /** Whether the pointer was looked at today. */
  readonly isPointerChecked?: boolean;
  /** Whether the coolant read within its band today. */
  readonly isCoolantGood?: boolean;
  /** Share of the bottle that is left. */
  readonly gasLeftShare?: number;
  /** The habits that burn glass: an upright gun, no ramps, low flow, a metal that throws light back. */
  readonly burnsGlass?: boolean;
}

/** Cases the shop filed, by their cause. */
export type FiledCases = Readonly<Partial<Record<FaultCause, number>>>;

/** The tables' opinion of the causes weighs as much as this many cases of the shop's own. */
const opinionInCases = 40;

/**
 * The network of faults: one cause, what each shows, and what each check finds of it. One thing is wrong at a time; two
 * at once are found one after the other.
 *
 * @param cases of this shop, which move the odds as counts do (Dirichlet)
 */
export function faultNetwork(context: FaultContext = {}, cases: FiledCases = {}): Network {
  const cause: NetworkNode = {
    ...{ name: 'cause', states: everyFaultCause, parents: [] },
    table: [causeChances(context, cases)],
  };
  const symptoms = everyFaultSymptom.map((name) => answered(name, faultSymptoms[name], strayChance));
  const checks = everyFaultCheck.map((name) => answered(name, faultChecks[name].finds, falseAlarm));
  return [cause, ...symptoms, ...checks];
}

/** A question about a cause that is answered with yes or no. */
function answered(name: string, byCause: ByCause, otherwise: number): NetworkNode {
  const table = everyFaultCause.map((cause) => {
    const yes = byCause[cause] ?? otherwise;
    return [yes, 1 - yes];
  });
  return { name, states: ['yes', 'no'], parents: ['cause'], table };
}

function causeChances(context: FaultContext, cases: FiledCases): readonly number[] {
  const total = everyFaultCause.reduce((sum, cause) => sum + faultCauses[cause], 0);
  const weights = everyFaultCause.map((cause) => {
    const opinion = (faultCauses[cause] / total) * opinionInCases;
    return (opinion + (cases[cause] ?? 0)) * contextFactor(cause, context);
  });
  const sum = weights.reduce((all, weight) => all + weight, 0);
  return weights.map((weight) => weight / sum);
}

/** How many times likelier a cause is for what is known; judged, like the tables. */
const contextFactors: Readonly<Partial<Record<FaultCause, (context: FaultContext) => number>>> = {
  dirtyWindow: ({ windowLifeShare, burnsGlass }) =>
    (windowLifeShare === undefined ? 1 : Math.min(4, 0.25 + windowLifeShare ** 2)) *
    (burnsGlass === true ? 2 : 1),
  pointerOff: ({ isPointerChecked }) => (isPointerChecked === true ? 0.2 : 1),
  coolantOut: ({ isCoolantGood }) => (isCoolantGood === undefined ? 1 : isCoolantGood ? 0.1 : 8),
  lowGas: ({ gasLeftShare = 0.2 }) => (gasLeftShare < 0.05 ? 6 : gasLeftShare > 0.3 ? 0.6 : 1),
};

function contextFactor(cause: FaultCause, context: FaultContext): number {
  return contextFactors[cause]?.(context) ?? 1;
}
