import type { Compared } from './goldenCheck.js';

/** Compares the named results of a case, all to one tolerance. */
export function compare(
  label: string,
  relativeTolerance: number,
  pairs: readonly (readonly [name: string, reference: number, computed: number])[],
): readonly Compared[] {
  return pairs.map(([name, reference, computed]) => ({
    what: `${label} ${name}`,
    reference,
    computed,
    relativeTolerance,
  }));
}

export interface CaseFile<Case> {
  cases: readonly Case[];
}

/** A check over a file of cases, each of the stated shape. */
export function overCases<Case>(check: (one: Case, label: string) => readonly Compared[]) {
  return ({ cases }: CaseFile<Case>) => cases.flatMap((one, index) => check(one, `case ${index + 1}`));
}
