import type { Joint } from '../joint/index.js';
import type { Metal } from '../metal/index.js';
import { usualPractice, type Practice } from '../practice/index.js';
import { gasesByFamily, gasTable, type ShieldingGas } from './gasTable.js';
import { shieldingGasFor, usualFlowFor, type FlowFor, type GasChoice } from './shieldingGas.js';

/** A gas that somebody chose, with its flow; why it should not be used there, or null. */
export interface GasOnJoint extends GasChoice {
  readonly refused: string | null;
}

/**
 * A chosen gas on a joint: the flow that joint, power and bore ask for, what the gas does on the metal, and why not where it
 * spoils it.
 *
 * @example
 * gasOnJoint('nitrogen', findMetal('titanium2'), sampleJob().joint).refused // => 'titanium takes nitrogen up and turns brittle'
 */
export function gasOnJoint(
  gas: ShieldingGas,
  metal: Metal,
  joint: Joint,
  practice: Practice = usualPractice,
  of: FlowFor = usualFlowFor,
): GasOnJoint {
  const { flowLitresPerMinute } = shieldingGasFor(metal, joint, practice, of);
  const row = gasesByFamily[metal.family].find((each) => each.gas === gas);
  return {
    gas,
    flowLitresPerMinute,
    reason: `${row?.why ?? gasTable[gas].colour}; ${gasTable[gas].cost}`,
    refused: row?.refused ?? null,
  };
}
