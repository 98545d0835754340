import type { Kelvin, SheetFamily } from '../quantity/index.js';

export type MetalId =
  | 'lowCarbonSteel'
  | 'stainless304'
  | 'aluminium3003'
  | 'aluminium5052'
  | 'aluminium6061'
  | 'brass'
  | 'copper'
  | 'titanium2'
  | 'nickel625';

/** Families whose metals answer the shop's coupons together. */
export type MetalFamily = 'steel' | 'stainless' | 'aluminium' | 'copperAlloy' | 'titanium' | 'nickel';

/** One row of reference data: what the melt model needs to know of a metal, in SI. */
export interface Metal {
  readonly id: MetalId;
  /** As the shop says it. */
  readonly name: string;
  readonly family: MetalFamily;
  /** The gauge table its sheet is numbered by; null where a unit must be given. */
  readonly sheet: SheetFamily | null;
  /** kg/m3, mean from cold to melting. */
  readonly density: number;
  /** J/(kg K), mean from cold to melting. */
  readonly heatCapacity: number;
  /** W/(m K), solid near melting. */
  readonly conductivity: number;
  /** W/(m K), liquid. */
  readonly liquidConductivity: number;
  /** Liquidus. */
  readonly meltingPoint: Kelvin;
  /** J/kg */
  readonly latentHeat: number;
  readonly boilingPoint: Kelvin;
  /** Share of 1.07 µm light taken by an open melt surface. */
  readonly surfaceAbsorptivity: number;
  /** Share of 1.07 µm light taken inside a deep keyhole. */
  readonly keyholeAbsorptivity: number;
  /** Standard deviation of ln(real depth / model depth) before any coupon. */
  readonly lnDepthSd: number;
  /** Where the row comes from and how far apart its sources lie. */
  readonly source: string;
}
