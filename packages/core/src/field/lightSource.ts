import { wobbleOffsetInto, type Wobble } from '../beam/index.js';
import { normalCdf } from '../numeric/index.js';
import type { CrossSection } from './crossSection.js';
import type { MeshLine } from './gradedLine.js';

/** Light that is taken around the gun, all SI. */
export interface LightInput {
  /** W that stay in the metal of the section; of a half section half of what is taken. */
  readonly absorbed: number;
  /** Diameter of the beam on the sheet, 1/e2. */
  readonly spot: number;
  readonly wobble: Wobble;
  /** Share that is let go along the keyhole, 0 to 1; the rest on the lit face. */
  readonly columnShare: number;
  /** Depth of the keyhole along the beam, m. */
  readonly columnDepth: number;
  /** Where the beam meets the metal, in the section: y across, z down. */
  readonly at: readonly [y: number, z: number];
  /** The way the light comes from, a unit vector. */
  readonly from: readonly [y: number, z: number];
}

/** Places of a cycle at which the beam is put down. */
const placesInCycle = 128;

/**
 * W in each cell, averaged over whole cycles in the frame that travels with the gun: a Gaussian along the flow and
 * across the beam, evenly down the keyhole's depth for its share and on the lit faces for the rest. Adds up to what is absorbed.
 *
 * @param along from ahead of the gun, at 0, to behind it
 * @returns section cell by cell, along the flow in each
 */
export function lightSource(input: LightInput, section: CrossSection, along: MeshLine): Float64Array {
  const { wobble, spot } = input;
  const deviation = spot / 4;
  const count = along.widths.length;
  const heat = new Float64Array(section.cells * count);
  const places = wobble.shape === 'none' ? 1 : placesInCycle;
  const offset = new Float64Array(2);
  const alongShare = new Float64Array(count);
  const acrossShare = new Float64Array(section.cells);
  for (let place = 0; place < places; place++) {
    wobbleOffsetInto(wobble, place / places, offset);
    alongSharesInto(along, -(offset[0] as number), deviation, alongShare);
    acrossSharesInto(input, section, offset[1] as number, acrossShare);
    addProduct(acrossShare, alongShare, heat);
  }
  return scaledTo(input.absorbed, heat);
}

function alongSharesInto({ edges }: MeshLine, middle: number, deviation: number, into: Float64Array): void {
  let before = normalCdf(((edges[0] as number) - middle) / deviation);
  for (let i = 0; i < into.length; i++) {
    const after = normalCdf(((edges[i + 1] as number) - middle) / deviation);
    into[i] = after - before;
    before = after;
  }
}

/** Share of the light that a cell takes of a beam that stands so far to the side. */
function acrossSharesInto(input: LightInput, section: CrossSection, aside: number, into: Float64Array): void {
  const { at, from, columnShare, columnDepth, spot } = input;
  // Unit vectors down the beam and across it.
  const [downY, downZ] = [-from[0], -from[1]];
  const [sideY, sideZ] = [downZ, -downY];
  const deviation = spot / 4;
  for (let cell = 0; cell < section.cells; cell++) {
    const width = section.width[cell] as number;
    const height = section.height[cell] as number;
    const dy = (section.y[cell] as number) - at[0];
    const dz = (section.z[cell] as number) - at[1];
    const side = dy * sideY + dz * sideZ;
    const halfSide = (Math.abs(sideY) * width + Math.abs(sideZ) * height) / 2;
    const hit = hitShare(side - aside, halfSide, deviation);
    if (hit < 1e-9) {
      into[cell] = 0;
      continue;
    }
    const deep = dy * downY + dz * downZ;
    const halfDeep = (Math.abs(downY) * width + Math.abs(downZ) * height) / 2;
    const inColumn = Math.max(0, Math.min(deep + halfDeep, columnDepth) - Math.max(deep - halfDeep, 0));
    const faced = (section.lit[cell] as number) / (2 * halfSide);
    const sheer = (width * height) / (4 * halfSide * halfDeep);
    into[cell] = hit * ((columnShare * sheer * inColumn) / columnDepth + (1 - columnShare) * faced);
  }
}

function hitShare(side: number, half: number, deviation: number): number {
  return normalCdf((side + half) / deviation) - normalCdf((side - half) / deviation);
}

function addProduct(across: Float64Array, along: Float64Array, into: Float64Array): void {
  const count = along.length;
  for (let cell = 0; cell < across.length; cell++) {
    const share = across[cell] as number;
    if (share === 0) continue;
    for (let i = 0; i < count; i++)
      into[cell * count + i] = (into[cell * count + i] as number) + share * (along[i] as number);
  }
}

function scaledTo(total: number, heat: Float64Array): Float64Array {
  let sum = 0;
  for (const each of heat) sum += each;
  const scale = total / sum;
  for (let i = 0; i < heat.length; i++) heat[i] = (heat[i] as number) * scale;
  return heat;
}
