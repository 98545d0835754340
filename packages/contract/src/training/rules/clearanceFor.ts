import type { Clearance, ClearanceDraft } from '../clearance.js';

/**
 * The clearance that lets somebody work a machine in a mode on a day: not withdrawn and not run out, the one that holds
 * longest. Null where there is none.
 *
 * @param today such as 2026-11-25, by the clock on the wall
 */
export function clearanceFor(
  clearances: readonly Clearance[],
  { personId, machineId, mode }: Pick<ClearanceDraft, 'personId' | 'machineId' | 'mode'>,
  today: string,
): Clearance | null {
  const holding = clearances.filter(
    (each) =>
      each.personId === personId &&
      each.machineId === machineId &&
      each.mode === mode &&
      each.withdrawnAt === null &&
      (each.until === null || each.until >= today),
  );
  return holding.toSorted((a, b) => (b.until ?? '9999').localeCompare(a.until ?? '9999'))[0] ?? null;
}
