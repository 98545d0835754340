import { gasLeft, type GasBottle } from '../gas/index.js';
import {
  saidFlow,
  saidPressure,
  type GaugePascal,
  type NormalFlow,
  type SaidUnits,
} from '../quantity/index.js';
import type { ReadingVerdict } from './ReadingVerdict.js';

/** Less gas than this is a bottle to change before a long seam, h of flow. */
const littleHours = 0.5;

/**
 * What a bottle's gauge means: hours of gas at the flow that is used, and when to change.
 *
 * @param bottle with the pressure just read; null where none is recorded, so that hours cannot be said
 * @param flow the flow it feeds, above 0
 * @example
 * bottleReading({ waterVolume: litre(50), pressure: barGauge(120), changedAt: barGauge(10) }, barGauge(120), normalLitrePerMinute(15)).words // => '120 bar: about 5.6 h of gas at 15 L/min.'
 */
export function bottleReading(
  bottle: GasBottle | null,
  pressure: GaugePascal,
  flow: NormalFlow,
  saidIn?: SaidUnits,
): ReadingVerdict {
  const shown = saidPressure(pressure, saidIn);
  if (bottle === null) {
    return {
      isMet: pressure > 0,
      words: `${shown}. Record the bottle under Shop, Supply, and its hours are said here.`,
    };
  }
  const hours = gasLeft(bottle) / flow / 3600;
  if (hours === 0) return { isMet: false, words: `${shown}: the bottle is due. Change it before light.` };
  const left = `${shown}: about ${hours < 10 ? hours.toFixed(1) : Math.round(hours)} h of gas at ${saidFlow(flow, saidIn, 0)}`;
  return { isMet: true, words: hours < littleHours ? `${left}. Have the next one at hand.` : `${left}.` };
}
