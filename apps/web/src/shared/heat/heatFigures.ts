import { inCelsius, kelvin } from '@lone-heron/core';
import { figure } from '../figures/figures.js';
import { spokenTemperature } from '../figures/spokenStates.js';

/** A temperature from a rise, in whole degrees: a field knows no tenths. */
export function temperatureWords(rise: number, start: number): string {
  const celsius = inCelsius(kelvin(start + rise));
  const step = celsius < 200 ? 5 : 10;
  return spokenTemperature(Math.round(celsius / step) * step).replace(/\.\d+/, '');
}

/** A time as one says it: "0.3 s", "12 s", "4 min". */
export function timeWords(seconds: number): string {
  if (seconds < 0.95) return `${figure(seconds, 2)} s`;
  if (seconds < 9.5) return `${figure(seconds, 1)} s`;
  if (seconds < 30) return `${figure(seconds, 0)} s`;
  if (seconds < 100) return `${figure(Math.round(seconds / 5) * 5, 0)} s`;
  return `${figure(Math.round(seconds / 30) / 2, seconds < 600 ? 1 : 0)} min`;
}
