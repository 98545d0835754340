/**
 * A square cell of a flat plate: four corners in the order (-,-), (+,-), (+,+), (-,+), bilinear in the plane with Wilson's bubbles,
 * and Adini's twelve terms out of it. Sources: Wilson, Taylor, Doherty and Ghaboussi 1973; Adini and Clough 1961.
 */
export interface PlateCell {
  /** In the plane, for E t of 1: u and v corner by corner, 8 x 8. */
  readonly inPlane: Float64Array;
  /** Out of the plane, for a bending stiffness of 1: w, its slope along x and along y corner by corner, 12 x 12, 1/m2. */
  readonly outOfPlane: Float64Array;
  /** Mean strains (x, y, shear) of the corners' u and v, 3 x 8, 1/m. */
  readonly meanStrain: Float64Array;
  /** Mean curvatures (xx, yy, twice xy) of the corners' w and slopes, 3 x 12. */
  readonly meanCurvature: Float64Array;
  /** Of a force of 1 N/m along x, along y and in shear, over the corners' w, 4 x 4 each: what bending meets in a pressed sheet. */
  readonly underForce: readonly [Float64Array, Float64Array, Float64Array];
}

const corners = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const;

const gauss2 = [-1 / Math.sqrt(3), 1 / Math.sqrt(3)].map((at) => ({ at, weight: 1 }));
const gauss3 = [
  { at: -Math.sqrt(0.6), weight: 5 / 9 },
  { at: 0, weight: 8 / 9 },
  { at: Math.sqrt(0.6), weight: 5 / 9 },
];

/**
 * @param side m
 * @param poisson 0 to 0.5
 */
export function plateCell(side: number, poisson: number): PlateCell {
  return {
    inPlane: inPlaneStiffness(side, poisson),
    outOfPlane: overCell(gauss3, side, 12, poisson, (xi, eta) => curvatureOf(side, xi, eta)).stiffness,
    meanStrain: overCell(gauss2, side, 8, poisson, (xi, eta) => strainOf(side, xi, eta)).mean,
    meanCurvature: overCell(gauss3, side, 12, poisson, (xi, eta) => curvatureOf(side, xi, eta)).mean,
    underForce: underForce(),
  };
}

/** Stress over strain in a plane sheet, for a stiffness of 1, at (x, y, shear). */
export function planeLaw(poisson: number, [x, y, shear]: readonly number[]): [number, number, number] {
  const whole = 1 / (1 - poisson * poisson);
  return [
    whole * ((x as number) + poisson * (y as number)),
    whole * (poisson * (x as number) + (y as number)),
    (whole * (1 - poisson) * (shear as number)) / 2,
  ];
}

type Rows = readonly (readonly number[])[];

/** Adds up B' D B and the mean of B over the cell. */
function overCell(
  points: readonly { at: number; weight: number }[],
  side: number,
  size: number,
  poisson: number,
  rowsAt: (xi: number, eta: number) => Rows,
) {
  const stiffness = new Float64Array(size * size);
  const mean = new Float64Array(3 * size);
  for (const x of points) {
    for (const y of points) {
      const share = (x.weight * y.weight) / 4;
      const rows = rowsAt(x.at, y.at);
      addProduct(stiffness, rows, size, poisson, share * side * side);
      rows.forEach((row, of) => row.forEach((each, at) => addTo(mean, of * size + at, share * each)));
    }
  }
  return { stiffness, mean };
}

function addProduct(into: Float64Array, rows: Rows, size: number, poisson: number, area: number): void {
  for (let column = 0; column < size; column++) {
    const stress = planeLaw(
      poisson,
      rows.map((row) => row[column] as number),
    );
    for (let row = 0; row < size; row++) {
      let sum = 0;
      rows.forEach((each, of) => {
        sum += (each[row] as number) * (stress[of] as number);
      });
      addTo(into, row * size + column, area * sum);
    }
  }
}

function strainOf(side: number, xi: number, eta: number): Rows {
  const along = corners.flatMap(([x, y]) => [(x * (1 + y * eta)) / (2 * side), 0]);
  const across = corners.flatMap(([x, y]) => [0, (y * (1 + x * xi)) / (2 * side)]);
  const shear = corners.flatMap(([x, y]) => [
    (y * (1 + x * xi)) / (2 * side),
    (x * (1 + y * eta)) / (2 * side),
  ]);
  return [along, across, shear];
}

/** The bubbles u: 1 - xi2, 1 - eta2 and v alike bend without shear; on a square each stands alone, so that they leave by a division. */
function inPlaneStiffness(side: number, poisson: number): Float64Array {
  const bubbles = (xi: number, eta: number): Rows => {
    const [x, y] = [(-4 * xi) / side, (-4 * eta) / side];
    return [
      [x, 0, 0, 0],
      [0, 0, 0, y],
      [0, y, x, 0],
    ];
  };
  const joined = (xi: number, eta: number): Rows => {
    const inner = bubbles(xi, eta);
    return strainOf(side, xi, eta).map((row, of) => [...row, ...(inner[of] as readonly number[])]);
  };
  const { stiffness: whole } = overCell(gauss2, side, 12, poisson, joined);
  const stiffness = new Float64Array(64);
  for (let row = 0; row < 8; row++) {
    for (let column = 0; column < 8; column++) {
      let value = whole[row * 12 + column] as number;
      for (let bubble = 8; bubble < 12; bubble++)
        value -=
          ((whole[row * 12 + bubble] as number) * (whole[bubble * 12 + column] as number)) /
          (whole[bubble * 12 + bubble] as number);
      stiffness[row * 8 + column] = value;
    }
  }
  return stiffness;
}

/** Second derivatives of Adini's shapes, written out for a half side. */
function curvatureOf(side: number, xi: number, eta: number): Rows {
  const half = side / 2;
  const perArea = 1 / (half * half);
  const [xx, yy, xy]: [number[], number[], number[]] = [[], [], []];
  for (const [x, y] of corners) {
    const [ax, ay] = [x * xi, y * eta];
    xx.push(-0.75 * ax * (1 + ay) * perArea, ((half * x) / 8) * (6 * ax + 2) * (1 + ay) * perArea, 0);
    yy.push(-0.75 * ay * (1 + ax) * perArea, 0, ((half * y) / 8) * (6 * ay + 2) * (1 + ax) * perArea);
    xy.push(
      ((x * y) / 4) * (4 - 3 * xi * xi - 3 * eta * eta) * perArea,
      ((half * y) / 4) * (1 + ax) * (3 * ax - 1) * perArea,
      ((half * x) / 4) * (1 + ay) * (3 * ay - 1) * perArea,
    );
  }
  return [xx, yy, xy];
}

/** Products of slopes over the cell, of a bilinear w: they do not hang on its side. */
function underForce(): [Float64Array, Float64Array, Float64Array] {
  const [along, across, shear] = [new Float64Array(16), new Float64Array(16), new Float64Array(16)];
  for (const { at: xi } of gauss2) {
    for (const { at: eta } of gauss2) {
      const slopes = corners.map(([x, y]) => [(x * (1 + y * eta)) / 4, (y * (1 + x * xi)) / 4] as const);
      slopes.forEach(([rowX, rowY], row) =>
        slopes.forEach(([x, y], column) => {
          const at = row * 4 + column;
          addTo(along, at, rowX * x);
          addTo(across, at, rowY * y);
          addTo(shear, at, rowX * y + rowY * x);
        }),
      );
    }
  }
  return [along, across, shear];
}

function addTo(values: Float64Array, at: number, what: number): void {
  values[at] = (values[at] as number) + what;
}
