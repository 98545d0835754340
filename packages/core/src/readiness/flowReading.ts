import { flowSlip, nozzleFlow, type NozzleFlowInput } from '../gas/index.js';
import {
  inNormalLitresPerMinute,
  saidFlow,
  saidLength,
  type NormalFlow,
  type SaidUnits,
} from '../quantity/index.js';
import type { ReadingVerdict } from './ReadingVerdict.js';

/** Below this a nozzle is not shielded, L/min. */
const leastShielding = 5;

/**
 * Whether a flow can be, through the nozzle that is fitted at the pressure behind it, and whether it shields.
 *
 * @param flow as the meter shows it
 * @example
 * flowReading(normalLitrePerMinute(15), { gas: 'argon', bore: mm(4), pressure: barGauge(1.5), dischargeCoefficient: fraction(0.8), gasTemperature: kelvin(293.15) }).isMet // => true
 */
export function flowReading(flow: NormalFlow, nozzle: NozzleFlowInput, saidIn?: SaidUnits): ReadingVerdict {
  const slip = flowSlip(flow, nozzle, saidIn);
  if (slip !== null) return { isMet: false, words: slip.words };
  const shown = saidFlow(flow, saidIn);
  if (inNormalLitresPerMinute(flow) < leastShielding) {
    return {
      isMet: false,
      words: `${shown} shields nothing: open the gas, look for a kinked hose or a closed valve.`,
    };
  }
  return {
    isMet: true,
    words: `${shown}; a ${saidLength(nozzle.bore, saidIn)} bore passes up to about ${saidFlow(nozzleFlow(nozzle), saidIn, 0)} at that pressure.`,
  };
}
