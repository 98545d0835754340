import { Matrix, solve } from 'ml-matrix';

/** Takes the step that is proposed from these values, bettered by the steps before; changes the values in place. */
export type Mixer = (values: Float64Array, step: Float64Array) => void;

/** What of the least squares is trusted: columns that hardly differ would answer with huge weights. */
const damping = 1e-10;

/**
 * Mixing of a fixed-point iteration after Anderson 1965: the step is taken from where the last steps together would
 * have been shortest. On a linear problem it is GMRES (Walker and Ni 2011).
 *
 * @param length of the values
 * @param depth how many steps are looked back on
 */
export function andersonMixer(length: number, depth: number): Mixer {
  const history = Array.from({ length: depth }, () => ({
    values: new Float64Array(length),
    step: new Float64Array(length),
  }));
  const gram = Matrix.zeros(depth, depth);
  const last = { values: new Float64Array(length), step: new Float64Array(length) };
  let taken = 0;

  const remember = (values: Float64Array, step: Float64Array) => {
    const slot = (taken - 1) % depth;
    const entry = history[slot] as (typeof history)[number];
    differenceInto(values, last.values, entry.values);
    differenceInto(step, last.step, entry.step);
    const known = Math.min(taken, depth);
    for (let other = 0; other < known; other++) {
      const product = dot(entry.step, (history[other] as typeof entry).step);
      gram.set(slot, other, product);
      gram.set(other, slot, product);
    }
  };

  return (values, step) => {
    if (taken > 0) remember(values, step);
    last.values.set(values);
    last.step.set(step);
    const known = Math.min(taken, depth);
    const weights = known === 0 ? [] : nearestWeights(gram, history.slice(0, known), step);
    taken++;
    for (let i = 0; i < length; i++) values[i] = (values[i] as number) + (step[i] as number);
    weights.forEach((weight, j) => takeAway(history[j] as (typeof history)[number], weight, values));
  };
}

/** Weights of the remembered changes of step that come nearest to the step together. */
function nearestWeights(
  gram: Matrix,
  known: readonly { readonly step: Float64Array }[],
  step: Float64Array,
): number[] {
  const normal = gram.subMatrix(0, known.length - 1, 0, known.length - 1);
  for (let i = 0; i < known.length; i++)
    normal.set(i, i, normal.get(i, i) * (1 + damping) + Number.MIN_VALUE);
  const right = Matrix.columnVector(known.map((entry) => dot(entry.step, step)));
  return solve(normal, right).to1DArray();
}

function takeAway(
  entry: { readonly values: Float64Array; readonly step: Float64Array },
  weight: number,
  values: Float64Array,
): void {
  for (let i = 0; i < values.length; i++)
    values[i] = (values[i] as number) - weight * ((entry.values[i] as number) + (entry.step[i] as number));
}

function differenceInto(now: Float64Array, before: Float64Array, into: Float64Array): void {
  for (let i = 0; i < now.length; i++) into[i] = (now[i] as number) - (before[i] as number);
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
}
