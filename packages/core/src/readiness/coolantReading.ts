import {
  inMinutes,
  kelvinDifference,
  saidDegrees,
  saidTemperature,
  type Kelvin,
  type SaidUnits,
} from '../quantity/index.js';
import { coolantState, dewMargin, warmUpTime, type CoolantCircuit, type WarmUp } from '../supply/index.js';
import type { ReadingVerdict } from './ReadingVerdict.js';

/** What a coolant reading is judged by. */
export interface CoolantContext {
  readonly circuit: CoolantCircuit;
  /** Dew point of the room; null where it was not measured today. */
  readonly dew: Kelvin | null;
  /** What warms the circuit; null where it is not known. */
  readonly warmUp: WarmUp | null;
}

/**
 * What the coolant's temperature means before light: too cold with about how long, too warm, wet, or ready.
 *
 * @param coolant as the chiller shows it
 * @example
 * coolantReading(celsius(17), { circuit: { setPoint: celsius(25), lowerLimit: celsius(21), upperLimit: celsius(32) }, dew: null, warmUp: { coolantMass: 12, heating: watt(600) } }).words // => '17 °C is 4 °C below the lower limit of 21 °C: no light yet. About 6 min or more until then.'
 */
export function coolantReading(
  coolant: Kelvin,
  { circuit, dew, warmUp }: CoolantContext,
  saidIn?: SaidUnits,
): ReadingVerdict {
  const found = coolantState(circuit, coolant, dew);
  const said = (temperature: Kelvin): string => saidTemperature(temperature, saidIn);
  const by = (kelvins: number): string => saidDegrees(kelvins, saidIn);
  const shown = said(coolant);
  switch (found.state) {
    case 'tooCold': {
      const limit = said(circuit.lowerLimit);
      const words = `${shown} is ${by(found.by)} below the lower limit of ${limit}: no light yet. ${waitWords(found.by, warmUp)}`;
      return { isMet: false, words };
    }
    case 'tooWarm': {
      const limit = said(circuit.upperLimit);
      const words = `${shown} is ${by(found.by)} above the upper limit of ${limit}: no light. Look at the chiller’s air way, filter and level first.`;
      return { isMet: false, words };
    }
    case 'wet': {
      const point = dew === null ? '' : said(dew);
      const words = `${shown} is within ${by(dewMargin)} of the room’s dew point, ${point}, or below it: water forms on the optics. Dry the room, or warm the circuit by ${by(found.by)}, before light.`;
      return { isMet: false, words };
    }
    case 'ready':
      return { isMet: true, words: `${shown} is inside its limits.${dewWords(coolant, dew, saidIn)}` };
  }
}

function waitWords(rise: number, warmUp: WarmUp | null): string {
  if (warmUp === null) return 'Let it run until then.';
  const minutes = Math.max(1, Math.ceil(inMinutes(warmUpTime(warmUp, kelvinDifference(rise)))));
  return `About ${minutes} min or more until then.`;
}

function dewWords(coolant: Kelvin, dew: Kelvin | null, saidIn?: SaidUnits): string {
  if (dew === null) return ' The room’s dew point was not taken.';
  return ` It stands ${saidDegrees(coolant - dew, saidIn)} above the dew point.`;
}
