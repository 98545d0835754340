import { RangeFault } from '../fault/index.js';
import type { Metre, Watt } from '../quantity/index.js';
import { wobbleOffsetInto } from './wobbleOffset.js';
import type { Wobble } from './Wobble.js';

/** Evenly spaced places around the gun, x along the seam and y across it, m. */
export interface MapGrid {
  /** Of the first place. */
  readonly left: number;
  readonly bottom: number;
  /** From place to place, above 0. */
  readonly step: number;
  readonly columns: number;
  readonly rows: number;
}

/** Light averaged over whole cycles, in the frame that travels with the gun. */
export interface EnergyMapInput {
  readonly wobble: Wobble;
  /** Beam diameter on the sheet, 1/e2. */
  readonly spot: Metre;
  /** Mean power. */
  readonly power: Watt;
  readonly grid: MapGrid;
}

/** Places in a cycle at which the beam is put down. */
const placesInCycle = 1024;

/** A Gaussian is nothing past this many of its 1/e2 radii. */
const felt = 2.5;

/**
 * Time-averaged intensity, W/m2: a Gaussian spot put down at 1024 places of the wobble's cycle. A gun that travels
 * carries this pattern along, as long as it moves little in a cycle.
 *
 * @param into row by row, rows x columns long
 * @returns the buffer
 * @throws RangeFault for a buffer of another length
 * @example
 * energyMapInto({ wobble: { shape: 'none' }, spot: mm(2), power: watt(Math.PI), grid: { left: 0, bottom: 0, step: 1, columns: 1, rows: 1 } }, new Float64Array(1))[0].toFixed(0) // => '2000000'
 */
export function energyMapInto(input: EnergyMapInput, into: Float64Array): Float64Array {
  const { wobble, spot, power, grid } = input;
  requireBuffer(grid, into);
  into.fill(0);
  const places = wobble.shape === 'none' ? 1 : placesInCycle;
  const radius = spot / 2;
  const peak = (2 * power) / (Math.PI * radius * radius) / places;
  const offset = new Float64Array(2);
  const along = new Float64Array(grid.columns);
  for (let place = 0; place < places; place++) {
    wobbleOffsetInto(wobble, place / places, offset);
    addSpot({ grid, radius, peak, along }, offset[0] as number, offset[1] as number, into);
  }
  return into;
}

interface Spot {
  readonly grid: MapGrid;
  readonly radius: number;
  readonly peak: number;
  /** Room for the Gaussian along the columns: it is the same in every row. */
  readonly along: Float64Array;
}

/** Adds one Gaussian, only where it is felt. */
function addSpot({ grid, radius, peak, along }: Spot, x: number, y: number, into: Float64Array): void {
  const { left, bottom, step, columns, rows } = grid;
  const reach = felt * radius;
  const firstColumn = Math.max(0, Math.ceil((x - reach - left) / step));
  const lastColumn = Math.min(columns - 1, Math.floor((x + reach - left) / step));
  const firstRow = Math.max(0, Math.ceil((y - reach - bottom) / step));
  const lastRow = Math.min(rows - 1, Math.floor((y + reach - bottom) / step));
  const fall = -2 / (radius * radius);
  for (let column = firstColumn; column <= lastColumn; column++) {
    const dx = left + column * step - x;
    along[column] = Math.exp(fall * dx * dx);
  }
  for (let row = firstRow; row <= lastRow; row++) {
    const dy = bottom + row * step - y;
    const across = peak * Math.exp(fall * dy * dy);
    for (let column = firstColumn; column <= lastColumn; column++) {
      const at = row * columns + column;
      into[at] = (into[at] as number) + across * (along[column] as number);
    }
  }
}

function requireBuffer({ rows, columns }: MapGrid, into: Float64Array): void {
  if (into.length === rows * columns) return;
  throw new RangeFault({
    quantity: 'energy map',
    given: `${into.length} places`,
    allowed: `${rows} rows x ${columns} columns`,
  });
}
