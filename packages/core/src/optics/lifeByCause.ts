import type { Service } from './survivalCurve.js';
import { fitWeibullLife, type WeibullLife } from './weibullLife.js';

/** How long something served, and what ended it; null where it still serves or came out sound. */
export interface EndedService<Cause extends string> {
  readonly duration: number;
  readonly cause: Cause | null;
}

/** The life against one cause, as if the others were mended. */
export interface CauseLife<Cause extends string> {
  readonly cause: Cause;
  readonly failures: number;
  readonly life: WeibullLife;
}

/**
 * A Weibull life for each cause by itself: what ended for another cause counts as having lasted so long against this
 * one (competing risks that do not know of each other; Cox and Oakes 1984, ch. 9).
 *
 * @param services one or more, in any one unit of use
 * @returns the cause with the most failures first; causes that ended none are left out
 * @throws RangeFault for a duration that is not above 0
 * @example
 * lifeByCause([{ duration: 10, cause: 'dirt' }, { duration: 12, cause: 'dirt' }, { duration: 9, cause: null }])[0]?.failures // => 2
 */
export function lifeByCause<Cause extends string>(
  services: readonly EndedService<Cause>[],
): readonly CauseLife<Cause>[] {
  const causes = [...new Set(services.flatMap(({ cause }) => cause ?? []))];
  return causes
    .map((one): CauseLife<Cause> => {
      const against = services.map(({ duration, cause }): Service => ({ duration, failed: cause === one }));
      const failures = against.filter(({ failed }) => failed).length;
      return { cause: one, failures, life: fitWeibullLife(against) };
    })
    .toSorted((one, other) => other.failures - one.failures);
}
