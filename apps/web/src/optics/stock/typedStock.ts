import { stockRanges, type StockDraft, type StockItem } from '@lone-heron/contract';
import { figure } from '../../shared/figures/figures.js';
import { readTyped, type TypedQuantity, type TypedValue } from '../../shared/figures/readTyped.js';

/** A sort of spare as it is typed. */
export interface TypedStock {
  kind: StockItem['kind'];
  name: string;
  supplier: string;
  lot: string;
  count: string;
  price: string;
  deliveryDays: string;
  /** In per cent. */
  serviceLevel: string;
  usedPerMonth: string;
}

const quantities = {
  count: stockRanges.count,
  price: stockRanges.price,
  deliveryDays: stockRanges.deliveryDays,
  serviceLevel: { quantity: 'service level', min: 50, max: 99.9, unit: '%' },
  usedPerMonth: stockRanges.usedPerMonth,
} as const satisfies Readonly<Record<string, TypedQuantity['range']>>;
type Figure = keyof typeof quantities;

/** What was read of it; figures that are empty are null, and so is a draft that cannot be sent yet. */
export interface ReadStock {
  readonly figures: Readonly<Record<Figure, TypedValue | null>>;
  readonly draft: StockDraft | null;
}

/** A sort ready to be changed; a new one where there is none yet. */
export function typedStock(item: StockItem | null): TypedStock {
  if (item === null) {
    return {
      ...{ kind: 'window', name: '', supplier: '', lot: '', count: '', price: '' },
      ...{ deliveryDays: '7', serviceLevel: '95', usedPerMonth: '' },
    };
  }
  const { kind, name, supplier, lot, count, price, deliveryDays, serviceLevel, usedPerMonth } = item;
  return {
    ...{ kind, name, supplier, lot, count: figure(count, 0), deliveryDays: figure(deliveryDays, 1) },
    price: price === null ? '' : figure(price, 2),
    serviceLevel: figure(serviceLevel * 100, 1),
    usedPerMonth: usedPerMonth === null ? '' : figure(usedPerMonth, 2),
  };
}

/** Reads what was typed. Price and use may stay empty; the others may not. */
export function readStock(typed: TypedStock): ReadStock {
  const names = Object.keys(quantities) as Figure[];
  const figures = Object.fromEntries(
    names.map((name) => [name, typed[name].trim() === '' ? null : readFigure(name, typed[name])]),
  ) as Record<Figure, TypedValue | null>;
  return { figures, draft: draftOf(typed, figures) };
}

function readFigure(name: Figure, text: string): TypedValue {
  const read = readTyped(text, { range: quantities[name], dimension: null });
  if (name !== 'count' || !('value' in read) || Number.isInteger(read.value)) return read;
  return { fault: `count is “${text}”; allowed is a whole number` };
}

function draftOf(typed: TypedStock, figures: ReadStock['figures']): StockDraft | null {
  const { count, deliveryDays, serviceLevel } = figures;
  const name = typed.name.trim();
  const isGood = [count, deliveryDays, serviceLevel].every((read) => read !== null && 'value' in read);
  const isRest = [figures.price, figures.usedPerMonth].every((read) => read === null || 'value' in read);
  if (name === '' || !isGood || !isRest) return null;
  return {
    ...{ kind: typed.kind, name, supplier: typed.supplier.trim(), lot: typed.lot.trim() },
    count: valueOf(count) ?? 0,
    price: valueOf(figures.price),
    deliveryDays: valueOf(deliveryDays) ?? 0,
    serviceLevel: (valueOf(serviceLevel) ?? 95) / 100,
    usedPerMonth: valueOf(figures.usedPerMonth),
  };
}

function valueOf(read: TypedValue | null): number | null {
  return read !== null && 'value' in read ? read.value : null;
}
