import { flowSlip, nozzleFlow, type NozzleFlowInput } from '../gas/index.js';
import { inMm, inNormalLitresPerMinute, type NormalFlow } from '../quantity/index.js';
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
export function flowReading(flow: NormalFlow, nozzle: NozzleFlowInput): ReadingVerdict {
  const slip = flowSlip(flow, nozzle);
  if (slip !== null) return { isMet: false, words: slip.words };
  const litres = rounded(inNormalLitresPerMinute(flow));
  if (litres < leastShielding) {
    return {
      isMet: false,
      words: `${litres} L/min shields nothing: open the gas, look for a kinked hose or a closed valve.`,
    };
  }
  const most = Math.round(inNormalLitresPerMinute(nozzleFlow(nozzle)));
  return {
    isMet: true,
    words: `${litres} L/min; a ${rounded(inMm(nozzle.bore))} mm bore passes up to about ${most} L/min at that pressure.`,
  };
}

function rounded(value: number): number {
  return Math.round(value * 10) / 10;
}
