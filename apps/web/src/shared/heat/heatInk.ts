/** Stops of the ink from cold to hot, red, green and blue: slate, plum, ember, amber, and pale from melting on. */
const stops: readonly (readonly [share: number, red: number, green: number, blue: number])[] = [
  [0, 62, 82, 93],
  [0.22, 92, 62, 84],
  [0.5, 170, 54, 44],
  [0.8, 226, 122, 38],
  [0.995, 244, 186, 96],
  [1, 255, 226, 160],
  [1.5, 255, 250, 232],
];

/** How warm a rise is drawn, 0 cold and 1 melted: low rises are spread, for that is where hands and colours are. */
export function heatShare(rise: number, liquidus: number): number {
  const share = Math.max(0, rise) / liquidus;
  return share < 1 ? Math.sqrt(share) * 0.995 : share;
}

/** The ink of a share, 0 to 255 each. */
export function heatInk(share: number): readonly [red: number, green: number, blue: number] {
  const high = stops.findIndex(([at]) => at >= share);
  const above = stops[high < 0 ? stops.length - 1 : high] ?? stops[0];
  const below = stops[Math.max(0, (high < 0 ? stops.length : high) - 1)] ?? above;
  if (above === undefined || below === undefined) return [0, 0, 0];
  const way = above[0] > below[0] ? Math.min(1, (share - below[0]) / (above[0] - below[0])) : 1;
  const mix = (i: 1 | 2 | 3) => Math.round(below[i] + way * (above[i] - below[i]));
  return [mix(1), mix(2), mix(3)];
}

/** Temperatures that lines are drawn at and the scale names, degrees Celsius. */
const named = [100, 300, 600, 1000];

/** The same as rises, as far as the metal stays solid. */
export function scaleRises({
  start,
  liquidus,
}: {
  readonly start: number;
  readonly liquidus: number;
}): readonly number[] {
  return named.map((celsius) => celsius + 273.15 - start).filter((rise) => rise < 0.85 * liquidus);
}
