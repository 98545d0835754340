import bessel from 'bessel';

/** Past this Peclet number the published cubic is carried on by its tangent. */
const cubicEnds = 6;

/** Above this Peclet number the cubic is always the smaller of the two forms (they cross at about 0.18). */
const besselMatters = 0.5;

/**
 * The published cubic for the heat a keyhole of constant wall temperature gives off.
 * Source: Lankalapalli, Tu and Gartner 1996. Valid for Peclet 0 to 6; its tangent beyond.
 *
 * @param peclet speed x beam radius/(2 alpha), 0 or more
 * @returns pure number: absorbed power per depth over k (Tv - T0)
 * @example
 * keyholeCubic(0) // => 2.1995
 */
export function keyholeCubic(peclet: number): number {
  if (peclet <= cubicEnds) return cubic(peclet);
  return cubic(cubicEnds) + cubicSlope(cubicEnds) * (peclet - cubicEnds);
}

/**
 * Heat a keyhole gives off at any Peclet number: the cubic, or the moving line source where that is less
 * (the cubic does not fall to nothing for a beam at rest).
 * R = min(cubic, 2 pi/(I0(Pe) K0(Pe))). Sources: Lankalapalli, Tu and Gartner 1996; Rosenthal 1946.
 *
 * @param peclet above 0
 * @example
 * keyholeResistance(1).toFixed(4) // => '8.0424'
 */
export function keyholeResistance(peclet: number): number {
  const published = keyholeCubic(peclet);
  if (peclet > besselMatters) return published;
  return Math.min(published, (2 * Math.PI) / (bessel.besseli(peclet, 0) * bessel.besselk(peclet, 0)));
}

function cubic(peclet: number): number {
  return 2.1995 + peclet * (6.2962 + peclet * (-0.4994 + peclet * 0.0461));
}

function cubicSlope(peclet: number): number {
  return 6.2962 + peclet * (2 * -0.4994 + peclet * 3 * 0.0461);
}
