/** Metal that a seam shrinks in, all SI. */
export interface ShrinkingMetal {
  /** 1/K */
  readonly expansion: number;
  /** Pa */
  readonly young: number;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
}

/** Pull along the seam over what is absorbed a metre, times E expansion/(rho c). */
const pullShare = 0.335;

/**
 * Force with which a seam pulls its sheets together along itself once cold: 0.335 E alpha q/(rho c). Sources: White,
 * Leggatt and Dwight 1980; Terai 1978.
 *
 * @param heat J absorbed per m of seam, 0 or more
 * @returns N
 * @example
 * (tendonForce({ expansion: 1.85e-5, young: 193e9, density: 7450, heatCapacity: 620 }, 60e3) / 1000).toFixed(1) // => '15.5'
 */
export function tendonForce(metal: ShrinkingMetal, heat: number): number {
  return heat * pullOfHeat(metal);
}

/** N for each J/m. */
function pullOfHeat({ expansion, young, density, heatCapacity }: ShrinkingMetal): number {
  return (pullShare * young * expansion) / (density * heatCapacity);
}

/** A strip that is pressed along its length, all SI. */
export interface PressedStrip {
  /** m */
  readonly thickness: number;
  /** Across the force, m. */
  readonly width: number;
  /** By how its edges are held: 0.43 with one long edge free, 4 with both held. */
  readonly edgeFactor: number;
  readonly poisson: number;
}

/**
 * A sheet with a seam along one edge, the other free.
 *
 * @param thickness m
 * @param width m
 */
export function usualStrip(thickness: number, width: number): PressedStrip {
  return { thickness, width, edgeFactor: 0.43, poisson: 0.3 };
}

/**
 * Force at which a strip gives way sideways: k pi2 E/(12 (1 - nu2)) (t/b)2 times its section. Source: Bryan 1891, in
 * Timoshenko and Gere 1961.
 *
 * @returns N
 * @example
 * (bucklingForce({ thickness: 1.5e-3, width: 0.1, edgeFactor: 0.43, poisson: 0.3 }, 193e9) / 1000).toFixed(2) // => '2.53'
 */
export function bucklingForce(
  { thickness, width, edgeFactor, poisson }: PressedStrip,
  young: number,
): number {
  const stress =
    ((edgeFactor * Math.PI ** 2 * young) / (12 * (1 - poisson * poisson))) * (thickness / width) ** 2;
  return stress * thickness * width;
}

/**
 * Least heat of a seam at which a strip beside it gives way.
 *
 * @returns J absorbed per m of seam
 * @example
 * (bucklingHeat({ expansion: 1.85e-5, young: 193e9, density: 7450, heatCapacity: 620 }, { thickness: 1.5e-3, width: 0.1, edgeFactor: 0.43, poisson: 0.3 }) / 1000).toFixed(2) // => '9.78'
 */
export function bucklingHeat(metal: ShrinkingMetal, strip: PressedStrip): number {
  return bucklingForce(strip, metal.young) / pullOfHeat(metal);
}

/**
 * Widest strip of a thickness that bears a force without giving way.
 *
 * @param strip whose thickness and edges count; its width does not
 * @param force N, above 0
 * @returns m
 * @example
 * (widestFlat(usualStrip(1.5e-3, 0.1), 193e9, 15e3) * 1000).toFixed(1) // => '16.9'
 */
export function widestFlat(strip: PressedStrip, young: number, force: number): number {
  // The force falls with one over the width.
  return bucklingForce({ ...strip, width: 1 }, young) / force;
}
