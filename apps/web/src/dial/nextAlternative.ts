import type { SuggestedOutcome } from './dialOutcome.js';
import { handMath } from './handMath.js';

/** The next way to the joint, round from the last to the suggestion itself; the same where there is no other. */
export function nextAlternative({ job, suggestion }: SuggestedOutcome, now: string, step: 1 | -1): string {
  const names = ['', ...handMath.alternatives(job, suggestion).map(({ name }) => name)];
  const at = Math.max(0, names.indexOf(now));
  return names[(at + step + names.length) % names.length] ?? '';
}
