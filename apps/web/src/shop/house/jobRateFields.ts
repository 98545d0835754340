import type { TypedQuantity } from '../../shared/figures/readTyped.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { metresPerFoot } from '../../shared/figures/spoken.js';

const plain = (quantity: string, min: number, max: number, unit: string): TypedQuantity => ({
  range: { quantity, min, max, unit },
  dimension: null,
});
const minutes = (quantity: string, max: number) => plain(quantity, 0, max, 'min');
const money = (quantity: string, max: number) => plain(quantity, 0, max, '');
const share = (quantity: string) => plain(quantity, 1, 100, '%');

export const work = {
  lightSharePercent: share('light on'),
  nozzleMin: minutes('changing the nozzle', 120),
  wireMin: minutes('changing the wire', 240),
  gasMin: minutes('changing the gas', 120),
  slotMin: minutes('dialling another setting', 60),
  turnMin: minutes('turning the part', 240),
  tackS: plain('a tack', 0, 600, 's'),
  nozzleLightS: plain('light before the nozzle cools', 0, 3600, 's'),
  nozzleRestMin: minutes('letting the nozzle cool', 60),
  dressMinPerM: minutes('dressing', 600),
  overheadPerHour: money('an hour of everything else', 1000),
} as const;
export const arc = {
  travelMmS: {
    range: { quantity: 'travel of the arc', min: 0.2, max: 50, unit: 'mm/s' },
    dimension: 'speed',
  },
  lightSharePercent: share('arc on'),
  dressMinPerM: minutes('dressing after the arc', 600),
  straightenMinPerPart: minutes('straightening a part', 600),
  consumablesPerM: money('a metre of arc', 1000),
} as const;
export const machine = {
  price: money('the machine', 1e7),
  keepPerYear: money('keeping it a year', 1e6),
  moneyPercentPerYear: plain('what money costs', 0, 100, '% a year'),
} as const;

/** What is said by the metre is said by the foot where lengths are in inches. */
export const perLength = () =>
  shopUnits().length === 'in' ? { name: 'foot', metres: metresPerFoot } : { name: 'metre', metres: 1 };

export const workLabels = (): Readonly<Record<keyof typeof work, string>> => ({
  lightSharePercent: 'Light on, of the time at a seam',
  nozzleMin: 'Another nozzle',
  wireMin: 'Another wire',
  gasMin: 'Another gas',
  slotMin: 'Another setting',
  turnMin: 'Turning the part',
  tackS: 'A tack',
  nozzleLightS: 'Light near the limit before the nozzle cools, 0 for never',
  nozzleRestMin: 'Letting the nozzle cool',
  dressMinPerM: `Dressing a ${perLength().name}`,
  overheadPerHour: 'An hour of room and machine',
});
export const arcLabels = (): Readonly<Record<keyof typeof arc, string>> => ({
  travelMmS: 'Its travel',
  lightSharePercent: 'Arc on, of the time at a seam',
  dressMinPerM: `Dressing a ${perLength().name}`,
  straightenMinPerPart: 'Straightening a part',
  consumablesPerM: `Gas, wire and tips of a ${perLength().name}`,
});
export const machineLabels: Readonly<Record<keyof typeof machine, string>> = {
  price: 'What the machine cost',
  keepPerYear: 'Keeping it a year',
  moneyPercentPerYear: 'What money costs',
};
