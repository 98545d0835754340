/**
 * Cholesky's lower triangle of one banded matrix in place, with the inverse of each diagonal in its stead. Row m holds its
 * diagonal first, then the places before it: products run along two rows at once.
 */
export function factorOne(band: Float64Array, cells: number, bandwidth: number): void {
  const stride = bandwidth + 1;
  for (let cell = 0; cell < cells; cell++) {
    const row = cell * stride;
    const first = Math.max(0, cell - bandwidth);
    for (let other = first; other <= cell; other++) {
      const otherRow = other * stride;
      const from = Math.max(first, other - bandwidth);
      const apart = cell - other;
      let sum = band[row + apart] as number;
      for (let back = other - from; back > 0; back--)
        sum -= (band[row + apart + back] as number) * (band[otherRow + back] as number);
      band[row + apart] = other === cell ? 1 / Math.sqrt(sum) : sum * (band[otherRow] as number);
    }
  }
}

/** Forward and backward through the triangle of {@link factorOne}, in place. */
export function substituteOne(
  band: Float64Array,
  values: Float64Array,
  cells: number,
  bandwidth: number,
): void {
  const stride = bandwidth + 1;
  for (let cell = 0; cell < cells; cell++) {
    const row = cell * stride;
    let sum = values[cell] as number;
    for (let back = Math.min(bandwidth, cell); back > 0; back--)
      sum -= (band[row + back] as number) * (values[cell - back] as number);
    values[cell] = sum * (band[row] as number);
  }
  for (let cell = cells - 1; cell >= 0; cell--) {
    const row = cell * stride;
    const value = (values[cell] as number) * (band[row] as number);
    values[cell] = value;
    for (let back = Math.min(bandwidth, cell); back > 0; back--)
      values[cell - back] = (values[cell - back] as number) - (band[row + back] as number) * value;
  }
}
