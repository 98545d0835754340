import type { Kelvin, SheetFamily } from '../quantity/index.js';
import type { TintScale } from './tintScales.js';

export type MetalId =
  | 'lowCarbonSteel'
  | 'galvanised'
  | 'stainless304'
  | 'stainless316'
  | 'aluminium3003'
  | 'aluminium5052'
  | 'aluminium5083'
  | 'aluminium6061'
  | 'aluminium6082'
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
  /** Mean linear expansion from cold to melting, 1/K. */
  readonly expansion: number;
  /** Stiffness cold, Pa. */
  readonly young: number;
  /** Stress at which it yields cold, as delivered; Pa. Handbook values, which differ by a third between tempers. */
  readonly yieldStrength: number;
  /** Peak temperatures at which the metal beside the seam takes colour in air; null where it shows no bands. */
  readonly tint: TintScale | null;
  /** What cracks and how; null where cracking is no matter. */
  readonly crackNote: string | null;
  /** What the fume carries. */
  readonly fumeNote: string;
  /** What the light does on it that others do not; null where nothing. */
  readonly lightNote: string | null;
  /** Standard deviation of ln(real depth / model depth) before any coupon. */
  readonly lnDepthSd: number;
  /** How far apart the sources lie, each as a share of its value. */
  readonly spread: MetalSpread;
  /** Where the row comes from. */
  readonly source: string;
}

/** Half-width of the range that sources give, as a share of the value. */
export interface MetalSpread {
  readonly density: number;
  readonly heatCapacity: number;
  readonly conductivity: number;
  readonly surfaceAbsorptivity: number;
  readonly keyholeAbsorptivity: number;
  readonly expansion: number;
}
