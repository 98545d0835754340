import { bandOrder, type CellLink } from './bandOrder.js';
import type { MeshLine } from './gradedLine.js';

/** A joint cut across the seam into cells, all SI: y across the seam, z down, away from the light. */
export interface CrossSection {
  /** The grid it was cut from. */
  readonly across: MeshLine;
  readonly down: MeshLine;
  readonly cells: number;
  /** Middle of each cell and its size, m. */
  readonly y: Float64Array;
  readonly z: Float64Array;
  readonly width: Float64Array;
  readonly height: Float64Array;
  /** Pairs of cells that heat passes between: a cell, a later one, and how wide over how far the way is (no unit). */
  readonly linkFrom: Int32Array;
  readonly linkTo: Int32Array;
  readonly linkFactor: Float64Array;
  /** Edge of each cell that air touches, m. */
  readonly open: Float64Array;
  /** Edge of each cell that the beam's side sees, m: where light falls and metal boils off. */
  readonly lit: Float64Array;
  /** What each cell gives for a kelvin to a bar that lies against it, W/(m K). */
  readonly toBar: Float64Array;
  /** Furthest apart that two linked cells are in the row of cells. */
  readonly bandwidth: number;
  /** Cell at a place of the grid it was cut from, or -1: row by row from the top. */
  readonly cellAtPlace: Int32Array;
}

/** What a section is cut from. */
export interface SectionInput {
  readonly across: MeshLine;
  readonly down: MeshLine;
  /** Which sheet a place belongs to, row by row from the top; 0 where there is no metal. */
  readonly sheet: Uint8Array;
  /** Whether the first column borders on its own mirror image. */
  readonly isMirrored: boolean;
  /** The way the light comes from, a unit vector: y across, z down. */
  readonly lightFrom: readonly [y: number, z: number];
  /** Where two sheets only touch: conductivity over what a face passes in W/(m2 K), m; 0 where they are one. */
  readonly contactLength: (y: number, z: number) => number;
  /** W/(m2 K) to a bar that lies against an edge there; 0 where air does. */
  readonly barContact?: (y: number, z: number, out: Edge) => number;
}

/** The way an edge looks: y across, z down. */
type Edge = readonly [y: -1 | 0 | 1, z: -1 | 0 | 1];

/**
 * Cells of a joint's section with what passes between them.
 *
 * @example
 * cutSection({ across: meshLine(Float64Array.of(0, 1, 2)), down: meshLine(Float64Array.of(0, 1)), sheet: Uint8Array.of(1, 1), isMirrored: true, lightFrom: [0, -1], contactLength: () => 0 }).open.join() // => '2,3'
 */
export function cutSection(input: SectionInput): CrossSection {
  const { across, down, sheet } = input;
  const columns = across.widths.length;
  const placed = placesOf(sheet);
  const links = linksOf(input, placed);
  const order = bandOrder(placed.count, links);
  const section = emptySection(across, down, placed.count, links.length);
  for (let place = 0; place < sheet.length; place++) {
    const found = placed.cellAt[place] as number;
    section.cellAtPlace[place] = found < 0 ? -1 : (order[found] as number);
    if (found < 0) continue;
    const cell = order[found] as number;
    const [column, row] = [place % columns, Math.floor(place / columns)];
    section.y[cell] = across.centres[column] as number;
    section.z[cell] = down.centres[row] as number;
    section.width[cell] = across.widths[column] as number;
    section.height[cell] = down.widths[row] as number;
    addOpenEdges(input, place, cell, section);
  }
  return { ...section, bandwidth: joinLinks(links, order, section) };
}

interface Placed {
  readonly count: number;
  readonly cellAt: Int32Array;
}

/** Numbers the places that hold metal. */
function placesOf(sheet: Uint8Array): Placed {
  const cellAt = new Int32Array(sheet.length).fill(-1);
  let count = 0;
  sheet.forEach((owner, place) => {
    if (owner > 0) cellAt[place] = count++;
  });
  return { count, cellAt };
}

function linksOf(input: SectionInput, { cellAt }: Placed): CellLink[] {
  const { across, down, sheet } = input;
  const columns = across.widths.length;
  const links: CellLink[] = [];
  const join = (place: number, next: number, wide: number, far: number, y: number, z: number) => {
    const isContact = sheet[place] !== sheet[next];
    const length = far + (isContact ? input.contactLength(y, z) : 0);
    links.push({ from: cellAt[place] as number, to: cellAt[next] as number, factor: wide / length });
  };
  for (let place = 0; place < sheet.length; place++) {
    if ((cellAt[place] as number) < 0) continue;
    const [column, row] = [place % columns, Math.floor(place / columns)];
    const [y, z] = [across.centres[column] as number, down.centres[row] as number];
    const isLast = column === columns - 1;
    if (!isLast && (cellAt[place + 1] as number) >= 0)
      join(
        place,
        place + 1,
        down.widths[row] as number,
        apart(across, column),
        across.edges[column + 1] as number,
        z,
      );
    if (place + columns < sheet.length && (cellAt[place + columns] as number) >= 0)
      join(
        place,
        place + columns,
        across.widths[column] as number,
        apart(down, row),
        y,
        down.edges[row + 1] as number,
      );
  }
  return links;
}

/** From a cell's middle to the next one's. */
function apart({ centres }: MeshLine, cell: number): number {
  return (centres[cell + 1] as number) - (centres[cell] as number);
}

/** Adds the edges of a place that no metal borders on. */
function addOpenEdges(input: SectionInput, place: number, cell: number, section: CrossSection): void {
  const { across, down, sheet, isMirrored, lightFrom, barContact } = input;
  const columns = across.widths.length;
  const [column, row] = [place % columns, Math.floor(place / columns)];
  const width = across.widths[column] as number;
  const height = down.widths[row] as number;
  const [y, z] = [across.centres[column] as number, down.centres[row] as number];
  const sides: readonly { next: number | undefined; length: number; out: Edge }[] = [
    { next: column > 0 ? sheet[place - 1] : isMirrored ? 1 : 0, length: height, out: [-1, 0] },
    { next: column < columns - 1 ? sheet[place + 1] : 0, length: height, out: [1, 0] },
    { next: row > 0 ? sheet[place - columns] : 0, length: width, out: [0, -1] },
    { next: sheet[place + columns], length: width, out: [0, 1] },
  ];
  for (const { next, length, out } of sides) {
    if ((next ?? 0) > 0) continue;
    const bar = barContact?.(y, z, out) ?? 0;
    if (bar > 0) section.toBar[cell] = (section.toBar[cell] as number) + bar * length;
    else section.open[cell] = (section.open[cell] as number) + length;
    const facing = out[0] * lightFrom[0] + out[1] * lightFrom[1];
    if (facing > 0.1) section.lit[cell] = (section.lit[cell] as number) + length * facing;
  }
}

/** Writes the links in the order of the cells and answers how far apart they reach. */
function joinLinks(links: readonly CellLink[], order: Int32Array, section: CrossSection): number {
  let bandwidth = 0;
  links.forEach(({ from, to, factor }, at) => {
    const [a, b] = [order[from] as number, order[to] as number];
    section.linkFrom[at] = Math.min(a, b);
    section.linkTo[at] = Math.max(a, b);
    section.linkFactor[at] = factor;
    bandwidth = Math.max(bandwidth, Math.abs(a - b));
  });
  return bandwidth;
}

function emptySection(across: MeshLine, down: MeshLine, cells: number, links: number): CrossSection {
  const perCell = () => new Float64Array(cells);
  return {
    across,
    down,
    cells,
    y: perCell(),
    z: perCell(),
    width: perCell(),
    height: perCell(),
    linkFrom: new Int32Array(links),
    linkTo: new Int32Array(links),
    linkFactor: new Float64Array(links),
    open: perCell(),
    lit: perCell(),
    toBar: perCell(),
    bandwidth: 0,
    cellAtPlace: new Int32Array(across.widths.length * down.widths.length),
  };
}

/**
 * Half of a plate, from the seam's middle outwards: the other half mirrors it.
 *
 * @param across from 0, the seam's middle
 * @param down from 0, the face, to the thickness
 */
export function halfPlate(across: MeshLine, down: MeshLine): CrossSection {
  const sheet = new Uint8Array(across.widths.length * down.widths.length).fill(1);
  return cutSection({ across, down, sheet, isMirrored: true, lightFrom: [0, -1], contactLength: () => 0 });
}
