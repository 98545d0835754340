import type { BandSystem } from './bandSystem.js';
import type { BentPlate } from './bentPlate.js';

/** Turns of Lanczos' method: the lowest wave of a sheet shows after a dozen. */
const turns = 30;
/** A direction this much shorter than the first is rounding. */
const gone = 1e-9;

/** A shape and what holds it: the plate's stiffness times it. */
interface Held {
  readonly shape: Float64Array;
  readonly force: Float64Array;
}

/**
 * How many times its present forces a plate bears before it gives way into waves: the least positive factor with K w = -factor G w,
 * by Lanczos' method in the product of K. Infinity where its forces press it nowhere. Source: Bathe, Finite element procedures, 11.
 *
 * @param bent E t3/12, N m
 */
export function givesWayAt(plate: BentPlate, bent: number): number {
  const system = plate.bending();
  const diagonal: number[] = [];
  const beside: number[] = [];
  const basis: Held[] = [];
  let next = heldBy(system, firstPush(3 * plate.grid.nodes));
  for (let turn = 0; turn < turns; turn++) {
    const length = Math.sqrt(Math.max(0, dot(next.shape, next.force)));
    if (length <= gone * (diagonal[0] === undefined ? 0 : Math.abs(diagonal[0]))) break;
    if (turn > 0) beside.push(length);
    const last = { shape: scaled(next.shape, 1 / length), force: scaled(next.force, 1 / length) };
    basis.push(last);
    const pressed = scaled(underForces(plate, last.shape), -1 / bent);
    diagonal.push(dot(last.shape, pressed));
    next = heldBy(system, pressed);
    // Twice over, so that rounding leaves nothing of the ones before.
    for (const each of [...basis, ...basis]) takeOut(next, each);
  }
  const most = largestEigenvalue(diagonal, beside);
  return most > 0 ? 1 / most : Infinity;
}

/** Heights that belong to no wave in particular, and are the same each time. */
function firstPush(size: number): Float64Array {
  return Float64Array.from({ length: size }, (_, at) => (at % 3 === 0 ? Math.sin(1 + 0.7 * at) : 0));
}

function heldBy(system: BandSystem, force: Float64Array): Held {
  return { shape: system.solve(force), force };
}

function takeOut(from: Held, each: Held): void {
  const share = dot(each.shape, from.force);
  subtract(from.shape, each.shape, share);
  subtract(from.force, each.force, share);
}

/** What the plate's forces in its plane do to a bent shape: forces at its nodes. */
function underForces({ places, stress, cell }: BentPlate, vector: Float64Array): Float64Array {
  const into = new Float64Array(vector.length);
  for (let at = 0; at < stress.plane.length / 3; at++) {
    for (let row = 0; row < 4; row++) {
      const place = places.bend[12 * at + 3 * row] as number;
      let sum = 0;
      for (let column = 0; column < 4; column++) {
        const height = vector[places.bend[12 * at + 3 * column] as number] as number;
        cell.underForce.forEach((rows, of) => {
          sum += (stress.plane[3 * at + of] as number) * (rows[4 * row + column] as number) * height;
        });
      }
      into[place] = (into[place] as number) + sum;
    }
  }
  return into;
}

/** Of a symmetric tridiagonal matrix, by counting signs (Sturm) and halving. */
function largestEigenvalue(diagonal: readonly number[], beside: readonly number[]): number {
  const most = Math.max(
    ...diagonal.map((each, at) => each + Math.abs(beside[at - 1] ?? 0) + Math.abs(beside[at] ?? 0)),
    0,
  );
  let [low, high] = [0, most];
  const isAbove = (value: number) => {
    let pivot = 1;
    return diagonal.some((each, at) => {
      const off = at === 0 ? 0 : (beside[at - 1] as number);
      pivot = each - value - (off * off) / (pivot === 0 ? Number.MIN_VALUE : pivot);
      return pivot > 0;
    });
  };
  for (let halving = 0; halving < 60; halving++) {
    const middle = (low + high) / 2;
    if (isAbove(middle)) low = middle;
    else high = middle;
  }
  return low;
}

function dot(one: Float64Array, other: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < one.length; at++) sum += (one[at] as number) * (other[at] as number);
  return sum;
}

function scaled(vector: Float64Array, by: number): Float64Array {
  return vector.map((each) => by * each);
}

function subtract(from: Float64Array, what: Float64Array, share: number): void {
  for (let at = 0; at < from.length; at++) from[at] = (from[at] as number) - share * (what[at] as number);
}
