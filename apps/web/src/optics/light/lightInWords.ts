import { figure } from '../../shared/figures/figures.js';

/** Light that was written down: seconds, minutes or hours as it is long. */
export function lightInWords(seconds: number): string {
  if (seconds < 120) return `${figure(seconds, 0)} s`;
  if (seconds < 2 * 3600) return `${figure(seconds / 60, 0)} min`;
  return `${figure(seconds / 3600, 1)} h`;
}
