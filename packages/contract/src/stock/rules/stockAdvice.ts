import { drawerStock, type DrawerStock } from '@lone-heron/core';
import { daysPerMonth } from '../../wire/daysPerMonth.js';
import { mostInDelivery, type StockItem } from '../stockItem.js';

/** What to keep of a part, and what to order now. */
export interface StockAdvice extends DrawerStock {
  readonly usedPerMonth: number;
  /** Enough to be at the reorder point again after a month beyond the delivery; 0 while there is more than that. */
  readonly order: number;
  readonly cost: number | null;
}

/** Divided and multiplied again by the days it must not come out above the most. */
const justUnder = mostInDelivery * (1 - 1e-9);

/**
 * What to keep of a part and how many to order: ordered when down to what a delivery may use up, filled up to what a
 * month more will. A sort that is kept, of which none is left and no use is known, is ordered once.
 */
export function stockAdvice(item: StockItem): StockAdvice {
  const usedPerMonth = item.usedPerMonth ?? item.changesPerMonth;
  const stock = drawerStock({
    meanLife: 1,
    // One that was written down before the two were looked at together is worked out as if less were used.
    usePerDay: Math.min(usedPerMonth / daysPerMonth, justUnder / item.deliveryDays),
    deliveryDays: item.deliveryDays,
    serviceLevel: item.serviceLevel,
  });
  // What nobody has used up yet, as a focus lens for years, is kept for the day it breaks: one of it, and none is none.
  const isMissing = item.count === 0 && item.usedPerMonth === null;
  const isDue = item.count <= stock.reorderAt && (usedPerMonth > 0 || isMissing);
  const order = isDue ? Math.max(1, stock.reorderAt + Math.ceil(usedPerMonth) - item.count) : 0;
  return { ...stock, usedPerMonth, order, cost: item.price === null ? null : order * item.price };
}
