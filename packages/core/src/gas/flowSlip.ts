import {
  inNormalLitresPerMinute,
  normalLitrePerMinute,
  saidFlow,
  saidLength,
  saidPressure,
  type NormalFlow,
  type SaidUnits,
} from '../quantity/index.js';
import { nozzleFlow, type NozzleFlowInput } from './nozzleFlow.js';

/** A flow that cannot be, with what was probably meant. */
export interface FlowSlip {
  /** The most that can pass. */
  readonly most: NormalFlow;
  readonly words: string;
  /** The flow in the unit that was probably meant; null where no common slip explains it. */
  readonly probably: NormalFlow | null;
}

/** A reading this much over the computed most is still let through: bores wear and regulators creep. */
const leeway = 1.2;

/** Slips that make a flow too large, in the order of how often they happen. */
const slips: readonly { readonly factor: number; readonly words: string }[] = [
  { factor: 60, words: 'cubic feet an hour, not a minute' },
  { factor: 60 / 28.316846592, words: 'cubic feet an hour, not litres a minute' },
  { factor: 28.316846592, words: 'litres a minute, not cubic feet a minute' },
];

/** Flows that weld: below a nozzle is not shielded, L/min. */
const leastUseful = 3;

/**
 * Catches a flow that the nozzle cannot pass at its pressure, as when CFH was read as SCFM (sixty times too much).
 *
 * @param claimed the flow as it was entered
 * @returns null where the flow is possible
 * @example
 * flowSlip(normalLitrePerMinute(900), { gas: 'argon', bore: mm(3), pressure: barGauge(1), dischargeCoefficient: fraction(0.8), gasTemperature: kelvin(293.15) })?.words.slice(0, 42) // => '900 L/min cannot pass a 3 mm bore at 1 bar'
 */
export function flowSlip(claimed: NormalFlow, nozzle: NozzleFlowInput, saidIn?: SaidUnits): FlowSlip | null {
  const most = nozzleFlow(nozzle);
  if (claimed <= most * leeway) return null;
  const meant = slips.find(({ factor }) => {
    const flow = claimed / factor;
    return flow <= most * leeway && inNormalLitresPerMinute(flow as NormalFlow) >= leastUseful;
  });
  const whole = (flow: NormalFlow): string => saidFlow(flow, saidIn, 0);
  const cannot = `${whole(claimed)} cannot pass a ${saidLength(nozzle.bore, saidIn)} bore at ${saidPressure(nozzle.pressure, saidIn)}: the most is about ${whole(most)}.`;
  if (meant === undefined) return { most, words: cannot, probably: null };
  const probably = normalLitrePerMinute(inNormalLitresPerMinute(claimed) / meant.factor);
  return { most, words: `${cannot} Probably ${meant.words}: ${saidFlow(probably, saidIn)}.`, probably };
}
