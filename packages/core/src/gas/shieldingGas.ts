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

/** What the light and the nozzle ask of the flow. */
export interface FlowFor {
  /** W */
  readonly power: number;
  /** Of the nozzle, m. */
  readonly bore: number;
}

/** The usual flows are for this power and this bore. */
export const usualFlowFor: FlowFor = { power: 1000, bore: 6e-3 };

/** A wider stream of the same reach takes flow by its width; a hotter pool is larger, about by the fourth root. */
const byPower = { exponent: 0.25, least: 0.8, most: 1.3 };
const byBore = { least: 0.6, most: 1.8 };

function flowFactors({ power, bore }: FlowFor): { readonly factor: number; readonly why: string } {
  const hot = within((power / usualFlowFor.power) ** byPower.exponent, byPower);
  const wide = within(bore / usualFlowFor.bore, byBore);
  const boreWords = Math.abs(wide - 1) < 0.05 ? '' : `for a bore of ${(bore * 1000).toFixed(1)} mm`;
  const powerWords = Math.abs(hot - 1) < 0.05 ? '' : `for ${Math.round(power)} W`;
  return { factor: hot * wide, why: [powerWords, boreWords].filter((each) => each !== '').join(' and ') };
}

function within(value: number, { least, most }: { readonly least: number; readonly most: number }): number {
  return Math.min(most, Math.max(least, value));
}

/**
 * The gas to start from: the shop's own school where there is more than one for the metal, at a flow for how the
 * joint holds it, the power and the nozzle's bore. Planning figures: by the width of the bore, and by the fourth root
 * of the power, both within limits.
 *
 * @param joint by default an open one
 * @param of power and bore; by default 1 kW through 6 mm
 * @example
 * shieldingGasFor(findMetal('aluminium5052')).flowLitresPerMinute // => 18
 */
export function shieldingGasFor(
  metal: Metal,
  joint: Joint | null = null,
  practice: Practice = usualPractice,
  of: FlowFor = usualFlowFor,
): GasChoice {
  const gas = gasBySchool(metal, practice);
  const row = gasesByFamily[metal.family].find((each) => each.gas === gas);
  const shelter = joint === null ? { flowFactor: 1, why: '' } : gasShelter(joint);
  const asked = flowFactors(of);
  const flow = usualFlow[metal.family] * shelter.flowFactor * flowBySchool[practice.flow] * asked.factor;
  const reasons = [row?.why ?? '', shelter.flowFactor === 1 ? '' : shelter.why, flowWhy(practice), asked.why];
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
