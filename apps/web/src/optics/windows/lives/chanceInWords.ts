import { figure } from '../../../shared/figures/figures.js';

/** How far a difference could be chance. */
export function chanceInWords(p: number): string {
  if (p < 0.001) return 'Chance alone does so less than once in a thousand';
  return `Chance alone does so ${figure(p * 100, p < 0.1 ? 1 : 0)} times in a hundred`;
}
