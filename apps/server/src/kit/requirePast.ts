import { refused } from '../http/problem.js';

/** A device's clock may be ahead of the shop's by this, ms; whoever asked the shop for the time is within seconds. */
const aheadMs = 5 * 60_000;
/** Nobody welded with these machines before; a clock that lost its battery begins at 1970. */
const earliest = Date.parse('2000-01-01T00:00:00.000Z');

/**
 * Makes sure that a moment that somebody says something was done at lies in the past.
 *
 * @param field where it is said, as the refusal names it
 * @throws ProblemException 422 for one that is to come, or of before there was anything to write down
 */
export function requirePast(field: string, moment: string, now: Date): void {
  const at = Date.parse(moment);
  if (at <= now.getTime() + aheadMs && at >= earliest) return;
  const allowed = `from the year 2000 up to now, which is ${now.toISOString()} by the shop’s clock`;
  throw refused([{ field, given: moment, allowed }]);
}
