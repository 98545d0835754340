import { gasShelter, type Joint } from '../joint/index.js';
import type { Metal } from '../metal/index.js';
import { usualPractice, type Practice } from '../practice/index.js';
import { gasesByFamily, type ShieldingGas } from './gasTable.js';

/** A gas with its flow and why. */
export interface GasChoice {
  readonly gas: ShieldingGas;
  /** L/min, free flow. */
  readonly flowLitresPerMinute: number;
  readonly reason: string;
}

/** L/min for an open joint, by how much the metal minds air. */
const usualFlow = {
  steel: 15,
  stainless: 15,
  aluminium: 18,
  copperAlloy: 18,
  titanium: 20,
  nickel: 15,
} as const;

const flowBySchool = { lean: 1, generous: 1.3 } as const;

/**
 * The gas to start from: the shop's own school where there is more than one for the metal, at a flow for how the
 * joint holds it.
 *
 * @param joint by default an open one
 * @example
 * shieldingGasFor(findMetal('aluminium5052')).flowLitresPerMinute // => 18
 */
export function shieldingGasFor(
  metal: Metal,
  joint: Joint | null = null,
  practice: Practice = usualPractice,
): GasChoice {
  const gas = gasBySchool(metal, practice);
  const row = gasesByFamily[metal.family].find((each) => each.gas === gas);
  const shelter = joint === null ? { flowFactor: 1, why: '' } : gasShelter(joint);
  const flow = usualFlow[metal.family] * shelter.flowFactor * flowBySchool[practice.flow];
  const reasons = [row?.why ?? '', shelter.flowFactor === 1 ? '' : shelter.why, flowWhy(practice)];
  return {
    gas,
    flowLitresPerMinute: Math.round(flow),
    reason: reasons.filter((each) => each !== '').join('; '),
  };
}

function gasBySchool(metal: Metal, practice: Practice): ShieldingGas {
  if (metal.family === 'steel') return practice.gasOnMildSteel;
  return metal.family === 'stainless' ? practice.gasOnStainless : 'argon';
}

function flowWhy({ flow }: Practice): string {
  return flow === 'generous' ? 'more flow keeps spatter off the window' : '';
}
