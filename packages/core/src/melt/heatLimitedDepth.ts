/** The heat balance across the melt: absorbed power against what a depth of melt carries off. All SI. */
export interface HeatBalance {
  /** W/m carried off per metre of depth: into the sheets, and with the melt. */
  readonly perDepth: number;
  /** W carried down into metal below the melt when the melt is shallow against the sheet. */
  readonly below: number;
  /** Sheet thickness, m. */
  readonly thickness: number;
  /** How far below the melt the sheet counts, m. */
  readonly belowLength: number;
}

const shallowest = 1e-6;
const deepest = 50e-3;
const tolerance = 1e-12;
const mostSteps = 60;

/**
 * W that a melt of this depth carries off; rises with depth.
 *
 * @example
 * heatCarriedOff({ perDepth: 2e5, below: 0, thickness: 0.002, belowLength: 0.003 }, 0.001) // => 200
 */
export function heatCarriedOff(balance: HeatBalance, depth: number): number {
  const below = Math.tanh(Math.max(balance.thickness - depth, 0) / balance.belowLength);
  return depth * balance.perDepth + balance.below * below * below;
}

/**
 * Depth at which the heat is used up: the one root of heatCarriedOff = absorbed, held within 1 µm to 50 mm.
 * Past the sheet's own thickness the balance is linear; inside it Newton's method, kept in its bracket by halving.
 *
 * @param absorbed W left for the sheets, above 0
 * @returns m
 * @example
 * heatLimitedDepth({ perDepth: 2e5, below: 0, thickness: 0.002, belowLength: 0.003 }, 500) // => 0.0025
 */
export function heatLimitedDepth(balance: HeatBalance, absorbed: number): number {
  const { perDepth, thickness } = balance;
  if (absorbed >= perDepth * thickness) return Math.min(absorbed / perDepth, deepest);
  if (absorbed <= heatCarriedOff(balance, shallowest)) return shallowest;
  let low = shallowest;
  let high = thickness;
  let depth = Math.min(Math.max(absorbed / perDepth / 2, low), high);
  for (let step = 0; step < mostSteps; step++) {
    const excess = heatCarriedOff(balance, depth) - absorbed;
    if (excess > 0) high = depth;
    else low = depth;
    const newton = depth - excess / heatSlope(balance, depth);
    const next = newton > low && newton < high ? newton : (low + high) / 2;
    if (Math.abs(next - depth) <= tolerance) return next;
    depth = next;
  }
  return depth;
}

/** Derivative of {@link heatCarriedOff} by depth, for depths inside the sheet. */
function heatSlope(balance: HeatBalance, depth: number): number {
  const tanh = Math.tanh((balance.thickness - depth) / balance.belowLength);
  return balance.perDepth - (2 * balance.below * tanh * (1 - tanh * tanh)) / balance.belowLength;
}
