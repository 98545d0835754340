import { bottleRanges, type Bottle, type BottleDraft } from '@lone-heron/contract';
import { figure } from '../../shared/figures/figures.js';
import { readTyped, type TypedQuantity, type TypedValue } from '../../shared/figures/readTyped.js';
import { typedText } from '../../shared/figures/spoken.js';

/** A bottle as it is typed. */
export interface TypedBottle {
  gas: Bottle['gas'];
  litres: string;
  pressure: string;
  purity: string;
  batch: string;
  supplier: string;
  price: string;
  /** Empty while it stands in the store. */
  machineId: string;
}

/** What was read of it; null for figures that are empty, and for a draft that cannot be sent yet. */
export interface ReadBottle {
  readonly litres: TypedValue | null;
  readonly pressure: TypedValue | null;
  readonly price: TypedValue | null;
  readonly draft: BottleDraft | null;
}

const quantities = {
  litres: { range: bottleRanges.litres, dimension: null },
  pressure: { range: bottleRanges.pressure, dimension: 'pressure' },
  price: { range: bottleRanges.price, dimension: null },
} as const satisfies Record<string, TypedQuantity>;

const newBottle: TypedBottle = {
  gas: 'argon',
  litres: '',
  pressure: '',
  purity: '',
  batch: '',
  supplier: '',
  price: '',
  machineId: '',
};

/** A bottle ready to be changed; an empty one where there is none yet. */
export function typedBottle(bottle: Bottle | null): TypedBottle {
  if (bottle === null) return newBottle;
  const { gas, litres, pressureBar, purity, batch, supplier, price, machineId } = bottle;
  const figures = { litres: figure(litres, 2), pressure: typedText(pressureBar, 'bar', 1) };
  const shownPrice = price === null ? '' : figure(price, 2);
  return { gas, ...figures, purity, batch, supplier, price: shownPrice, machineId: machineId ?? '' };
}

/** Reads what was typed. The price may stay empty; size and pressure may not. */
export function readBottle(typed: TypedBottle): ReadBottle {
  const read = (name: keyof typeof quantities) =>
    typed[name].trim() === '' ? null : readTyped(typed[name], quantities[name]);
  const figures = { litres: read('litres'), pressure: read('pressure'), price: read('price') };
  return { ...figures, draft: draftOf(typed, figures) };
}

function draftOf(
  typed: TypedBottle,
  { litres, pressure, price }: Omit<ReadBottle, 'draft'>,
): BottleDraft | null {
  if (litres === null || pressure === null || 'fault' in litres || 'fault' in pressure) return null;
  if (price !== null && 'fault' in price) return null;
  return {
    gas: typed.gas,
    litres: litres.value,
    pressureBar: pressure.value,
    purity: typed.purity.trim(),
    batch: typed.batch.trim(),
    supplier: typed.supplier.trim(),
    price: price?.value ?? null,
    machineId: typed.machineId === '' ? null : typed.machineId,
  };
}
