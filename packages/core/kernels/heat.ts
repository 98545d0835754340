/*
 * The inner loops of the heat fields, in AssemblyScript. Each has its plain version in TypeScript, which is its oracle:
 * diffusion in sheetHeat/plainDiffusion, modes in field/modalSolver. Places in memory are bytes; arrays are of f64 and
 * have one place of room behind them, since two are taken at a time.
 */

// @ts-nocheck: this is AssemblyScript, which asc checks.

/** Bytes from here on are the caller's. */
export function heapFrom(): usize {
  return __heap_base;
}

// @ts-ignore: a decorator of AssemblyScript
@inline
function potentialOf(held: v128, low: v128, high: v128, solid: v128, mushy: v128, liquid: v128): v128 {
  const below = f64x2.mul(solid, f64x2.pmin(held, low));
  const inside = f64x2.sub(f64x2.pmin(f64x2.pmax(held, low), high), low);
  const above = f64x2.sub(f64x2.pmax(held, high), high);
  return f64x2.add(f64x2.add(below, f64x2.mul(mushy, inside)), f64x2.mul(liquid, above));
}

/** Flux potential of enthalpies: a line with two kinks. */
export function potential(
  enthalpy: usize,
  into: usize,
  length: i32,
  low: f64,
  high: f64,
  solid: f64,
  mushy: f64,
  liquid: f64,
): void {
  const lows = f64x2.splat(low);
  const highs = f64x2.splat(high);
  const solids = f64x2.splat(solid);
  const mushies = f64x2.splat(mushy);
  const liquids = f64x2.splat(liquid);
  for (let at: usize = 0, end: usize = (<usize>length) << 3; at < end; at += 16) {
    v128.store(into + at, potentialOf(v128.load(enthalpy + at), lows, highs, solids, mushies, liquids));
  }
}

/** What each place gains, W/m3, from the potentials around it and its feed. */
export function rate(
  potentials: usize,
  right: usize,
  below: usize,
  perArea: usize,
  feed: usize,
  into: usize,
  columns: i32,
  length: i32,
): void {
  const row: usize = (<usize>columns) << 3;
  for (let at: usize = 0, end: usize = (<usize>length) << 3; at < end; at += 16) {
    v128.store(into + at, gain(potentials, right, below, perArea, feed, row, at));
  }
}

// @ts-ignore: a decorator of AssemblyScript
@inline
function gain(
  potentials: usize,
  right: usize,
  below: usize,
  perArea: usize,
  feed: usize,
  row: usize,
  at: usize,
): v128 {
  const here = v128.load(potentials + at);
  const fromLeft = f64x2.mul(v128.load(right + at - 8), f64x2.sub(v128.load(potentials + at - 8), here));
  const fromRight = f64x2.mul(v128.load(right + at), f64x2.sub(v128.load(potentials + at + 8), here));
  const fromAbove = f64x2.mul(v128.load(below + at - row), f64x2.sub(v128.load(potentials + at - row), here));
  const fromBelow = f64x2.mul(v128.load(below + at), f64x2.sub(v128.load(potentials + at + row), here));
  const gained = f64x2.add(f64x2.add(fromLeft, fromRight), f64x2.add(fromAbove, fromBelow));
  return f64x2.add(v128.load(feed + at), f64x2.mul(gained, v128.load(perArea + at)));
}

/** The first stage: last = enthalpy + factor x rate. */
export function open(enthalpy: usize, first: usize, last: usize, factor: f64, length: i32): void {
  const factors = f64x2.splat(factor);
  for (let at: usize = 0, end: usize = (<usize>length) << 3; at < end; at += 16) {
    const step = f64x2.mul(factors, v128.load(first + at));
    v128.store(last + at, f64x2.add(v128.load(enthalpy + at), step));
  }
}

/** A later stage, written over the one before the last. */
export function stage(
  potentials: usize,
  right: usize,
  below: usize,
  perArea: usize,
  feed: usize,
  enthalpy: usize,
  first: usize,
  last: usize,
  before: usize,
  columns: i32,
  length: i32,
  mu: f64,
  nu: f64,
  muTilde: f64,
  gammaTilde: f64,
): void {
  const row: usize = (<usize>columns) << 3;
  const mus = f64x2.splat(mu);
  const nus = f64x2.splat(nu);
  const rests = f64x2.splat(1 - mu - nu);
  const rates = f64x2.splat(muTilde);
  const firsts = f64x2.splat(gammaTilde);
  for (let at: usize = 0, end: usize = (<usize>length) << 3; at < end; at += 16) {
    const gained = gain(potentials, right, below, perArea, feed, row, at);
    const kept = f64x2.add(f64x2.mul(mus, v128.load(last + at)), f64x2.mul(nus, v128.load(before + at)));
    const held = f64x2.add(kept, f64x2.mul(rests, v128.load(enthalpy + at)));
    const moved = f64x2.add(f64x2.mul(rates, gained), f64x2.mul(firsts, v128.load(first + at)));
    v128.store(before + at, f64x2.add(held, moved));
  }
}

/** into[cell, k] = sum over i of rows[cell, i] x matrix[i, k]: two places by four cells stay in registers. */
export function multiplyRows(rows: usize, matrix: usize, into: usize, cells: i32, count: i32): void {
  const row: usize = (<usize>count) << 3;
  for (let cell: i32 = 0; cell < cells; cell += 4) {
    const a = rows + <usize>cell * row;
    const b = a + row;
    const c = b + row;
    const d = c + row;
    for (let k: usize = 0; k < row; k += 16) {
      let sumA = f64x2.splat(0);
      let sumB = f64x2.splat(0);
      let sumC = f64x2.splat(0);
      let sumD = f64x2.splat(0);
      let from = matrix + k;
      for (let i: usize = 0; i < row; i += 8) {
        const weights = v128.load(from);
        sumA = f64x2.add(sumA, f64x2.mul(v128.load64_splat(a + i), weights));
        sumB = f64x2.add(sumB, f64x2.mul(v128.load64_splat(b + i), weights));
        sumC = f64x2.add(sumC, f64x2.mul(v128.load64_splat(c + i), weights));
        sumD = f64x2.add(sumD, f64x2.mul(v128.load64_splat(d + i), weights));
        from += row;
      }
      const target = into + <usize>cell * row + k;
      v128.store(target, sumA);
      v128.store(target + row, sumB);
      v128.store(target + 2 * row, sumC);
      v128.store(target + 3 * row, sumD);
    }
  }
}

// @ts-ignore: a decorator of AssemblyScript
@inline
function takeProduct(values: usize, weights: usize, others: usize, bytes: usize): void {
  for (let at: usize = 0; at < bytes; at += 16) {
    const product = f64x2.mul(v128.load(weights + at), v128.load(others + at));
    v128.store(values + at, f64x2.sub(v128.load(values + at), product));
  }
}

// @ts-ignore: a decorator of AssemblyScript
@inline
function scale(values: usize, weights: usize, bytes: usize): void {
  for (let at: usize = 0; at < bytes; at += 16) {
    v128.store(values + at, f64x2.mul(v128.load(values + at), v128.load(weights + at)));
  }
}

/** Forward and backward through a banded triangle, all modes at once; count is even. */
export function substitute(band: usize, values: usize, cells: i32, bandwidth: i32, count: i32): void {
  const row: usize = (<usize>count) << 3;
  const stride: usize = row * <usize>(bandwidth + 1);
  for (let cell: i32 = 0; cell < cells; cell++) {
    const here = values + <usize>cell * row;
    const weights = band + <usize>cell * stride;
    const reach = min(bandwidth, cell);
    for (let back: i32 = reach; back > 0; back--) {
      takeProduct(here, weights + <usize>back * row, here - <usize>back * row, row);
    }
    scale(here, weights, row);
  }
  for (let cell: i32 = cells - 1; cell >= 0; cell--) {
    const here = values + <usize>cell * row;
    const weights = band + <usize>cell * stride;
    scale(here, weights, row);
    const reach = min(bandwidth, cell);
    for (let back: i32 = reach; back > 0; back--) {
      takeProduct(here - <usize>back * row, weights + <usize>back * row, here, row);
    }
  }
}

/**
 * Cholesky's lower triangle of a band in place, all modes at once, with the inverse of each diagonal in its stead; count
 * is even.
 */
export function factor(band: usize, cells: i32, bandwidth: i32, count: i32): void {
  const row: usize = (<usize>count) << 3;
  const stride: usize = row * <usize>(bandwidth + 1);
  const ones = f64x2.splat(1);
  for (let cell: i32 = 0; cell < cells; cell++) {
    const first = max(0, cell - bandwidth);
    const here = band + <usize>cell * stride;
    for (let other = first; other <= cell; other++) {
      const there = band + <usize>other * stride;
      const target = here + <usize>(cell - other) * row;
      for (let inner = max(first, other - bandwidth); inner < other; inner++) {
        takeProduct(target, here + <usize>(cell - inner) * row, there + <usize>(other - inner) * row, row);
      }
      if (other < cell) {
        scale(target, there, row);
      } else {
        for (let at: usize = 0; at < row; at += 16) {
          v128.store(target + at, f64x2.div(ones, f64x2.sqrt(v128.load(target + at))));
        }
      }
    }
  }
}
