import { inMm, type TintBands, type WeldConsequences } from '@lone-heron/core';

/** What a weld leaves to be cleaned off: how wide everything coloured is, and the melt that met air behind. */
export interface SeamColour {
  readonly besideMm: number;
  readonly behindMm: number;
  /** 0 where it did not come through. */
  readonly sugarMm: number;
}

/** The computed colour of a seam, in air; null for metals that show none. */
export function seamColour({ tint, bead }: Pick<WeldConsequences, 'tint' | 'bead'>): SeamColour | null {
  if (tint === null) return null;
  return {
    besideMm: widest(tint.front),
    behindMm: widest(tint.back),
    sugarMm: inMm(bead.rootWidth),
  };
}

const widest = (bands: TintBands) => Math.max(...Object.values(bands).map(inMm));
