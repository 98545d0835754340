import { bottleRanges, type Bottle, type BottleDraft } from '@lone-heron/contract';
import { figure } from '../../shared/figures/figures.js';
import {
  readTyped,
  readTypedOver,
  type TypedQuantity,
  type TypedValue,
} from '../../shared/figures/readTyped.js';
import { typedText } from '../../shared/figures/spoken.js';
import { bottleSize, typedSize } from './bottleSize.js';

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
  pressure: { range: bottleRanges.pressure, dimension: 'pressure' },
  price: { range: bottleRanges.price, dimension: null },
} as const satisfies Record<string, TypedQuantity>;

const pressureDecimals = 1;

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
  const figures = { litres: typedSize(litres), pressure: typedText(pressureBar, 'bar', pressureDecimals) };
  const shownPrice = price === null ? '' : figure(price, 2);
  return { gas, ...figures, purity, batch, supplier, price: shownPrice, machineId: machineId ?? '' };
}

/**
 * Reads what was typed over a bottle; null for a new one. The price may stay empty; size and pressure may not. What nobody touched
 * stays to its last digit.
 */
export function readBottle(typed: TypedBottle, bottle: Bottle | null): ReadBottle {
  const { pressure, price } = quantities;
  const filled = (name: 'litres' | 'pressure' | 'price', read: (text: string) => TypedValue) =>
    typed[name].trim() === '' ? null : read(typed[name]);
  const figures = {
    litres: filled('litres', (text) => readSize(text, bottle)),
    pressure: filled('pressure', (text) =>
      readTypedOver(bottle?.pressureBar, text, pressure, pressureDecimals),
    ),
    price: filled('price', (text) => readTyped(text, price)),
  };
  return { ...figures, draft: draftOf(typed, figures) };
}

function readSize(text: string, bottle: Bottle | null): TypedValue {
  if (bottle !== null && text === typedSize(bottle.litres)) return { value: bottle.litres };
  const { range, litres } = bottleSize();
  const read = readTyped(text, { range, dimension: null });
  return 'fault' in read ? read : { value: read.value * litres };
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
