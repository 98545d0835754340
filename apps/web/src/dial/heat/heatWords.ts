import type { FaceEdges, TintEdges } from '@lone-heron/core';
import { spokenLength } from '../../shared/figures/spoken.js';
import { timeWords } from '../../shared/heat/heatFigures.js';

/** When of a section: before the gun or after it. */
export function momentWords(seconds: number): string {
  if (Math.abs(seconds) < 0.005) return 'under the gun';
  return seconds < 0 ? `${timeWords(-seconds)} before the gun` : `${timeWords(seconds)} after the gun`;
}

/** mm to a half: what a field and the tables of colours know. */
const mmOf = (metres: number) => Math.round(metres * 2000) / 2;

/** Where a tint lies: its width, or both edges where they differ. */
export function edgeWords(edges: FaceEdges | null): string {
  if (edges === null) return 'none';
  const [left, right] = [-mmOf(edges.left), mmOf(edges.right)];
  if (Math.abs(left - right) < 0.05 * Math.max(left, right)) return `${spokenLength(left + right)} wide`;
  return `${spokenLength(left)} left, ${spokenLength(right)} right`;
}

/** How far from the seam a tint reaches. */
export function reachWords(metres: number): string {
  return metres === 0 ? 'none' : `to ${spokenLength(mmOf(metres))} away`;
}

/** Between which widths a tint lies by the tables that there are. */
export function widthRange(narrow: TintEdges[keyof TintEdges], wide: TintEdges[keyof TintEdges]): string {
  const width = (edges: FaceEdges | null) => (edges === null ? 0 : mmOf(edges.right - edges.left));
  const [low, unit = ''] = spokenLength(width(narrow)).split(' ');
  return `${low} to ${spokenLength(width(wide)).split(' ')[0] ?? ''} ${unit}`;
}
