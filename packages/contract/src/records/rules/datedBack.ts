import type { RecordDetail } from '../shopRecord.js';

/** When something was done that is written down later; undefined where it is written down at once. */
export function datedBack(detail: RecordDetail): string | undefined {
  return detail.kind === 'upkeep' ? detail.doneAt : undefined;
}
