/**
 * Cholesky's lower triangle of banded matrices in place, with the inverse of each diagonal in its stead; so many of them side by
 * side. Row m holds its diagonal first, then the places before it.
 */
export function factorBand(band: Float64Array, cells: number, bandwidth: number, count: number): void {
  const stride = bandwidth + 1;
  for (let cell = 0; cell < cells; cell++) {
    const first = Math.max(0, cell - bandwidth);
    for (let other = first; other <= cell; other++) {
      const at = (cell * stride + (cell - other)) * count;
      for (let inner = Math.max(first, other - bandwidth); inner < other; inner++) {
        const left = (cell * stride + (cell - inner)) * count;
        const right = (other * stride + (other - inner)) * count;
        for (let mode = 0; mode < count; mode++)
          band[at + mode] =
            (band[at + mode] as number) - (band[left + mode] as number) * (band[right + mode] as number);
      }
      if (other === cell)
        for (let mode = 0; mode < count; mode++) band[at + mode] = 1 / Math.sqrt(band[at + mode] as number);
      else {
        const diagonal = other * stride * count;
        for (let mode = 0; mode < count; mode++)
          band[at + mode] = (band[at + mode] as number) * (band[diagonal + mode] as number);
      }
    }
  }
}

/** Forward and backward through the triangle, all modes at once. */
export function substituteBand(
  band: Float64Array,
  values: Float64Array,
  cells: number,
  bandwidth: number,
  count: number,
): void {
  const stride = bandwidth + 1;
  for (let cell = 0; cell < cells; cell++) {
    const row = cell * count;
    for (let back = Math.min(bandwidth, cell); back > 0; back--) {
      const at = (cell * stride + back) * count;
      const other = (cell - back) * count;
      for (let mode = 0; mode < count; mode++)
        values[row + mode] =
          (values[row + mode] as number) - (band[at + mode] as number) * (values[other + mode] as number);
    }
    const diagonal = cell * stride * count;
    for (let mode = 0; mode < count; mode++)
      values[row + mode] = (values[row + mode] as number) * (band[diagonal + mode] as number);
  }
  for (let cell = cells - 1; cell >= 0; cell--) {
    const row = cell * count;
    const diagonal = cell * stride * count;
    for (let mode = 0; mode < count; mode++)
      values[row + mode] = (values[row + mode] as number) * (band[diagonal + mode] as number);
    for (let back = Math.min(bandwidth, cell); back > 0; back--) {
      const at = (cell * stride + back) * count;
      const other = (cell - back) * count;
      for (let mode = 0; mode < count; mode++)
        values[other + mode] =
          (values[other + mode] as number) - (band[at + mode] as number) * (values[row + mode] as number);
    }
  }
}
