import { linkPoints, type LinkKey } from '@lone-heron/core';
import { figure } from '../figures/figures.js';
import { spokenFlow } from '../figures/spoken.js';
import { spokenTemperature } from '../figures/spokenStates.js';

/** What a machine says at a point, in the shop’s units. */
export function pointInWords(key: LinkKey, value: number | null): string {
  const { is, unit } = linkPoints[key];
  if (value === null) return 'not said';
  if (is === 'state') return value === 1 ? 'yes' : 'no';
  if (unit === '°C') return spokenTemperature(value);
  return unit === 'L/min' ? spokenFlow(value) : `${figure(value, 2)} ${unit}`.trim();
}
