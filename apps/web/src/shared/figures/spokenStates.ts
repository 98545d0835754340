import { figure } from './figures.js';
import { shopUnits } from './shopUnits.js';
import { spokenFigure, spokenUnit } from './spoken.js';

/** Temperatures, pressures and distances in the shop's units. */

export const spokenTemperature = (celsius: number): string => spokenFigure(celsius, '°C', 1);
/** By how much something warms, in the shop's degrees: "60 °C", "108 °F". */
export const spokenRise = (kelvin: number): string =>
  `${figure(kelvin / spokenUnit('°C').own, 0)} ${spokenUnit('°C').unit}`;
/** A bottle's pressure, or a test's. */
export const spokenPressure = (bar: number): string =>
  spokenFigure(bar, 'bar', shopUnits().pressure === 'bar' ? 2 : 0);
/** Two of them with their unit once: "27.5 to 27.3 bar". */
export function spokenPressures(from: number, to: number): string {
  const [first = ''] = spokenPressure(from).split(' ');
  return `${first} to ${spokenPressure(to)}`;
}
/** A small pressure, as at a nozzle. */
export const spokenLowPressure = (bar: number): string =>
  spokenFigure(bar, 'bar', shopUnits().pressure === 'bar' ? 2 : 1);
export const spokenDistance = (metres: number): string => spokenFigure(metres, 'm', 0);

const newtonsPerPoundForce = 4.448222;

/** A force in kN, or in pounds to the ten where masses are. */
export const spokenForce = (newtons: number): string =>
  shopUnits().mass === 'kg'
    ? `${figure(newtons / 1000, 1)} kN`
    : `${figure(Math.round(newtons / newtonsPerPoundForce / 10) * 10, 0)} lbf`;
