import { bandSystem, cellPlaces, type BandSystem, type GroundSpring } from './bandSystem.js';
import type { FlatGrid } from './flatGrid.js';
import type { PartShape } from './offFlat.js';
import { planeLaw, plateCell, type PlateCell } from './plateCell.js';

/** Stiffness of a sheet in one direction alone: stretched, E t, N/m, and bent, E t3/12, N m. */
export interface SheetStiffness {
  readonly stretched: number;
  readonly bent: number;
  readonly poisson: number;
}

/** Three figures of a cell: along x, along y and in shear (twice the mixed one for a curvature). */
export type Three = readonly [number, number, number];

/** A cell that wants to be shorter and bent. */
export interface CellStrain {
  readonly cell: number;
  /** Its strain and its curvature, 1/m, if nothing held it. */
  readonly strain: Three;
  readonly curvature: Three;
}

/** Cells that are open keep this share of a sheet's stiffness, so that pieces stay in sight of each other. */
export const openShare = 1e-4;
/** Grip of the bench over a cell's own stiffness: next to nothing. */
const grip = 1e-7;
/** A clamp holds so many times as hard as a cell of the sheet it sits on. */
const clampHold = 10;

/** Figures of a node in the plane and out of it. */
const figures = { plane: 2, bend: 3 } as const;
type Kind = keyof typeof figures;
type ByKind<Of> = Readonly<Record<Kind, Of>>;
const kinds = ['plane', 'bend'] as const;
/** Which of a node's figures a clamp holds: both moves in the plane, the height out of it. */
const heldFigures: ByKind<readonly number[]> = { plane: [0, 1], bend: [0] };

/** A flat plate that is joined and bent step by step. Moves and stresses add up; a cell that is joined begins without any. */
export class BentPlate {
  readonly cell: PlateCell;
  /** Forces and moments a width, three a cell, N/m and N. */
  readonly stress: ByKind<Float64Array>;
  /** Strains and curvatures since the beginning, three a cell: of an open cell what its gap has opened and turned. */
  readonly felt: ByKind<Float64Array>;
  readonly places: ByKind<Int32Array>;
  private readonly moves: ByKind<Float64Array>;
  private systems: ByKind<BandSystem> | null = null;

  constructor(
    readonly grid: FlatGrid,
    private readonly sheet: SheetStiffness,
    /** What each cell has of the sheet's stiffness. */
    readonly shares: Float64Array,
    private clamps: readonly number[] = [],
  ) {
    this.cell = plateCell(grid.side, sheet.poisson);
    this.stress = this.threes();
    this.felt = this.threes();
    this.places = { plane: cellPlaces(grid, figures.plane), bend: cellPlaces(grid, figures.bend) };
    this.moves = this.noForces();
  }

  shape(): PartShape {
    const { plane, bend } = this.moves;
    const every = (of: Float64Array, stride: number, figure: number) =>
      Float64Array.from({ length: this.grid.nodes }, (_, node) => of[stride * node + figure] as number);
    return { u: every(plane, 2, 0), v: every(plane, 2, 1), w: every(bend, 3, 0) };
  }

  /** Gives cells another share from now on. */
  join(cells: Iterable<number>, share: number): void {
    for (const each of cells) {
      if (this.shares[each] === share) continue;
      this.shares[each] = share;
      this.systems = null;
    }
  }

  /** Lets cells shrink and bend as far as the rest lets them. */
  strain(strains: readonly CellStrain[]): void {
    const forces = this.noForces();
    const wishes = this.threes();
    for (const { cell, strain, curvature } of strains) {
      this.wish(forces.plane, wishes.plane, cell, strain, 'plane');
      this.wish(forces.bend, wishes.bend, cell, curvature, 'bend');
    }
    this.move(forces, wishes);
  }

  /** Cells let go: what they held is given to the rest. */
  letGo(cells: readonly number[]): void {
    const forces = this.noForces();
    for (const cell of cells) {
      for (const kind of kinds) {
        const stress = this.stress[kind];
        this.push(forces[kind], cell, threeAt(stress, cell), 1 / this.stiffness(kind), kind);
        stress.fill(0, 3 * cell, 3 * cell + 3);
      }
      this.shares[cell] = openShare;
    }
    this.systems = null;
    this.move(forces, null);
  }

  /** Takes the clamps away. */
  unclamp(): void {
    const forces = this.noForces();
    for (const kind of kinds) {
      for (const { node, figure, stiffness } of this.springs(kind)) {
        const at = figures[kind] * node + figure;
        forces[kind][at] = stiffness * (this.moves[kind][at] as number);
      }
    }
    this.clamps = [];
    this.systems = null;
    this.move(forces, null);
  }

  /** What resists bending as the plate is now, over the sheet's bending stiffness. */
  bending(): BandSystem {
    return this.solvers().bend;
  }

  private stiffness(kind: Kind): number {
    return kind === 'plane' ? this.sheet.stretched : this.sheet.bent;
  }

  private cellOf(kind: Kind): Float64Array {
    return kind === 'plane' ? this.cell.inPlane : this.cell.outOfPlane;
  }

  private meanRows(kind: Kind): Float64Array {
    return kind === 'plane' ? this.cell.meanStrain : this.cell.meanCurvature;
  }

  private threes(): ByKind<Float64Array> {
    return {
      plane: new Float64Array(3 * this.shares.length),
      bend: new Float64Array(3 * this.shares.length),
    };
  }

  private noForces(): ByKind<Float64Array> {
    return {
      plane: new Float64Array(figures.plane * this.grid.nodes),
      bend: new Float64Array(figures.bend * this.grid.nodes),
    };
  }

  private springs(kind: Kind): GroundSpring[] {
    const cell = this.cellOf(kind);
    return this.clamps.flatMap((node) =>
      heldFigures[kind].map((figure) => ({
        node,
        figure,
        stiffness: clampHold * (cell[figure * 4 * figures[kind] + figure] as number),
      })),
    );
  }

  private solvers(): ByKind<BandSystem> {
    const made = (kind: Kind) =>
      bandSystem({
        grid: this.grid,
        figures: figures[kind],
        places: this.places[kind],
        cell: this.cellOf(kind),
        shares: this.shares,
        springs: this.springs(kind),
        grip,
      });
    this.systems ??= { plane: made('plane'), bend: made('bend') };
    return this.systems;
  }

  private wish(forces: Float64Array, wishes: Float64Array, cell: number, wished: Three, kind: Kind): void {
    this.push(forces, cell, planeLaw(this.sheet.poisson, wished), this.shares[cell] as number, kind);
    wished.forEach((each, of) => {
      wishes[3 * cell + of] = (wishes[3 * cell + of] as number) + each;
    });
  }

  /** Adds what a cell's stress, times a factor, pushes its corners with. */
  private push(into: Float64Array, cell: number, stress: Three, factor: number, kind: Kind): void {
    const rows = this.meanRows(kind);
    const size = 4 * figures[kind];
    const area = this.grid.side * this.grid.side;
    for (let at = 0; at < size; at++) {
      const place = this.places[kind][cell * size + at] as number;
      let sum = 0;
      for (let of = 0; of < 3; of++) sum += (rows[of * size + at] as number) * (stress[of] as number);
      into[place] = (into[place] as number) + factor * area * sum;
    }
  }

  /** Moves the plate under forces; a cell does not feel the strain that it wished for itself. */
  private move(forces: ByKind<Float64Array>, wishes: ByKind<Float64Array> | null): void {
    const solvers = this.solvers();
    for (const kind of kinds) {
      const moved = solvers[kind].solve(forces[kind]);
      const all = this.moves[kind];
      moved.forEach((each, at) => {
        all[at] = (all[at] as number) + each;
      });
      for (let cell = 0; cell < this.shares.length; cell++)
        this.feel(kind, cell, moved, wishes === null ? null : wishes[kind]);
    }
  }

  private feel(kind: Kind, cell: number, moved: Float64Array, wishes: Float64Array | null): void {
    const rows = this.meanRows(kind);
    const size = 4 * figures[kind];
    const felt = this.felt[kind];
    const strain = [0, 0, 0];
    for (let of = 0; of < 3; of++) {
      let sum = 0;
      for (let at = 0; at < size; at++)
        sum +=
          (rows[of * size + at] as number) * (moved[this.places[kind][cell * size + at] as number] as number);
      felt[3 * cell + of] = (felt[3 * cell + of] as number) + sum;
      strain[of] = sum - (wishes?.[3 * cell + of] ?? 0);
    }
    const stiffness = this.stiffness(kind) * (this.shares[cell] as number);
    const stress = this.stress[kind];
    planeLaw(this.sheet.poisson, strain).forEach((each, of) => {
      stress[3 * cell + of] = (stress[3 * cell + of] as number) + stiffness * each;
    });
  }
}

/** Three figures of a cell out of those of all. */
export function threeAt(values: Float64Array, cell: number): Three {
  return [values[3 * cell] as number, values[3 * cell + 1] as number, values[3 * cell + 2] as number];
}
