import { mm, type Metre } from '../quantity/index.js';

/** A wire diameter with why it fits. */
export interface WireChoice {
  readonly diameter: Metre;
  readonly reason: string;
}

/** A wire that is sold, by the name it is sold under. */
export interface WireSize {
  readonly diameter: Metre;
  /** As it is asked for: "0.8 mm", "0.030 in", "1/16 in". */
  readonly name: string;
  readonly system: 'mm' | 'in';
}

const metric = [0.8, 1.0, 1.2, 1.6];
/** Names as they are printed on the spool, in inches. */
const imperial: readonly (readonly [name: string, inches: number])[] = [
  ['0.023 in', 0.023],
  ['0.030 in', 0.03],
  ['0.035 in', 0.035],
  ['0.045 in', 0.045],
  ['0.047 in', 0.047],
  ['1/16 in', 1 / 16],
];

/** Wires that feeders in small shops carry, thinnest first: those sold in millimetres and those sold in inches. */
export const wireSizes: readonly WireSize[] = [
  ...metric.map((each) => ({ diameter: mm(each), name: `${each.toFixed(1)} mm`, system: 'mm' }) as const),
  ...imperial.map(([name, inches]) => ({ diameter: mm(inches * 25.4), name, system: 'in' }) as const),
].toSorted((a, b) => a.diameter - b.diameter);

/** Their diameters. */
export const wireDiameters: readonly Metre[] = wireSizes.map(({ diameter }) => diameter);

const rows: readonly { readonly below: Metre; readonly wanted: Metre; readonly reason: string }[] = [
  {
    below: mm(1.5),
    wanted: mm(0.8),
    reason: 'thin sheet: little metal is wanted, and thin wire melts with little heat',
  },
  { below: mm(2.5), wanted: mm(1.0), reason: 'carries the bead at an easy wire speed' },
  { below: mm(4), wanted: mm(1.2), reason: 'fills a thicker sheet without racing the feeder' },
];

const thick = { wanted: mm(1.6), reason: 'thick sheet takes much metal; a thinner wire would have to race' };

/** A wire on the shelf this near the wanted one, as a share of it, is taken before one that must be bought. */
const nearEnough = 0.15;

/**
 * The wire diameter to start from for a sheet: the shop's own where one lies near enough to what is wanted, else the
 * nearest that is sold in the shop's system.
 *
 * @param thickness of the thinner sheet, m, above 0; of the leg where a larger fillet is asked
 * @param system the shop buys wire in
 * @param onShelf diameters the shop has
 * @example
 * wireDiameterFor(mm(1.2)).diameter // => 0.0008
 */
export function wireDiameterFor(
  thickness: Metre,
  system: WireSize['system'] = 'mm',
  onShelf: readonly Metre[] = [],
): WireChoice {
  const { wanted, reason } = rows.find((row) => thickness < row.below) ?? thick;
  const near = onShelf.filter((each) => Math.abs(each / wanted - 1) <= nearEnough);
  const sold = wireSizes.filter((size) => size.system === system).map(({ diameter }) => diameter);
  return { diameter: nearest(near.length > 0 ? near : sold, wanted), reason };
}

function nearest(diameters: readonly Metre[], wanted: Metre): Metre {
  return diameters.reduce((best, next) =>
    Math.abs(next - wanted) < Math.abs(best - wanted) - 1e-9 ? next : best,
  );
}

/**
 * The name a wire is sold under; its diameter in millimetres where it is none of those that are sold.
 *
 * @example
 * wireName(mm(0.762)) // => '0.030 in'
 */
export function wireName(diameter: Metre): string {
  const size = wireSizes.find((each) => Math.abs(each.diameter - diameter) < 1e-7);
  return size?.name ?? `${(diameter * 1000).toFixed(2)} mm`;
}
