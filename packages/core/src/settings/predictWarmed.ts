import { partWarming } from '../heat/index.js';
import type { MeltInput, MeltPrediction } from '../melt/index.js';
import { diffusivity, meltRise, roomTemperature } from '../metal/index.js';
import { kelvin, type Kelvin } from '../quantity/index.js';
import type { WeldJob } from './WeldJob.js';

/** A part that gets warmer than this share of its melting rise is past what one pass's images can say. */
const warmestShare = 0.6;

/** What is predicted, of which input, and how warm the part is before the beam. */
export interface WarmedPrediction {
  readonly prediction: MeltPrediction;
  readonly input: MeltInput;
  readonly start: Kelvin;
}

/**
 * The prediction on a part whose free edges throw the heat back: what it absorbs warms the metal before the beam, and
 * the warmer metal is predicted once more. Large parts are predicted once.
 */
export function predictWarmed(
  predict: (input: MeltInput) => MeltPrediction,
  { freeEdge }: Pick<WeldJob, 'freeEdge'>,
  input: MeltInput,
): WarmedPrediction {
  const cold = predict(input);
  if (freeEdge === undefined) return { prediction: cold, input, start: roomTemperature };
  const { metal, thickness, heatDirections, travel, power, duty } = input;
  const rise = partWarming({
    absorbed: cold.absorptivity * power * duty,
    conductivity: metal.conductivity,
    diffusivity: diffusivity(metal),
    travel,
    thickness: (heatDirections * thickness) / 2,
    edgeDistance: freeEdge,
  });
  const start = kelvin(roomTemperature + Math.min(rise, warmestShare * meltRise(metal)));
  const warmed = { ...input, start };
  return { prediction: predict(warmed), input: warmed, start };
}
