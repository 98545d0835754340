import { everyFaultCheck, faultChecks, type FaultCheck, type FaultCheckName } from './faultChecks.js';
import { everyFaultCause, type FaultCause } from './faultCauses.js';
import { posterior, type Network, type Seen } from './Network.js';

/** A cause with its chance by now. */
export interface CauseOdds {
  readonly cause: FaultCause;
  readonly chance: number;
}

/** The causes given what was seen and found so far, the likeliest first. */
export function causeOdds(network: Network, seen: Seen): readonly CauseOdds[] {
  const chances = posterior(network, 'cause', seen);
  return everyFaultCause
    .map((cause, i) => ({ cause, chance: chances[i] ?? 0 }))
    .toSorted((one, other) => other.chance - one.chance);
}

/** A check that has not been made, and what it is worth now. */
export interface CheckWorth {
  readonly check: FaultCheckName;
  /** Chance that it finds something. */
  readonly chance: number;
  /** How much it is expected to tell of the cause. */
  readonly bits: number;
  readonly minutes: number;
}

/** Isolating the machine and putting it back, min: a check behind it must be worth that too. */
const isolationMinutes = 3;

/**
 * The checks that have not been made, the one that tells most a minute first. Over 500 drawn cases it reaches the cause
 * in about a third of the minutes that the same checks take from the quickest to the slowest (finderSaves.test.ts).
 *
 * @param seen symptoms and checks that were answered, by name, with yes or no
 */
export function nextChecks(network: Network, seen: Seen): readonly CheckWorth[] {
  const causes = posterior(network, 'cause', seen);
  const now = entropyBits(causes);
  const nodes = new Map(network.map((node) => [node.name, node]));
  return allowedChecks(causes, seen)
    .map((check): CheckWorth => {
      // A check hangs on the cause alone: the causes by now are all that bears on its answer.
      const finds = (nodes.get(check)?.table ?? []).map(([yes = 0]) => yes);
      const withYes = causes.map((chance, i) => chance * (finds[i] ?? 0));
      const withNo = causes.map((chance, i) => chance * (1 - (finds[i] ?? 0)));
      const chance = sumOf(withYes);
      const bits = now - chance * entropyBits(shares(withYes)) - (1 - chance) * entropyBits(shares(withNo));
      return { check, chance, bits: Math.max(0, bits), minutes: checkMinutes(check) };
    })
    .toSorted((one, other) => other.bits / other.minutes - one.bits / one.minutes);
}

/** A check is worth asking for where what it finds is at least this likely. */
const leastChance = 0.05;
/** A check speaks to the causes that it finds at least so often. */
const speaksTo = 0.3;

/**
 * The checks that have not been made, that the symptoms allow, and that speak to a cause which is still likely: no light
 * is asked of a machine that gives none, and no clamp is looked at where the holes come from the gas. Where none is
 * left that speaks to anything likely, all that the symptoms allow.
 */
function allowedChecks(causes: readonly number[], seen: Seen): readonly FaultCheckName[] {
  const possible = everyFaultCheck.filter(
    (check) => !(check in seen) && !(seen['noLight'] === 'yes' && faultChecks[check].needsLight),
  );
  const telling = possible.filter((check) => {
    const { finds }: FaultCheck = faultChecks[check];
    const likely = sumOf(
      everyFaultCause.map((cause, i) => ((finds[cause] ?? 0) >= speaksTo ? (causes[i] ?? 0) : 0)),
    );
    return likely >= leastChance;
  });
  return telling.length > 0 ? telling : possible;
}

function sumOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0);
}

function shares(weights: readonly number[]): readonly number[] {
  const sum = sumOf(weights);
  return sum > 0 ? weights.map((weight) => weight / sum) : weights;
}

/** What a check costs with the isolation it needs, min. */
export function checkMinutes(check: FaultCheckName): number {
  const { minutes, needsIsolation } = faultChecks[check];
  return minutes + (needsIsolation ? isolationMinutes : 0);
}

/** How undecided chances are: 0 where one is certain. */
function entropyBits(chances: readonly number[]): number {
  return chances.reduce((sum, chance) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);
}
