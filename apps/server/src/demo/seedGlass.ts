import type { EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { LightEntryEntity } from '../light/lightEntry.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { sampleGlass } from './sampleGlass.js';
import { atWork } from './workingHours.js';

const day = 24 * 3600 * 1000;

/** The window that was fitted last on a machine. */
export interface NewestWindow {
  readonly machineId: string;
  readonly id: string;
  readonly number: number;
}

/**
 * Two years of windows, to which the newest are added.
 *
 * @returns the last one of each machine, still in
 */
export async function seedGlass(manager: EntityManager, now: number): Promise<readonly NewestWindow[]> {
  const at = (daysAgo: number) => new Date(atWork(now - daysAgo * day, now)).toISOString();
  const newest = new Map<string, NewestWindow>();
  const { windows } = sampleGlass();
  for (const [i, window] of windows.entries()) {
    const { machineId, fittedBy, fittedAgo, supplier, lot, fittedPlace, reason, found } = window;
    const previous = newest.get(machineId);
    const next = windows.slice(i + 1).find((each) => each.machineId === machineId);
    const id = uuid({ msecs: now - fittedAgo * day });
    const number = (previous?.number ?? 0) + 1;
    await manager.insert(ProtectiveWindowEntity, {
      ...{ id, machineId, number, previousId: previous?.id ?? null },
      ...{ fittedAt: at(fittedAgo), fittedBy, supplier, lot, fittedPlace },
      ...(next === undefined
        ? {}
        : {
            ...{ removedAt: at(next.fittedAgo), removedReason: reason },
            ...{ removedNote: '', removedFound: found },
          }),
    });
    newest.set(machineId, { machineId, id, number });
  }
  return [...newest.values()];
}

/** The light that went through all windows, those of the last months too. */
export async function seedLight(manager: EntityManager, now: number): Promise<void> {
  const windows = await manager.find(ProtectiveWindowEntity, { order: { fittedAt: 'DESC' } });
  for (const { draft, personId, ago } of sampleGlass().light) {
    const weldedAt = new Date(atWork(now - ago * day, now)).toISOString();
    const window = windows.find((one) => one.machineId === draft.machineId && one.fittedAt <= weldedAt);
    if (window === undefined) throw new Error(`no window was in on ${draft.machineId} ${ago} days ago`);
    await manager.insert(LightEntryEntity, {
      ...{ ...draft, id: uuid({ msecs: now - ago * day }), windowId: window.id, personId },
      ...{ weldedAt, recordedAt: weldedAt, withdrawnAt: null },
    });
  }
}
