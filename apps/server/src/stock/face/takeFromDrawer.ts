import type { StockKind } from '@lone-heron/contract';
import { IsNull, type EntityManager } from 'typeorm';
import { StockItemEntity } from '../stockItem.entity.js';

/** What was fitted, to find its sort by. */
interface Fitted {
  readonly kind: StockKind;
  readonly supplier: string;
  readonly lot: string;
  /** Whose machine it was fitted on: its drawer is looked in, and the firm’s. */
  readonly workshopId: string | null;
}

/**
 * Takes one of what was fitted out of the drawer: of the same supplier and lot where there is one, else of its kind.
 *
 * @returns the sort it was taken from, to put it back there; null where the drawer has none of the kind
 */
export async function takeFromDrawer(manager: EntityManager, fitted: Fitted): Promise<string | null> {
  const items = await manager.find(StockItemEntity, {
    where: { kind: fitted.kind, removedAt: IsNull() },
    order: { name: 'ASC', id: 'ASC' },
  });
  const likeness = (item: StockItemEntity) =>
    (item.supplier === fitted.supplier ? 2 : 0) +
    (item.lot === fitted.lot ? 1 : 0) +
    // Of two that are alike the workshop's own; what its box says is where it came from.
    (item.workshopId === fitted.workshopId ? 0.5 : 0);
  const [item] = items
    .filter(({ count, workshopId }) => count > 0 && (workshopId === null || workshopId === fitted.workshopId))
    .toSorted((one, other) => likeness(other) - likeness(one));
  if (item === undefined) return null;
  await manager.decrement(StockItemEntity, { id: item.id }, 'count', 1);
  return item.id;
}

/** Puts one back where it was taken from. */
export async function putBackInDrawer(manager: EntityManager, stockId: string | null): Promise<void> {
  if (stockId !== null) await manager.increment(StockItemEntity, { id: stockId }, 'count', 1);
}
