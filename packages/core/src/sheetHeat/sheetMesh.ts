import type { MeshLine, PhaseLaw } from '../field/index.js';
import type { DiffusionMesh } from './Diffusion.js';
import type { SheetProblem } from './SheetProblem.js';

/** Links between the places of a sheet that hold metal. */
export function sheetMesh({ x, y, metal }: Pick<SheetProblem, 'x' | 'y' | 'metal'>): DiffusionMesh {
  const columns = x.widths.length;
  const rows = y.widths.length;
  const places = columns * rows;
  const mesh = {
    columns,
    rows,
    right: new Float64Array(places),
    below: new Float64Array(places),
    perArea: new Float64Array(places),
  };
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const at = row * columns + column;
      const [width, height] = [x.widths[column] as number, y.widths[row] as number];
      mesh.perArea[at] = 1 / (width * height);
      if (metal[at] !== 1) continue;
      if (column + 1 < columns && metal[at + 1] === 1) mesh.right[at] = height / apart(x, column);
      if (row + 1 < rows && metal[at + columns] === 1) mesh.below[at] = width / apart(y, row);
    }
  }
  return mesh;
}

function apart({ centres }: MeshLine, cell: number): number {
  return (centres[cell + 1] as number) - (centres[cell] as number);
}

/** The longest stable step of a single stage, s: what no place's links outrun at the quickest the metal conducts. */
export function stableSeconds(law: PhaseLaw, mesh: DiffusionMesh): number {
  const quickest = Math.max(law.solidConductivity, law.liquidConductivity) / law.capacity;
  const { columns, right, below, perArea } = mesh;
  let most = 0;
  for (let at = 0; at < perArea.length; at++) {
    const left = at % columns > 0 ? (right[at - 1] as number) : 0;
    const above = at >= columns ? (below[at - columns] as number) : 0;
    const links = left + above + (right[at] as number) + (below[at] as number);
    most = Math.max(most, links * (perArea[at] as number));
  }
  return 1 / (quickest * most);
}
