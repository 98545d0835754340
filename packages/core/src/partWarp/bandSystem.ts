import { factorOne, substituteOne } from '../numeric/index.js';
import { cornersOf, type FlatGrid } from './flatGrid.js';

/** What moves at each node, so many figures, and what holds it. */
export interface BandSystem {
  /** Moves under forces, both node by node; a new array. */
  solve(forces: Float64Array): Float64Array;
}

/** A spring between a node's figure and the ground. */
export interface GroundSpring {
  readonly node: number;
  /** Which of the node's figures. */
  readonly figure: number;
  /** N/m, or N m where the figure is a slope. */
  readonly stiffness: number;
}

interface SystemInput {
  readonly grid: FlatGrid;
  /** Figures a node. */
  readonly figures: number;
  /** As {@link cellPlaces} has them. */
  readonly places: Int32Array;
  /** Stiffness of a whole cell, 4 figures squared. */
  readonly cell: Float64Array;
  /** What of it each cell has, above 0. */
  readonly shares: Float64Array;
  readonly springs: readonly GroundSpring[];
  /** Holds every figure a little, over the cell's own diagonal: a loose piece has to stay somewhere. */
  readonly grip: number;
}

/** Adds up cells and springs and factors them (banded Cholesky). */
export function bandSystem(input: SystemInput): BandSystem {
  const { grid, figures, springs } = input;
  const size = grid.nodes * figures;
  const bandwidth = (grid.reach + 1) * figures - 1;
  const band = new Float64Array(size * (bandwidth + 1));
  addCells(band, bandwidth + 1, input);
  const addHeld = (place: number, stiffness: number) => {
    const at = place * (bandwidth + 1);
    band[at] = (band[at] as number) + stiffness;
  };
  for (let place = 0; place < size; place++)
    addHeld(place, input.grip * ownStiffness(input, place % figures));
  for (const { node, figure, stiffness } of springs) addHeld(node * figures + figure, stiffness);
  factorOne(band, size, bandwidth);
  return {
    solve: (forces) => {
      const moves = Float64Array.from(forces);
      substituteOne(band, moves, size, bandwidth);
      return moves;
    },
  };
}

function ownStiffness({ cell, figures }: SystemInput, figure: number): number {
  return cell[figure * (4 * figures + 1)] as number;
}

function addCells(band: Float64Array, stride: number, { places, cell, shares, figures }: SystemInput): void {
  const size = 4 * figures;
  for (let number = 0; number < shares.length; number++) {
    const share = shares[number] as number;
    for (let inner = 0; inner < size; inner++) {
      const row = places[number * size + inner] as number;
      for (let other = 0; other < size; other++) {
        const column = places[number * size + other] as number;
        if (column > row) continue;
        const at = row * stride + row - column;
        band[at] = (band[at] as number) + share * (cell[inner * size + other] as number);
      }
    }
  }
}

/** Where the figures of each cell's corners stand among those of all nodes, so many a cell. */
export function cellPlaces(grid: FlatGrid, figures: number): Int32Array {
  return Int32Array.from(
    Array.from({ length: grid.columns * grid.rows }, (_, cell) =>
      cornersOf(grid, cell).flatMap((node) =>
        Array.from({ length: figures }, (__, figure) => node * figures + figure),
      ),
    ).flat(),
  );
}
