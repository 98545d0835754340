import type { CrossSection } from './crossSection.js';
import { betweenCentres, type MeshLine } from './gradedLine.js';

/**
 * Value at a place between the cells' middles, linear in each direction; past the outermost middles it stays, and where a
 * corner holds no metal the others count for it.
 *
 * @param values section cell by cell, along the flow in each
 * @param behind m behind the gun
 * @param y m across the seam
 * @param z m below the face
 */
export function fieldAt(
  section: CrossSection,
  along: MeshLine,
  values: Float64Array,
  behind: number,
  y: number,
  z: number,
): number {
  const count = along.widths.length;
  const columns = section.across.widths.length;
  const [i, alongShare] = betweenCentres(along, behind);
  const [column, acrossShare] = betweenCentres(section.across, y);
  const [row, downShare] = betweenCentres(section.down, z);
  let sum = 0;
  let weights = 0;
  for (let corner = 0; corner < 4; corner++) {
    const [right, below] = [corner & 1, corner >> 1];
    const place =
      Math.min(row + below, section.down.widths.length - 1) * columns + Math.min(column + right, columns - 1);
    const cell = section.cellAtPlace[place] as number;
    const weight = (right === 1 ? acrossShare : 1 - acrossShare) * (below === 1 ? downShare : 1 - downShare);
    if (cell < 0 || weight === 0) continue;
    const here = values[cell * count + i] as number;
    const next = values[cell * count + Math.min(i + 1, count - 1)] as number;
    sum += weight * (here + alongShare * (next - here));
    weights += weight;
  }
  return weights === 0 ? Number.NaN : sum / weights;
}
