import type { WeldHeatInput } from '@lone-heron/core';
import { useWorked, type ShownWork, type Worked } from '../../shared/worker/useWorked.js';
import type { FieldAnswer } from './fieldAnswer.js';

/** A field and what it is of. */
export type ShownField = ShownWork<WeldHeatInput, FieldAnswer>;

const start = () => new Worker(new URL('./fieldWorker.ts', import.meta.url), { type: 'module' });

/** Works a field out beside the screen, anew once the knobs stand still. */
export function useField(task: WeldHeatInput | null): Worked<WeldHeatInput, FieldAnswer> {
  return useWorked(task, start);
}
