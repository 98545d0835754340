import type { WeldCheck } from '@lone-heron/contract';
import { spokenLength } from '../shared/figures/spoken.js';
import { resultWords, testWords } from '../shared/vocabulary/testWords.js';

/** A check in a line: "look, seam 2: holds, undercut 0.1 mm, even". */
export function checkInWords(check: WeldCheck): string {
  const { kind, seam, result, undercutMm, crownMm, misalignmentMm, indicationMm, found } = check;
  const figures = [
    ['undercut', undercutMm],
    ['crown', crownMm],
    ['misalignment', misalignmentMm],
    ['longest indication', indicationMm],
  ] as const;
  const measured = figures.flatMap(([name, mm]) => (mm === null ? [] : [`${name} ${spokenLength(mm)}`]));
  const which = seam === null ? 'all seams' : `seam ${seam}`;
  return `${testWords[kind].name}, ${which}: ${[resultWords[result], ...measured, ...(found === '' ? [] : [found])].join(', ')}`;
}
