import type { Step } from '@lone-heron/contract';
import type { LinkKey } from '@lone-heron/core';
import { typedText } from '../../shared/figures/spoken.js';

/** Where a machine says what a step reads, and the field it is typed in. */
interface HeardPoint {
  readonly key: Extract<LinkKey, 'coolant' | 'gasFlow'>;
  readonly field: string;
  readonly unit: '°C' | 'L/min';
}

/** What a machine can say of a step; null where it has to be read by somebody. One circuit is spoken of: the first. */
export function heardPoint({ reads, circuit }: Pick<Step, 'reads' | 'circuit'>): HeardPoint | null {
  if (reads === 'coolant' && circuit === 1) return { key: 'coolant', field: 'coolantC', unit: '°C' };
  if (reads === 'flow') return { key: 'gasFlow', field: 'flowLMin', unit: 'L/min' };
  return null;
}

/** A value as the field takes it, in the shop’s unit. */
export function typedAs({ unit }: HeardPoint, value: number): string {
  return typedText(value, unit, 1);
}
