/** Weights of the stages of one long step of diffusion. */
export interface SuperStep {
  readonly stages: number;
  readonly mu: Float64Array;
  readonly nu: Float64Array;
  readonly muTilde: Float64Array;
  readonly gammaTilde: Float64Array;
}

/**
 * Stages after which a step may be `ratio` times as long as the longest stable one of a single stage; odd, at least 3.
 *
 * @example
 * stagesFor(27) // => 11
 */
export function stagesFor(ratio: number): number {
  const least = Math.ceil((Math.sqrt(9 + 16 * ratio) - 1) / 2);
  return Math.max(3, least % 2 === 0 ? least + 1 : least);
}

/**
 * Runge, Kutta and Legendre's method of second order for diffusion (Meyer, Balsara and Aslam 2014): s stages reach
 * (s2 + s - 2)/4 times as far as one, and what goes in and out adds up exactly.
 */
export function superStep(stages: number): SuperStep {
  const b = Array.from({ length: stages + 1 }, (_, j) =>
    j < 2 ? 1 / 3 : (j * j + j - 2) / (2 * j * (j + 1)),
  );
  const weight = 4 / (stages * stages + stages - 2);
  const row = () => new Float64Array(stages + 1);
  const step = { stages, mu: row(), nu: row(), muTilde: row(), gammaTilde: row() };
  step.muTilde[1] = (b[1] as number) * weight;
  for (let j = 2; j <= stages; j++) {
    const [now, before, last] = [b[j] as number, b[j - 1] as number, b[j - 2] as number];
    const mu = ((2 * j - 1) / j) * (now / before);
    step.mu[j] = mu;
    step.nu[j] = -((j - 1) / j) * (now / last);
    step.muTilde[j] = mu * weight;
    step.gammaTilde[j] = -(1 - before) * mu * weight;
  }
  return step;
}
