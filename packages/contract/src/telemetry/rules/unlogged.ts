/** Light at a moment, or in the hour that begins then, h. */
interface Lit {
  readonly at: string;
  readonly hours: number;
}

const msPerHour = 3_600_000;

/**
 * Light that a machine was heard to have had and nobody wrote down: of each hour what goes beyond the records of it. A record bears the
 * moment it was welded, so one that is written at the turn of an hour may count twice by as much as a seam.
 *
 * @param heard by the hour, each at its beginning
 */
export function unlogged(logged: readonly Lit[], heard: readonly Lit[]): Lit[] {
  const byHour = new Map<number, number>();
  for (const { at, hours } of logged) {
    const hour = Math.floor(Date.parse(at) / msPerHour);
    byHour.set(hour, (byHour.get(hour) ?? 0) + hours);
  }
  return heard.flatMap(({ at, hours }) => {
    const beyond = hours - (byHour.get(Math.floor(Date.parse(at) / msPerHour)) ?? 0);
    return beyond > 1e-9 ? [{ at, hours: beyond }] : [];
  });
}
