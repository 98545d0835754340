/** Inputs of {@link depthFromWidth}, all SI. */
export interface WidthBalanceInput {
  /** Absorbed power, W. */
  readonly absorbed: number;
  /** W/(m K) */
  readonly conductivity: number;
  /** K, from the start to melting. */
  readonly meltRise: number;
  /** Travel, m/s. */
  readonly travel: number;
  /** Full width of the melt, m. */
  readonly width: number;
  /** m2/s */
  readonly diffusivity: number;
}

/**
 * Depth of a through weld from its width: P/(8 k dT (0.2 + v b/(4 alpha))).
 * Sources: Wells 1952; Swift-Hook and Gick 1973. A published check on the melt model, not part of it.
 *
 * @returns m
 * @example
 * (depthFromWidth({ absorbed: 1196, conductivity: 58.91, meltRise: 831.2, travel: 0.004244, width: 0.001773, diffusivity: 5.46e-5 }) * 1000).toFixed(3) // => '13.022'
 */
export function depthFromWidth(input: WidthBalanceInput): number {
  const { absorbed, conductivity, meltRise, travel, width, diffusivity } = input;
  return absorbed / (8 * conductivity * meltRise * (0.2 + (travel * width) / (4 * diffusivity)));
}
