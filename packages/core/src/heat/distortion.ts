import { metre, radian, type Metre, type Radian } from '../quantity/index.js';

/** What of a weld pulls the sheet, all SI. */
export interface DistortionInput {
  /** Absorbed, J per m of seam. */
  readonly absorbedPerLength: number;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
  /** 1/K */
  readonly expansion: number;
  /** K from the start to melting */
  readonly meltRise: number;
  /** Thickness that the heat is spread over, m (half the directions times the thickness). */
  readonly heatedThickness: number;
  /** Thickness of the sheet that bends, m. */
  readonly thickness: number;
  /** Width of the melt at the face and at the back, m. */
  readonly faceWidth: number;
  readonly rootWidth: number;
}

/** How far a seam pulls the sheets, with the factor either way that real sheets scatter by. */
export interface Distortion {
  /** How much nearer the two sheets come. */
  readonly transverseShrinkage: Metre;
  /** Angle the sheets turn up towards the face; negative where the back is the wider side. */
  readonly angle: Radian;
  /** The real figure lies between the value over this and the value times this, unclamped and on clean sheet. */
  readonly spreadFactor: number;
}

const spreadFactor = 2;

/**
 * Shrinkage and turn of two free sheets. Shrinkage: the heat expands a strip that is held by the cold metal around
 * it, yields, and contracts by as much on cooling, expansion x (q/v)/(rho cp t). Turn: the face contracts over the
 * width that melted there, the back over its own, expansion x rise x (bFace - bRoot)/t. A first estimate from free
 * contraction, good for comparing settings; clamps, tacks and stiff parts hold most of it back.
 *
 * @example
 * (distortion({ absorbedPerLength: 60e3, density: 7450, heatCapacity: 620, expansion: 18.5e-6, meltRise: 1422, heatedThickness: mm(1.5), thickness: mm(1.5), faceWidth: mm(2.2), rootWidth: mm(1) }).transverseShrinkage * 1000).toFixed(3) // => '0.160'
 */
export function distortion(input: DistortionInput): Distortion {
  const { absorbedPerLength, density, heatCapacity, expansion, meltRise } = input;
  const shrinkage = (expansion * absorbedPerLength) / (density * heatCapacity * input.heatedThickness);
  const turn = (expansion * meltRise * (input.faceWidth - input.rootWidth)) / input.thickness;
  return { transverseShrinkage: metre(shrinkage), angle: radian(turn), spreadFactor };
}
