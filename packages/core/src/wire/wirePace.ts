import {
  metrePerSecond,
  squareMetre,
  type Metre,
  type MetrePerSecond,
  type SquareMetre,
} from '../quantity/index.js';

/**
 * Cross-section of a wire.
 *
 * @example
 * (wireArea(mm(0.8)) * 1e6).toFixed(4) // => '0.5027'
 */
export function wireArea(diameter: Metre): SquareMetre {
  return squareMetre((Math.PI / 4) * diameter * diameter);
}

/**
 * Travel at which the wire just lays down what the seam needs: the wire drives the gun along.
 *
 * @param fill metal needed per length of seam, m2, above 0
 * @example
 * (travelFromWire(mm(0.8), mmPerSecond(10), squareMetre(0.5e-6)) * 1000).toFixed(2) // => '10.05'
 */
export function travelFromWire(
  diameter: Metre,
  wireSpeed: MetrePerSecond,
  fill: SquareMetre,
): MetrePerSecond {
  return metrePerSecond((wireArea(diameter) * wireSpeed) / fill);
}

/**
 * Wire speed that a travel asks for; the inverse of {@link travelFromWire}.
 *
 * @param fill metal needed per length of seam, m2
 * @example
 * (wireForTravel(mm(0.8), mmPerSecond(8), squareMetre(0.5e-6)) * 1000).toFixed(2) // => '7.96'
 */
export function wireForTravel(diameter: Metre, travel: MetrePerSecond, fill: SquareMetre): MetrePerSecond {
  return metrePerSecond((travel * fill) / wireArea(diameter));
}
