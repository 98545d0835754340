import { mm, type Metre } from '../quantity/index.js';

/** A wire diameter with why it fits. */
export interface WireChoice {
  readonly diameter: Metre;
  readonly reason: string;
}

/** Wire diameters that feeders in small shops carry. */
export const wireDiameters: readonly Metre[] = [mm(0.8), mm(1.0), mm(1.2), mm(1.6)];

const rows: readonly { readonly below: Metre; readonly choice: WireChoice }[] = [
  {
    below: mm(1.5),
    choice: {
      diameter: mm(0.8),
      reason: 'thin sheet: little metal is wanted, and thin wire melts with little heat',
    },
  },
  {
    below: mm(2.5),
    choice: { diameter: mm(1.0), reason: 'carries the bead at an easy wire speed' },
  },
  {
    below: mm(4),
    choice: { diameter: mm(1.2), reason: 'fills a thicker sheet without racing the feeder' },
  },
];

const thick: WireChoice = {
  diameter: mm(1.6),
  reason: 'thick sheet takes much metal; a thinner wire would have to race',
};

/**
 * The wire diameter to start from for a sheet.
 *
 * @param thickness of the thinner sheet, m, above 0
 * @example
 * wireDiameterFor(mm(1.2)).diameter // => 0.0008
 */
export function wireDiameterFor(thickness: Metre): WireChoice {
  return rows.find((row) => thickness < row.below)?.choice ?? thick;
}
